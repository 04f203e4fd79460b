import { demoProject } from "@/demo/slipover";
import { toEnd } from "../steps";
import { Engine } from "../engine/engine";
import { seenOf } from "../engine/seen";
import type { Project } from "../project/project";
import type { OutlinePart } from "./outline";
import { beginProject } from "../templates/beginProject";
import { STARTS, type StartId } from "../templates/startList";
import { armholeOf, foldable, neckOf, wornOf, type Foldable } from "./worn";

/** Every piece of a project as it can be folded. */
function foldablesOf(project: Project): readonly Foldable[] {
  const engine = new Engine();
  const seen = seenOf(toEnd(engine.at(project).answer()), engine.layOf(project));
  if (!seen.known) throw new Error("not known");
  return seen.estimate.pieces.map((piece) =>
    foldable(
      piece,
      project.pieces.find(({ id }) => id === piece.id),
    ),
  );
}

const part = (points: OutlinePart["points"], side: OutlinePart["side"] = "whole"): OutlinePart => ({
  sectionId: "some",
  side,
  fabricId: null,
  originMm: { x: 0, y: 0 },
  points,
  atRight: points.length / 2,
  fromMm: points[0]?.[1] ?? 0,
  toMm: Math.max(...points.map(([, y]) => y)),
});

/** A rectangle between two places, its right edge upwards and its left edge down. */
const block = (right: number, left: number, from: number, to: number, side?: OutlinePart["side"]) =>
  part(
    [
      [right, from],
      [right, to],
      [left, to],
      [left, from],
    ],
    side,
  );

/** A body 40 cm wide and 30 cm to its armholes, 30 cm between them; its neck goes down to a height. */
const bodyOf = (id: string, neckMm: number): Foldable => ({
  id,
  times: 1,
  round: false,
  pickedUp: false,
  heightMm: 500,
  outline: [
    block(-200, 200, 0, 300),
    block(-150, 150, 300, neckMm),
    block(60, 150, neckMm, 500, "first"),
    block(-150, -60, neckMm, 500, "second"),
  ],
});

test("the neck runs down one side of the opening and up the other, the armhole from where it goes in", () => {
  const { outline } = bodyOf("body", 420);
  expect(neckOf(outline)).toEqual([
    [60, 500],
    [60, 420],
    [-60, 420],
    [-60, 500],
  ]);
  for (const to of [1, -1] as const) {
    const edge = armholeOf(outline, to);
    expect(edge[0]).toEqual([200 * to, 300]);
    expect(edge.at(-1)).toEqual([150 * to, 500]);
  }
  expect(neckOf([block(-200, 200, 0, 300)])).toEqual([]);
  expect(armholeOf([block(-200, 200, 0, 300)], 1)).toEqual([]);
});

test("the piece whose neck goes lower is the front, whichever the seam names first", () => {
  const pieces = [bodyOf("high", 480), bodyOf("low", 420)];
  const seam = (of: string, to: string) => [
    { of: { pieceId: of, side: "side" as const }, to: { pieceId: to, side: "side" as const } },
  ];
  for (const seams of [seam("high", "low"), seam("low", "high")])
    expect(wornOf(pieces, seams)).toMatchObject({ fronts: [{ pieceId: "low", shiftMm: 0 }], backId: "high" });
});

test("what nobody sewed together is not folded", () => {
  const pieces = [bodyOf("one", 420), bodyOf("other", 480)];
  expect(wornOf(pieces, [])).toBeNull();
  expect(wornOf(pieces, [{ of: { pieceId: "one", side: "side" }, to: null }])).toBeNull();
  expect(wornOf([], [])).toBeNull();
});

