/** The last words of a run that failed: each test with what was wrong and where, and what stood on its page then. */
import { readFileSync } from "node:fs";
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
  return [...lines(message).slice(0, 9), ...(place ? [place] : [])];
}

/** What a page showed, as the runner wrote it down beside the failure; so many lines of it. */
function shown({ attachments }: TestResult): readonly string[] {
  const file = attachments.find(({ name }) => name === "error-context")?.path;
  const snapshot = file && /```yaml\n([\s\S]*?)```/.exec(readFileSync(file, "utf8"))?.[1];
  return snapshot ? ["page:", ...snapshot.split("\n").slice(0, MOST_SHOWN)] : [];
}
const MOST_SHOWN = 12;

export default class Failures implements Reporter {
  private readonly words: string[] = [];

  onTestEnd(test: TestCase, result: TestResult) {
    const { status, errors, duration } = result;
    if (status === test.expectedStatus || status === "skipped") return;
    this.words.push(
      `${test.titlePath().slice(2).join(" › ")} (${status}, ${(duration / 1000).toFixed(0)} s)`,
    );
    for (const error of errors) this.words.push(...told(error).map((line) => `    ${line}`));
    this.words.push(...shown(result).map((line) => `    ${line}`));
  }

  onEnd() {
    if (this.words.length > 0) process.stdout.write(`\n=== what failed\n${this.words.join("\n")}\n`);
  }
}
