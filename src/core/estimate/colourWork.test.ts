import fc from "fast-check";
import { newSection, type FabricSection } from "../project/sections";
import { colourBands } from "./colourBands";
import { outlineOf } from "../garment/outline";
import { answerTo, pieceOf, projectOf, calculated, rectangleOf } from "@testing/anyProject";
import { areaCounts, bandRuns, borderShift, colourExtras, sharing } from "./colourWork";
import { tallyRow } from "./tally";

const [main] = projectOf([]).yarns;
if (!main) throw new Error("no yarn");
const yarns = ["yarn-1", "b", "c"].map((id) => ({ ...main, id }));

const fabricOf = (colours: FabricSection["colours"], rows = 12) =>
  ({ content: "ground", ground: "stockinette", rows, colours }) as const;

const coloured = (colours: FabricSection["colours"], rows?: number) =>
  calculated(
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
  const fabric = calculated(projectOf([rectangleOf({ content: "ropes", ropes: 4, rows: 4 })]));
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

test("a border that moves gives to one area what it takes from the other, and comes back", () => {
  const two = bands(["yarn-1", 58], ["b", 54]);
  const to = (lean: "left" | "right") => ({
    kind: "areas" as const,
    carried: true,
    bands: two,
    moves: { stitches: 1, every: 2, lean },
  });
  const countsOf = (lean: "left" | "right") =>
    Array.from({ length: 20 }, (_, row) => areaCounts(to(lean), 112, borderShift(to(lean), row)));
  expect(countsOf("left")[0]).toEqual([58, 54]);
  expect(countsOf("left")[19]).toEqual([67, 45]);
  expect(countsOf("right")[19]).toEqual([49, 63]);
  expect(countsOf("left").every(([right = 0, left = 0]) => right + left === 112)).toBe(true);
  // Further than the edge it cannot move: the other area takes all.
  expect(areaCounts(to("right"), 112, -80)).toEqual([0, 112]);
});

test("a cast-on, a hem and a cast-off in another yarn take theirs from that yarn", () => {
  const one = (yarnId: string) => ({ kind: "one" as const, carried: true, bands: bands([yarnId, 1]) });
  const piece = pieceOf([
    newSection("castOn", "on", { stitches: 40, method: "knittedOn", colours: one("b") }),
    newSection("hem", "hem", { colours: one("c") }),
    newSection("fabric", "f", { content: "ground", ground: "stockinette", rows: 20 }),
    newSection("castOff", "off", { colours: one("b") }),
  ]);
  const { lines } = calculated(projectOf([piece], { yarns })).estimate;
  const yarnsOf = (sectionId: string) => [
    ...new Set(lines.filter((line) => line.sectionId === sectionId).map(({ yarnId }) => yarnId)),
  ];
  expect(["on", "hem", "f", "off"].map(yarnsOf)).toEqual([["b"], ["c"], ["yarn-1"], ["b"]]);
});

test("areas that the stitches do not reach for are told, and no chance for the whole", () => {
  const answer = answerTo(
    projectOf(
      [
        rectangleOf({
          ...fabricOf({ kind: "areas", carried: true, bands: bands(["yarn-1", 30], ["b", 30]) }),
          content: "ropes",
        }),
      ],
      { yarns },
    ),
  );
  expect(answer.findings).toMatchObject([{ field: "colour", leftOut: true }]);
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
