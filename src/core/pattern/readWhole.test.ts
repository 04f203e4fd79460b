import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import fc from "fast-check";
import { sentence } from "@testing/sentence";
import { Engine } from "../engine/engine";
import { seenOf } from "../engine/seen";
import { checkProject } from "../files/projectFile";
import type { Project } from "../project/project";
import { toEnd } from "../steps";
import { readWhole } from "./readWhole";
import type { TakenPhrase, WholePattern } from "./taken";

const FOLDER = path.join(__dirname, "../../../testing/patterns/whole");
const PATTERNS = readdirSync(FOLDER).map((file) => ({
  name: path.basename(file, ".txt"),
  text: readFileSync(path.join(FOLDER, file), "utf8"),
}));

/** Each pattern in each of its sizes. */
const EACH = PATTERNS.flatMap(({ name, text }) =>
  Array.from({ length: Math.max(1, readWhole(text).sizes.length) }, (_, size) => ({ name, text, size })),
);

const told = ({ text, taken }: TakenPhrase): string | null =>
  taken.as === "unread"
    ? `${text}: ${sentence(taken.why)}`
    : taken.as === "work" && taken.wrong
      ? `${text}: ${sentence(taken.wrong)}`
      : null;

const allTold = ({ phrases }: WholePattern) => phrases.flatMap((phrase) => told(phrase) ?? []);

function answerOf(project: Project) {
  const engine = new Engine();
  const seen = seenOf(toEnd(engine.at(project).answer()), engine.layOf(project));
  if (!seen.known) throw new Error("no answer");
  return seen;
}

/** Stitches behind each section, as the piece is really worked. */
const countsOf = (project: Project) =>
  new Map(
    answerOf(project).estimate.pieces.flatMap(({ sections }) =>
      sections.toReversed().map(({ sectionId, to }) => [sectionId, to] as const),
    ),
  );

test.each(EACH)(
  "all of $name in size $size is understood, and its counts are those that it prints",
  ({ text, size }) => {
    const read = readWhole(text, { size });
    expect(allTold(read)).toEqual([]);
    const { project } = read;
    if (!project) throw new Error("no project");
    expect(checkProject(JSON.parse(JSON.stringify(project)))).toEqual({ ok: true, project });
    const answer = answerOf(project);
    expect(answer.findings.filter(({ leftOut }) => leftOut).map(({ message }) => sentence(message))).toEqual(
      [],
    );
    const counts = countsOf(project);
    const checked = read.phrases.flatMap(({ printed, taken }) => {
      const last = taken.as === "work" ? taken.sections.at(-1) : undefined;
      return printed === null || last === undefined ? [] : [[printed, counts.get(last)]];
    });
    for (const [printed, counted] of checked) expect(counted).toBe(printed);
  },
);

test("there is something to check in all of them", () => {
  const printed = EACH.flatMap(({ text, size }) =>
    readWhole(text, { size }).phrases.filter((phrase) => phrase.printed !== null),
  );
  expect(printed.length).toBeGreaterThan(60);
});

test("a printed count that is one off is told, wherever it stands", () => {
  for (const { text } of PATTERNS) {
    const read = readWhole(text);
    for (const phrase of read.phrases) {
      if (phrase.printed === null || phrase.taken.as !== "work") continue;
      const behind = text.slice(phrase.from, phrase.to);
      // The count of the first size stands before those of the others.
      const wrong = behind.replace(
        /(\d+)((?:\s*\([^()]*\)|(?:,\s*\d+)+)?\s*st(?:s|itches)?\b[^\d]*)$/,
        (_, count: string, rest: string) => `${Number(count) + 1}${rest}`,
      );
      expect(wrong).not.toBe(behind);
      const damaged = readWhole(text.slice(0, phrase.from) + wrong + text.slice(phrase.to));
      expect({ wrong, told: allTold(damaged).length > 0 }).toEqual({ wrong, told: true });
    }
  }
});

test("a sentence that is not understood stands in its piece, and the answer says that it is missing", () => {
  const text =
    "Scarf\nCast on 40 sts.\nWork in garter st for 20 cm.\nDo the frobbly thing over 12 sts.\nWork in garter st for 20 cm.\nBind off.";
  const read = readWhole(text);
  expect(allTold(read)).toEqual(["Do the frobbly thing over 12 sts.: Not understood."]);
  const { project } = read;
  if (!project) throw new Error("no project");
  expect(answerOf(project).findings.some(({ leftOut }) => leftOut)).toBe(true);
  const settled = readWhole(text, { settled: { "Do the frobbly thing over 12 sts.": "" } });
  expect(allTold(settled)).toEqual([]);
  const otherwise = readWhole(text, { settled: { "Do the frobbly thing over 12 sts.": "Knit 2 rows." } });
  expect(allTold(otherwise)).toEqual([]);
  expect(otherwise.project?.pieces[0]?.sections).toHaveLength(5);
});

test("whatever the text, it does not throw, and each phrase lies where it says", () => {
  const lines = PATTERNS.flatMap(({ text }) => text.split("\n"));
  const any = fc.oneof(
    fc.string({ maxLength: 300 }),
    fc.array(fc.constantFrom(...lines), { maxLength: 25 }).map((some) => some.join("\n")),
    fc
      .array(fc.oneof(fc.constantFrom(...lines), fc.string({ maxLength: 30 })), { maxLength: 12 })
      .map((some) => some.join(" ")),
  );
  fc.assert(
    fc.property(any, (text) => {
      const { phrases } = readWhole(text);
      let last = 0;
      for (const { from, to } of phrases) {
        expect(from).toBeGreaterThanOrEqual(last);
        expect(to).toBeGreaterThan(from);
        last = to;
      }
      expect(last).toBeLessThanOrEqual(text.length);
    }),
    { numRuns: 150 },
  );
});

