import fc from "fast-check";
import type { KnitRow } from "@/core/knitting/knitRows";
import { rowLines } from "./rowLines";

/** Rows that say these texts, with what else a row has. */
const rowsOf = (texts: readonly string[], repeat: number | null): readonly KnitRow[] =>
  texts.map(
    (text, at) =>
      ({
        row: at + 1,
        sectionId: "one",
        side: "whole",
        wrongSide: null,
        stitches: 20,
        before: [],
        yarnIds: ["yarn"],
        ofRepeat: repeat === null ? null : { row: (at % repeat) + 1, rows: repeat },
        stretches: [{ text, marker: null, crosses: false }],
      }) as unknown as KnitRow,
  );

/** What the lines say, row by row, read as a knitter would. */
function unfolded(lines: ReturnType<typeof rowLines>): readonly string[] {
  const texts: string[] = [];
  for (const { rows, text } of lines) {
    const [from = 0, to = from] = rows.split("–").map(Number);
    const like = /^as rows (\d+)–(\d+), in turn$/.exec(text);
    for (let row = from; row <= to; row += 1) {
      if (!like) texts.push(text);
      else {
        const [first, last] = [Number(like[1]), Number(like[2])];
        texts.push(texts[first - 1 + ((row - from) % (last - first + 1))] ?? "nothing");
      }
    }
  }
  return texts;
}

test("rows that come again are told by the rows that they are like", () => {
  const lines = rowLines(rowsOf(["a", "b", "c", "d", "a", "b", "c", "d", "a", "b"], 4));
  expect(lines.map(({ rows, text }) => `${rows}: ${text}`)).toEqual([
    "1: a",
    "2: b",
    "3: c",
    "4: d",
    "5–10: as rows 1–4, in turn",
  ]);
});

test("whoever works what is written works just the rows that there are, whatever they are", () => {
  const texts = fc.array(fc.constantFrom("a", "b", "c"), { maxLength: 60 });
  fc.assert(
    fc.property(texts, fc.option(fc.integer({ min: 1, max: 6 })), (all, repeat) => {
      expect(unfolded(rowLines(rowsOf(all, repeat)))).toEqual(all);
    }),
    { numRuns: 1000 },
  );
});
