/** The last words of a run that failed: each test with the first line of what was wrong and where, nothing else. */
import type { Reporter, TestCase, TestError, TestResult } from "@playwright/test/reporter";

// Playwright colours what it says; in a log that is noise.
const COLOUR = /\u001B\[[\d;]*m/g;

const lines = (text: string) =>
  text
    .replaceAll(COLOUR, "")
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);

/** What an error says, in so many lines, and the place in our own tests. */
function told({ message = "", stack = "" }: TestError): readonly string[] {
  const place = lines(stack).find((line) => line.includes("/e2e/"));
  return [...lines(message).slice(0, 4), ...(place ? [place] : [])];
}

export default class Failures implements Reporter {
  private readonly words: string[] = [];

  onTestEnd(test: TestCase, { status, errors, duration }: TestResult) {
    if (status === test.expectedStatus || status === "skipped") return;
    this.words.push(
      `${test.titlePath().slice(2).join(" › ")} (${status}, ${(duration / 1000).toFixed(0)} s)`,
    );
    for (const error of errors) this.words.push(...told(error).map((line) => `    ${line}`));
  }

  onEnd() {
    if (this.words.length > 0) process.stdout.write(`\n=== what failed\n${this.words.join("\n")}\n`);
  }
}