test("nothing of a pattern is dropped: every letter that is not a blank stands in a phrase", () => {
  for (const { text } of PATTERNS) {
    const { phrases } = readWhole(text);
    let rest = text;
    for (const { from, to } of phrases.toReversed()) rest = rest.slice(0, from) + rest.slice(to);
    expect(rest.replace(/[\s*]/g, "")).toBe("");
  }
});

test("stars by themselves mark what another piece comes back to", () => {
  const back =
    "Back\n** Cast on 80 sts. Work in k2, p2 rib for 6 cm.\nBind off 5 sts at beg of next 2 rows. (70 sts) **\nWork even until armhole measures 20 cm. Bind off.";
  const kinds = (front: string) =>
    readWhole(`${back}\nFront\n${front}`).project?.pieces[1]?.sections.map(({ kind }) => kind);
  expect(kinds("Work as for back from ** to **.")).toEqual(["castOn", "fabric", "castOffAt"]);
  expect(kinds("Work as for back to **.")).toEqual(["castOn", "fabric", "castOffAt"]);
  const without = readWhole(`${back.replaceAll("**", "")}\nFront\nWork as for back from ** to **.`);
  expect(allTold(without)).toEqual(["Work as for back from ** to **.: Back has no such place."]);
});

test("a height is reckoned from the first edge, whatever was worked before it", () => {
  const before = [
    "Knit 12 rows.",
    "Work in k2, p2 rib for 6 cm.",
    "Row 1 (RS): K40.\nRow 2: P40.\nRow 3: K40.\nRow 4: P40.\nRepeat rows 1-4 six times more.",
    "Row 1: K40.\nRow 2: K40.\nRow 3: K40.",
  ];
  for (const some of before) {
    const text = `Scarf\nGauge: 20 sts and 28 rows = 10 cm\nCast on 40 sts.\n${some}\nWork in st st until scarf measures 40 cm.\nBind off.`;
    const { project } = readWhole(text);
    if (!project) throw new Error("no project");
    const height = answerOf(project).estimate.pieces[0]?.estimate.heightMm ?? 0;
    // Garter and ribs are a little lower than plain fabric: so far a reckoning in plain rows may be off.
    expect({ some, off: Math.abs(height - 400) < 14 }).toEqual({ some, off: true });
  }
});

/** Texts that would take long, or break something, if anything were done for each part of each part. */
const HOSTILE: readonly (readonly [name: string, text: string])[] = [
  ["full stops", ".".repeat(200_000)],
  ["blank lines", "\n".repeat(200_000)],
  ["brackets", "(".repeat(200_000)],
  ["sentences", "A. ".repeat(60_000)],
  ["pieces", "Back\nCast on 4 sts.\n".repeat(9000)],
  ["panels", "PANEL\nRow 1: K4.\n".repeat(10_000)],
  ["sections", `Scarf\nCast on 40 sts. ${"Bind off 1 st at beg of next 2 rows. ".repeat(5000)}`],
  ["words", `Scarf\nCast on 40 sts. Work ${"even in pattern as established ".repeat(6000)}`],
  ["panels placed", `Scarf\nCast on 40 sts.\nPlace panels: ${"k4, panel a over next 4 sts, ".repeat(6000)}`],
  ["lists of sizes", `Size: S (M, L)\nScarf\nCast on ${"40 (42, 44) ".repeat(15_000)}`],
  ["counts picked up", `Scarf\nPick up and knit ${"4 sts along ".repeat(15_000)}`],
  ["pieces like others", `Back\nCast on 4 sts.\n${"Work as for back. ".repeat(11_000)}`],
];

test.each(HOSTILE)("many %s are read, and what is too much is told", (_, text) => {
  const { phrases, project } = readWhole(text);
  expect(phrases.length).toBeLessThanOrEqual(60_001);
  if (project) expect(checkProject(JSON.parse(JSON.stringify(project))).ok).toBe(true);
});

test("whatever the figures, nothing throws, and what comes of them is a project", () => {
  const figure = fc.constantFrom("0", "1", "2", "3", "7", "999", "2001", "99999999", "1.5", "00");
  fc.assert(
    fc.property(
      fc.constantFrom(...PATTERNS),
      fc.array(figure, { minLength: 40, maxLength: 40 }),
      fc.nat(7),
      ({ text }, figures, every) => {
        let at = 0;
        const damaged = text.replace(/\d+/g, (own) => {
          at += 1;
          return at % (every + 1) === 0 ? (figures[at % figures.length] ?? own) : own;
        });
        const { project } = readWhole(damaged);
        if (project) expect(checkProject(JSON.parse(JSON.stringify(project))).ok).toBe(true);
      },
    ),
    { numRuns: 150 },
  );
});

test("what was begun of a sentence and given up leaves nothing behind: no section, and no count of one", () => {
  const back = "Back\nCast on 94 sts.\nRow 1 (RS): *K2tog, k45; rep from * to end. (92 sts)\nBind off.";
  // The front is to be as high as nothing of the back is: the sentence is given up in the middle.
  const front =
    "Front\nWork as for back until piece measures 1 cm.\nCast on 40 sts.\nKnit 4 rows.\nBind off 40 sts.";
  expect(allTold(readWhole(`${back}\n${front}`))).toHaveLength(1);
  const wrong = readWhole("Scarf\nCast on 40 sts.\nRow 1: K40. (41 sts)\nBind off.");
  expect(allTold(wrong)).toHaveLength(1);
  expect(wrong.project?.pieces[0]?.sections.map(({ kind }) => kind)).toEqual([
    "castOn",
    "written",
    "castOff",
  ]);
});
