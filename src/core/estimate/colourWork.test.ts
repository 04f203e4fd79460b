import fc from "fast-check";
import { newSection, type FabricSection } from "../files/sections";
import { colourBands } from "../garment/colourBands";
import { outlineOf } from "../garment/outline";
import { reckoned, projectOf, rectangleOf } from "./anyProject";
import { bandRuns, colourExtras, sharing } from "./colourWork";
import { tallyRow } from "./tally";

const [main] = projectOf([]).yarns;
if (!main) throw new Error("no yarn");
const yarns = ["yarn-1", "b", "c"].map((id) => ({ ...main, id }));

const fabricOf = (colours: FabricSection["colours"], rows = 12) =>
  ({ content: "ground", ground: "stockinette", rows, colours }) as const;

const coloured = (colours: FabricSection["colours"], rows?: number) =>
  reckoned(
    projectOf(
      [
        {
          ...rectangleOf(fabricOf(colours, rows)),
          sections: rectangleOf(fabricOf(colours, rows)).sections.map((section) =>
            section.kind === "castOn" ? { ...section, stitches: 60 } : section,
          ),
        },
      ],
      { yarns },
    ),
  );

const bands = (...counts: readonly [string, number][]) =>
  counts.map(([yarnId, count]) => ({ yarnId, count }));

test("stripes share the rows, areas the stitches, and together they take what one yarn takes", () => {
  const plain = (answer: ReturnType<typeof coloured>, yarnId?: string) =>
    answer.estimate.lines
      .filter((line) => line.part === "plain" && (yarnId === undefined || line.yarnId === yarnId))
      .reduce((sum, { mm }) => sum + mm, 0);
  const one = plain(coloured({ kind: "one", bands: [], carried: true }));
  const stripes = coloured({ kind: "stripes", carried: true, bands: bands(["yarn-1", 2], ["b", 1]) });
  expect(plain(stripes) / one).toBeCloseTo(1, 9);
  expect(plain(stripes, "b") / one).toBeCloseTo(1 / 3, 9);
  const areas = coloured({ kind: "areas", carried: true, bands: bands(["yarn-1", 15], ["b", 30], ["c", 1]) });
  expect(plain(areas) / one).toBeCloseTo(1, 9);
  expect(["yarn-1", "b", "c"].map((id) => plain(areas, id) / one)).toEqual([
    expect.closeTo(0.25, 9),
    expect.closeTo(0.5, 9),
    expect.closeTo(0.25, 9),
  ]);
});

test("carried yarn passes rows, cut yarn has two ends a stripe, areas twist at their borders", () => {
  const extras = (colours: FabricSection["colours"]) =>
    colourExtras(newSection("fabric", "f", fabricOf(colours)), 12);
  const two = bands(["yarn-1", 2], ["b", 4]);
  expect(extras({ kind: "stripes", carried: true, bands: two })).toEqual([
    { yarnId: "yarn-1", ends: 2, carriedRows: 4, twists: 0 },
    { yarnId: "b", ends: 2, carriedRows: 2, twists: 0 },
  ]);
  expect(extras({ kind: "stripes", carried: false, bands: two }).map(({ ends }) => ends)).toEqual([4, 4]);
  expect(
    extras({ kind: "areas", carried: true, bands: bands(["yarn-1", 5], ["b", 5], ["c", 5]) }).map(
      ({ twists }) => twists,
    ),
  ).toEqual([12, 24, 12]);
  expect(extras({ kind: "one", carried: true, bands: [] })).toEqual([]);
});

test("a row split among areas keeps every stitch and every crossing", () => {
  const counts = fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 5 });
  const fabric = reckoned(projectOf([rectangleOf({ content: "ropes", ropes: 4, rows: 4 })]));
  const rows = fabric.estimate.pieces[0]?.sections[1]?.worked.rows ?? [];
  fc.assert(
    fc.property(counts, (each) => {
      const colours = {
        kind: "areas" as const,
        carried: true,
        bands: each.map((count, index) => ({ yarnId: `${index}`, count })),
      };
      const share = sharing(newSection("fabric", "f", { content: "ropes", colours }), "yarn-1");
      for (const [index, { row }] of rows.entries()) {
        const parts = share(row, index).map((part) => tallyRow(part.row));
        const whole = tallyRow(row);
        expect(parts.reduce((sum, { stitches }) => sum + stitches, 0)).toBe(whole.stitches);
        const crossings = parts
          .flatMap((part) => [...part.crossings.values()])
          .reduce((sum, count) => sum + count, 0);
        expect(crossings).toBe([...whole.crossings.values()].reduce((sum, count) => sum + count, 0));
      }
    }),
  );
});

test("bands lie one on the other in the drawing, or side by side", () => {
  const two = bands(["yarn-1", 2], ["b", 1]);
  expect(bandRuns(two, 4)).toEqual([
    { yarnId: "yarn-1", from: 0, to: 2 },
    { yarnId: "b", from: 2, to: 3 },
    { yarnId: "yarn-1", from: 3, to: 4 },
  ]);
  for (const kind of ["stripes", "areas"] as const) {
    const answer = coloured({ kind, carried: true, bands: two }, 6);
    const piece = answer.estimate.pieces[0];
    const worked = piece?.sections.map((section) => section.worked) ?? [];
    const [part] = piece ? outlineOf(worked, piece.estimate.plain) : [];
    const drawn = part && worked[1] ? colourBands(part, worked[1]) : [];
    const area = drawn.reduce(
      (sum, band) => sum + (band.leftMm - band.rightMm) * (band.toMm - band.fromMm),
      0,
    );
    expect(area).toBeCloseTo((piece?.estimate.widthMm ?? 0) * (piece?.estimate.heightMm ?? 0), 3);
  }
});
