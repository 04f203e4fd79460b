/** Random projects for properties, and short ways to projects for examples. Only tests use it. */
import fc from "fast-check";
import {
  EDGE_SIDES,
  EXTRA_KINDS,
  JOIN_IDS,
  newExtra,
  newSeam,
  type Extra,
  type Seam,
} from "@/core/project/finishing";
import { emptyPiece, emptyProject, type Project, type ProjectPiece } from "@/core/project/project";
import { newSection, type FabricSection, type ProjectSection, type SectionOf } from "@/core/project/sections";
import { forecastProject, calculateProject, type KnownForecast } from "@/core/forecast/projectForecast";
import { layProject } from "@/core/garment/panelLayout";
import { GROUND_IDS } from "@/core/panels/grounds";
import { ROPES } from "@/core/panels/ropes";
import { CAST_OFF_IDS, CAST_ON_IDS } from "@/core/project/edgeKinds";

/** Each composition is relaxed once for all tests of a file. */
const KNOWN = new Map();

/** A project at 20 x 28 in a yarn of 165 m in 100 g on 5 mm needles. */
export const projectOf = (pieces: readonly ProjectPiece[], given: Partial<Project> = {}): Project => ({
  ...emptyProject(),
  gauge: { stitchesPer10Cm: 20, rowsPer10Cm: 28, source: "measured" },
  needleMm: 5,
  yarns: emptyProject().yarns.map((yarn) => ({ ...yarn, putUp: { massG: 100, lengthM: 165 } })),
  ...given,
  pieces: [...pieces],
});

export const pieceOf = (
  sections: readonly ProjectSection[],
  given: Partial<ProjectPiece> = {},
): ProjectPiece => ({
  ...emptyPiece("piece", "Piece"),
  ...given,
  sections: [...sections],
});

/** One fabric between a cast-on and a cast-off. */
export const rectangleOf = (fabric: Partial<FabricSection>, given: Partial<ProjectPiece> = {}) =>
  pieceOf(
    [newSection("castOn", "on"), newSection("fabric", "fabric", fabric), newSection("castOff", "off")],
    given,
  );

/** A cabled back as one rectangle: 96 stitches by 150 rows at 18 x 25, which takes 322 m. */
export const cabledBack = (given: Partial<FabricSection> = {}, project: Partial<Project> = {}): Project =>
  projectOf(
    [
      rectangleOf(
        {
          content: "ropes",
          ropeId: "rope-3-3",
          ropes: 9,
          purls: 2,
          edge: 11,
          rows: 150,
          measured: { widthMm: 76, stitches: 18 },
          ...given,
        },
        { name: "Back" },
      ),
    ],
    {
      gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "measured" },
      yarns: emptyProject().yarns.map((yarn) => ({ ...yarn, putUp: { massG: 50, lengthM: 82 } })),
      ...project,
    },
  );

/** A project that can be calculated, with no chances drawn. */
export function calculated(project: Project) {
  const answer = calculateProject(project, layProject(project, KNOWN));
  const [first, ...others] = answer?.estimate.yarns ?? [];
  if (!answer || !first) throw new Error("no answer");
  return { ...answer, yarns: [first, ...others] as const };
}

/** The answer to a project that has one. */
export function answerTo(project: Project): KnownForecast {
  const answer = forecastProject(project, layProject(project, KNOWN));
  if (!answer.known) throw new Error(JSON.stringify(answer));
  return answer;
}

/** The first piece as it is calculated. */
export function estimated(project: Project) {
  const [piece] = calculated(project).estimate.pieces;
  if (!piece) throw new Error("no piece");
  return piece;
}

const few = (max: number, min = 1) => fc.integer({ min, max });

export const anyGround = (id: string): fc.Arbitrary<FabricSection> =>
  fc
    .record({ ground: fc.constantFrom(...GROUND_IDS), rows: few(40) })
    .map((given) => newSection("fabric", id, { content: "ground", ...given }));

export const anyRopes = (id: string): fc.Arbitrary<FabricSection> =>
  fc
    .record({
      ropeId: fc.constantFrom(...ROPES.map(({ id: rope }) => rope)),
      lean: fc.constantFrom("left" as const, "right" as const),
      ropes: few(5),
      purls: few(3, 0),
      edge: few(6, 0),
      rows: few(40),
    })
    .map((given) => newSection("fabric", id, { content: "ropes", ...given }));

const at = fc.constantFrom("edges" as const, "outer" as const, "inner" as const);

const anyShape = (id: string): fc.Arbitrary<SectionOf<"shape">> =>
  fc
    .record({
      way: fc.constantFrom("decrease" as const, "increase" as const),
      at: fc.constantFrom("edges" as const, "outer" as const, "inner" as const, "evenly" as const),
      by: fc.constantFrom("rule" as const, "count" as const),
      stitches: few(4),
      every: few(4),
      times: few(6),
      to: few(120),
      rows: few(30),
    })
    .map((given) => newSection("shape", id, { ...given, over: "rows" }));

