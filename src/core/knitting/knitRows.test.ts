/** Rows in hand against the reader: what is told of a row, read again, is that row. */
import fc from "fast-check";
import { anyProject, answerTo, cabledBack } from "@testing/anyProject";
import { sentence } from "@testing/sentence";
import { demoProject } from "@/demo/slipover";
import { readPattern } from "../instructions/read";
import { keyOfRow, stitchesUsedBy } from "../panels/panel";
import { knitRows } from "./knitRows";

const style = { naming: "halves", words: "US" } as const;

function inHand(project: ReturnType<typeof demoProject>, pieceId: string, from = 1, to = 10_000) {
  const answer = answerTo(project);
  const piece = project.pieces.find(({ id }) => id === pieceId);
  const worked = answer.known ? answer.worked.get(pieceId) : undefined;
  if (!piece || !worked) throw new Error("it is not worked");
  return {
    ...knitRows(worked.sections, piece, { from, to, style, nameOf: (id) => id }),
    sections: worked.sections,
  };
}

test("whatever is worked: a row told stretch by stretch and read again is the row", () => {
  let seen = 0;
  fc.assert(
    fc.property(anyProject, (project) => {
      const answer = answerTo(project);
      if (!answer.known) return;
      for (const { id } of project.pieces) {
        const worked = answer.worked.get(id);
        if (!worked) continue;
        const { rows, meanings, sections } = inHand(project, id, 1, 40);
        const all = sections.flatMap((section) => section.rows);
        for (const { row, wrongSide, stretches, stitches } of rows) {
          const works = all[row - 1]?.row ?? [];
          if (
            works.some(
              (work) => "operation" in work && /^(rest|turn|pickUp|castOn|castOff)/.test(work.operation.id),
            )
          )
            continue;
          const text = [
            ...meanings,
            `${wrongSide === null ? "Rnd" : "Row"} 1${wrongSide ? " (WS)" : ""}: ${stretches.map((one) => one.text).join(", ")}.`,
          ].join("\n");
          const read = readPattern(text, stitchesUsedBy(works));
          expect(
            read.findings
              .filter(({ severity }) => severity === "error")
              .map(({ message }) => sentence(message)),
          ).toEqual([]);
          expect(keyOfRow(read.panel?.rows[0] ?? [])).toBe(keyOfRow(works));
          expect(all[row - 1]?.stitches).toBe(stitches);
          seen += 1;
        }
      }
    }),
    { numRuns: 30 },
  );
  expect(seen).toBeGreaterThan(300);
});

test("the back of the slipover: what is cast on, the markers between the ropes, the next crossing", () => {
  const { rows, all } = inHand(demoProject(), "back");
  const [first] = rows;
  expect(sentence(first?.before[0])).toBe("Cast on 94 stitches, long-tail");
  const crossing = rows.find(({ stretches }) => stretches.some(({ crosses }) => crosses));
  expect(crossing?.stretches.filter(({ crosses }) => crosses)).toHaveLength(11);
  expect(sentence(crossing?.ahead[0])).toMatch(/^This row: 3\/3 [LR]C at markers 1 to 11$/);
  const before = rows[(crossing?.row ?? 0) - 3];
  expect(sentence(before?.ahead[0])).toMatch(/^In 2 rows: 3\/3 [LR]C at markers 1 to 11$/);
  // Markers stand between the stretches, and are met the other way round on the wrong side.
  const back = rows[crossing?.row ?? 0];
  expect(back?.wrongSide).toBe(true);
  expect(back?.stretches.map(({ marker }) => marker)).toEqual(
    [...(crossing?.stretches ?? [])]
      .reverse()
      .flatMap((_, index, { length }) => [index === length - 1 ? null : length - 1 - index]),
  );
  expect(rows).toHaveLength(all);
});

test("what ends soon is told beforehand, in the rows before it", () => {
  const { rows } = inHand(demoProject(), "back");
  const said = (row: number) => rows[row - 1]?.ahead.map(sentence).join(" | ") ?? "";
  const rib = rows.findIndex(({ sectionId }) => sectionId !== rows[0]?.sectionId);
  expect(said(rib)).toContain("After this row: increase from 94 to 116 stitches, evenly");
  expect(said(rib - 2)).toContain("In 2 rows: increase from 94 to 116");
  expect(said(rib - 6)).not.toContain("increase");
});

test("a change of yarn is told of four rows ahead, and which yarns come", () => {
  const project = cabledBack();
  const striped = {
    ...project,
    yarns: [...project.yarns, { ...demoProject().yarns[0], id: "b", name: "b" }] as typeof project.yarns,
    pieces: project.pieces.map((piece) => ({
      ...piece,
      sections: piece.sections.map((section) =>
        section.kind === "fabric"
          ? {
              ...section,
              colours: {
                ...section.colours,
                kind: "stripes" as const,
                bands: [
                  { yarnId: project.yarns[0]?.id ?? "", count: 6 },
                  { yarnId: "b", count: 2 },
                ],
              },
            }
          : section,
      ),
    })),
  };
  const { rows } = inHand(striped, striped.pieces[0]?.id ?? "", 1, 60);
  let told = 0;
  rows.slice(0, -5).forEach(({ yarnIds, ahead }, at) => {
    const next = rows.findIndex((row, index) => index > at && row.yarnIds.join() !== yarnIds.join());
    const said = ahead.find(({ code }) => code === "colourAhead");
    expect(said?.given).toEqual(
      next > 0 && next - at <= 4 ? { rows: next - at, yarns: rows[next]?.yarnIds } : undefined,
    );
    if (said) told += 1;
  });
  expect(told).toBeGreaterThan(10);
});