test("sleeves hang from the shoulders; what lies nobody knows where is named", () => {
  const sleeve = { ...bodyOf("sleeve", 420), times: 2, outline: [block(-100, 100, 0, 400)] };
  const pocket = { ...sleeve, id: "pocket", times: 1 };
  const seams = [
    { of: { pieceId: "back", side: "side" as const }, to: { pieceId: "front", side: "side" as const } },
    { of: { pieceId: "sleeve", side: "end" as const }, to: { pieceId: "front", side: "above" as const } },
  ];
  const worn = wornOf([bodyOf("back", 480), bodyOf("front", 420), sleeve, pocket], seams);
  expect(worn?.sleeves.map(({ pieceId, shoulder }) => [pieceId, ...shoulder])).toEqual([
    ["sleeve", 150, 500],
    ["sleeve", -150, 500],
  ]);
  expect(worn?.leftOut).toEqual(["pocket"]);
});

test("the demo's slipover has its bands along the neck and both armholes of front and back", () => {
  const project = demoProject();
  const worn = wornOf(foldablesOf(project), project.seams);
  expect(worn).toMatchObject({
    fronts: [{ pieceId: "front", shiftMm: 0 }],
    backId: "back",
    sleeves: [],
    leftOut: [],
  });
  const count = (pieceId: string, along: string) =>
    worn?.bands.filter((band) => band.pieceId === pieceId && band.along === along).length;
  for (const along of ["front", "back"]) expect([count("neck", along), count("arm", along)]).toEqual([1, 2]);
  const necks = worn?.bands.filter(({ pieceId }) => pieceId === "neck") ?? [];
  const lowest = necks.map(({ line }) => Math.min(...line.map(([, y]) => y)));
  // The back's neck is the first, and goes less deep.
  expect(lowest[0]).toBeGreaterThan((lowest[1] ?? 0) + 50);
});

/** A garment as it is begun, in its usual size. */
function begunAs(start: StartId): Project {
  const { across, along, easeMm } = STARTS[start];
  const reading = beginProject({
    start,
    easeMm,
    acrossMm: across.usualMm,
    alongMm: along.usualMm,
    thickness: "aran",
    cabled: "all",
  });
  if (!reading.ok) throw new Error("not begun");
  return reading.value;
}

test.each(["jumper", "jumperDrop", "vest", "cardigan", "cardiganSleeves", "cardiganDrop"] as const)(
  "of a %s as it is begun nothing is left out when it is folded",
  (start) => {
    const project = begunAs(start);
    const worn = wornOf(foldablesOf(project), project.seams);
    expect(worn).toMatchObject({ backId: "back", leftOut: [] });
    const sleeved = project.pieces.some(({ id }) => id === "sleeve");
    expect(worn?.sleeves).toHaveLength(sleeved ? 2 : 0);
  },
);

test("the halves of an open front lie at their own sides, their shoulders on those of the back, a band along both", () => {
  const project = begunAs("vest");
  const pieces = foldablesOf(project);
  const worn = wornOf(pieces, project.seams);
  const shifts = Object.fromEntries((worn?.fronts ?? []).map(({ pieceId, shiftMm }) => [pieceId, shiftMm]));
  // Seen from before, the right front lies to the left, where sideways is more than none.
  expect(shifts.right).toBeGreaterThan(50);
  expect(shifts.left).toBeCloseTo(-(shifts.right ?? 0), 5);
  const edges = (id: string, by: number) =>
    pieces.find((piece) => piece.id === id)?.outline.flatMap(({ points }) => points.map(([x]) => x + by)) ??
    [];
  const widest = Math.max(...edges("back", 0));
  expect(Math.max(...edges("right", shifts.right ?? 0))).toBeCloseTo(widest, 5);
  const along = (worn?.bands ?? []).filter((band) => band.along === "front");
  const bands = along.filter(({ line }) => line.some(([, y]) => y === 0));
  expect(bands).toHaveLength(2);
  // The two meet in the middle, a little apart or over one another.
  for (const { line } of bands) expect(Math.abs(line[0]?.[0] ?? Infinity)).toBeLessThan(40);
});