/** Any section that may stand in the middle of a piece; many of them will not fit where they stand. */
const anyMiddle = (id: string): fc.Arbitrary<ProjectSection> =>
  fc.oneof(
    anyGround(id),
    { weight: 3, arbitrary: anyRopes(id) },
    { weight: 2, arbitrary: few(12).map((rows) => newSection("fabric", id, { content: "asBefore", rows })) },
    { weight: 3, arbitrary: anyShape(id) },
    few(120).map((to) => newSection("change", id, { to })),
    fc.record({ at, stitches: few(12) }).map((given) => newSection("castOffAt", id, given)),
    fc.record({ at, turns: few(4), step: few(6) }).map((given) => newSection("shortRows", id, given)),
    fc
      .record({ centre: few(20, 0), centreTo: fc.constantFrom("hold" as const, "castOff" as const) })
      .map((given) => newSection("divide", id, given)),
    few(20, 0).map((castOn) => newSection("join", id, { castOn })),
    fc.record({ rows: few(8), folded: fc.boolean() }).map((given) => newSection("hem", id, given)),
    fc
      .record({ stitches: few(80), held: fc.boolean(), round: fc.boolean() })
      .map((given) => newSection("pickUp", id, given)),
    fc.constant(newSection("hold", id)),
    fc.constantFrom(...CAST_OFF_IDS).map((method) => newSection("castOff", id, { method })),
  );

/** A piece of random sections between a cast-on and a cast-off. */
export const anyPiece: fc.Arbitrary<ProjectPiece> = fc
  .record({
    castOn: fc.record({ method: fc.constantFrom(...CAST_ON_IDS), stitches: few(120) }),
    first: anyGround("first"),
    middle: few(8, 0).chain((count) =>
      fc.tuple(...Array.from({ length: count }, (_, index) => anyMiddle(`middle-${index}`))),
    ),
    castOff: fc.constantFrom(...CAST_OFF_IDS),
    round: fc.boolean(),
    mirrored: fc.boolean(),
    times: few(3),
    needleMm: fc.option(fc.double({ min: 3, max: 8, noNaN: true })),
  })
  .map(({ castOn, first, middle, castOff, needleMm, ...given }) =>
    pieceOf(
      [
        newSection("castOn", "on", castOn),
        { ...first, needleMm },
        ...middle,
        newSection("castOff", "off", { method: castOff }),
      ],
      given,
    ),
  );

const anyEdge = fc.option(
  fc.record({ pieceId: few(2, 0).map((index) => `piece-${index}`), side: fc.constantFrom(...EDGE_SIDES) }),
);

/** A seam between any edges; many of them are of pieces that are not there. */
const anySeam: fc.Arbitrary<Seam> = fc
  .record({
    id: fc.uuid(),
    times: few(5),
    of: anyEdge,
    to: anyEdge,
    openMm: fc.option(few(60)),
    lengthMm: fc.option(few(500), { freq: 1 }),
    yarnId: fc.constantFrom(null, "yarn-1", "yarn-2"),
  })
  .map(({ id, ...given }) => newSeam(id, given));

/** An extra of any kind with what is usual of it, so many of them. */
export const anyExtra: fc.Arbitrary<Extra> = fc
  .record({ id: fc.uuid(), kind: fc.constantFrom(...EXTRA_KINDS), times: few(5) })
  .map(({ kind, id, times }) => newExtra(kind, id, { times }));

/** Up to three random pieces at a random gauge, some sections striped or in areas of two yarns. */
export const anyProject: fc.Arbitrary<Project> = fc
  .record({
    pieces: fc.array(anyPiece, { minLength: 1, maxLength: 3 }),
    stitchesPer10Cm: fc.double({ min: 8, max: 40, noNaN: true }),
    aspect: fc.double({ min: 0.6, max: 0.85, noNaN: true }),
    swatchMm: fc.option(few(200, 100)),
    seams: fc.array(anySeam, { maxLength: 4 }),
    extras: fc.array(anyExtra, { maxLength: 4 }),
    join: fc.constantFrom(...JOIN_IDS),
    colours: fc.constantFrom("one" as const, "stripes" as const, "areas" as const),
    carried: fc.boolean(),
    bands: fc.tuple(few(9), few(9)),
  })
  .map(({ pieces, stitchesPer10Cm, aspect, colours, carried, bands, ...given }) => {
    const [main] = projectOf([]).yarns;
    const yarns = main ? [main, { ...main, id: "yarn-2", putUp: { massG: 50, lengthM: 82 } }] : [];
    const shared = {
      kind: colours,
      carried,
      bands: [
        { yarnId: "yarn-1", count: bands[0] },
        { yarnId: "yarn-2", count: bands[1] },
      ],
    };
    const gauge = { stitchesPer10Cm, rowsPer10Cm: stitchesPer10Cm / aspect, source: "band" as const };
    return projectOf(
      pieces.map((piece, index) => ({
        ...piece,
        id: `piece-${index}`,
        sections: piece.sections.map((section) =>
          section.kind === "fabric" && section.id === "first" ? { ...section, colours: shared } : section,
        ),
      })),
      { ...given, gauge, yarns },
    );
  });
