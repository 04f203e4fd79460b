/** Two hundred patterns as people write them, with their right answers: none may be misread in silence. */
import fc from "fast-check";
import patterns from "@testing/patterns/written.json";
import { crossingsOf, facesOfRow, stitchesUsedBy, type PanelRow } from "../panels/panel";
import { widthOf } from "../stitches/crossings";
import { isWrong } from "./findings";
import { readPattern } from "./read";

interface Expected {
  readonly stitches?: number;
  readonly rows?: number;
  /** The row that is wrong, or those that may be named for it; 0 is the text before the rows. */
  readonly error?: number | readonly number[];
}

interface Pattern {
  readonly id: string;
  readonly text: string;
  readonly expect: Expected;
  readonly crossings?: readonly { readonly row: number; readonly span: number; readonly lean: string }[];
  readonly ambiguous?: boolean;
  readonly stitchesAlsoRight?: readonly number[];
  readonly rowsAlsoRight?: readonly number[];
  /** The faces of rows by their number, the parts of its one crossing (`x`), or its one bobble. */
  readonly rightSideShows?: Readonly<Record<string, string | readonly number[]>>;
}

type Rows = readonly PanelRow[];

/** Each crossing as it is told apart: its row, its stitches, and its lean. */
const crossed = (rows: Rows) =>
  rows.flatMap((row, at) =>
    crossingsOf(row).map((one) => `${at + 1} ${widthOf(one)} ${one.lean === "left" ? "L" : "R"}`),
  );

/** What is seen on the right side, in the words of the answers. */
function seen(rows: Rows, what: string): string {
  if (what === "x")
    return (
      rows
        .flatMap(crossingsOf)
        .map(({ front, centre, back }) => [front, centre, back])[0]
        ?.join() ?? ""
    );
  if (what === "bobble")
    return (
      rows
        .flat()
        .flatMap((work) =>
          "operation" in work ? (/^bobble (.*)/.exec(work.operation.id)?.[1] ?? []) : [],
        )[0] ?? ""
    );
  return facesOfRow(rows[Number(what) - 1] ?? [])
    .map(([letter]) => letter)
    .join("");
}

const sorted = (list: readonly string[]) => [...list].sort().join("; ");

/** What becomes of a pattern: "right", or in a few words what does not. */
function verdictOn({ text, expect: expected, crossings, rightSideShows = {}, ...also }: Pattern): string {
  const { panel, complete, findings } = readPattern(text);
  const wrong = findings.filter(isWrong);
  if (also.ambiguous) return wrong.length > 0 ? "right" : "not asked";
  if (expected.error !== undefined) {
    const rows = [expected.error].flat();
    if (wrong.length === 0) return "error missed";
    return wrong.some(({ row }) => rows.includes(row ?? 0)) ? "right" : "error named elsewhere";
  }
  if (!panel || !complete || wrong.length > 0) return "refused";
  const takes = stitchesUsedBy(panel.rows[0] ?? []);
  const { length } = panel.rows;
  if (![expected.stitches, ...(also.stitchesAlsoRight ?? [])].includes(takes))
    return `misread: ${takes} stitches`;
  if (![expected.rows, ...(also.rowsAlsoRight ?? [])].includes(length)) return `misread: ${length} rows`;
  const unlike = Object.entries(rightSideShows).find(
    ([what, shown]) => seen(panel.rows, what) !== [shown].flat().join(),
  );
  if (unlike) return `misread: ${unlike[0]} shows ${seen(panel.rows, unlike[0])}`;
  // Over another count that is right too there are as many crossings more.
  if (!crossings || takes !== expected.stitches) return "right";
  const told = sorted(crossed(panel.rows));
  const right = crossings
    .filter(({ row }) => row <= length)
    .map(({ row, span, lean }) => `${row} ${span} ${lean}`);
  return told === sorted(right) ? "right" : `misread: ${told}`;
}

/** 2 + 6 + 4 stitches: its answer, 6 or 10, forgets two of them. */
const ANSWERED_WRONG: Readonly<Record<string, string>> = { s74: "misread: 12 stitches" };

test("two hundred patterns as they are written: read right, or refused where they are wrong or mean two things", () => {
  const verdicts = (patterns as unknown as readonly Pattern[]).map(
    (one) => [one.id, verdictOn(one)] as const,
  );
  const others = verdicts.filter(([, verdict]) => verdict !== "right");
  expect(Object.fromEntries(others)).toEqual(ANSWERED_WRONG);
});

const all = patterns as unknown as readonly Pattern[];
const isRight = ({ text }: Pattern) => !readPattern(text).findings.some(isWrong);

/** Rows that follow those below whatever they are: nothing contradicts another count. */
const NOTHING_CONTRADICTS: readonly string[] = ["m78", "m79"];

test("one stitch too many, wherever it is written, is told", () => {
  const missed = all.filter(isRight).flatMap(({ id, text }) =>
    [...text.matchAll(/\b([kp])(\d+)\b(?!tog)/gi)].flatMap(({ index, 0: said, 1: letter = "", 2: count }) => {
      const more = text.slice(0, index) + letter + (Number(count) + 1) + text.slice(index + said.length);
      return readPattern(more).findings.some(isWrong) ? [] : [id];
    }),
  );
  expect([...new Set(missed)].sort()).toEqual(NOTHING_CONTRADICTS);
});

const PIECES = [
  ..."k4 |p2, |C4B |* |rep from * |[ |] |) |( |Row 3: |(RS) |Rows 2–9 |as row 2 |\n|. |, |: |= |twice |sl 2 sts to cn |from cn |cn |turn |in next st |multiple of |every |99 |½|**|| |— |yf |psso |MB |rep rows 1-4 |work 4 rows even ".split(
    "|",
  ),
];

test("five thousand patterns damaged in some places: nothing throws, and what is told lies within the text", () => {
  const damage = fc.record({ at: fc.nat(), cut: fc.nat({ max: 12 }), put: fc.constantFrom(...PIECES) });
  fc.assert(
    fc.property(
      fc.constantFrom(...all),
      fc.array(damage, { minLength: 1, maxLength: 5 }),
      ({ text }, damages) => {
        const damaged = damages.reduce((now, { at, cut, put }) => {
          const place = at % (now.length + 1);
          return now.slice(0, place) + put + now.slice(place + cut);
        }, text);
        const { findings, panel, numbers } = readPattern(damaged);
        expect(numbers).toHaveLength(panel?.rows.length ?? 0);
        for (const { from, to, mends } of findings) {
          expect(from).toBeLessThanOrEqual(to);
          expect(to).toBeLessThanOrEqual(damaged.length);
          for (const { edit } of mends) expect(edit.to).toBeLessThanOrEqual(damaged.length);
        }
      },
    ),
    { numRuns: 5000 },
  );
}, 120_000);

/** Those that no mend is offered for, since only whoever wrote them knows: a sentence is at least called a note. */
test("each mend that is offered can be pressed, and settles what it was offered for", () => {
  for (const { text } of all) {
    const before = readPattern(text).findings;
    for (const finding of before.filter(isWrong))
      for (const { edit } of finding.mends.slice(0, 1)) {
        const mended = text.slice(0, edit.from) + edit.text + text.slice(edit.to);
        const same = readPattern(mended).findings.filter(
          ({ message, row, severity }) =>
            severity === finding.severity && row === finding.row && message.code === finding.message.code,
        );
        const was = before.filter(
          ({ message, row, severity }) =>
            severity === finding.severity && row === finding.row && message.code === finding.message.code,
        );
        expect(same.length).toBeLessThan(was.length);
      }
  }
});
