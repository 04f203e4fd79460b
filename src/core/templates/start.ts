/** What a start is: a kind of thing to knit, its measures, and the pieces that it is built of. */
import { allowedBy } from "../garment/allowed";
import { COUNTS } from "../project/bounds";
import { newSeam, type EdgeSide, type Seam } from "../project/finishing";
import type { ProjectPiece } from "../project/project";
import { emptyPiece } from "../project/project";
import { newSection, type FabricSection, type ProjectSection } from "../project/sections";
import type { GroundId } from "../panels/grounds";
import { ropeOf, type RopeId } from "../panels/ropes";
import { nearestCount } from "../typed/count";
import { fitRopes, type FitPlan } from "../garment/fit";

/** One of the two measures that a start asks for. */
interface StartMeasure {
  readonly name: string;
  readonly usualMm: number;
}

/** All that a start builds from. Lengths in mm. */
export interface StartPlan {
  /** Finished width or round, ease counted in; and finished length. */
  readonly acrossMm: number;
  readonly alongMm: number;
  /** A plain stitch at the gauge. */
  readonly stitchMm: number;
  readonly rowMm: number;
  /** Needle for ribs, a little smaller; null where the needle is not known. */
  readonly ribNeedleMm: number | null;
  readonly ropeId: RopeId;
  /** Share of the width that is cabled; and what ropes keep of their plain width. */
  readonly share: number;
  readonly kept: number;
}

export interface Start {
  readonly name: string;
  readonly across: StartMeasure;
  readonly along: StartMeasure;
  /** Added to the first measure; less than nothing for what is to stretch. */
  readonly easeMm: number;
  /** How often its first piece goes round such a measure, and stands on itself along the other; once where not said. */
  readonly around?: (acrossMm: number) => number;
  readonly up?: (alongMm: number) => number;
  readonly build: (plan: StartPlan) => readonly ProjectPiece[];
  /** The section that is worked as long as the yarn lasts; none where it has a length of its own. */
  readonly grows?: { readonly pieceId: string; readonly sectionId: string };
  /** Whether it may be of any size. */
  readonly scales?: true;
  /** How its pieces are sewn; not at all where not said. */
  readonly seams?: (plan: Pick<StartPlan, "acrossMm" | "alongMm">) => readonly Seam[];
}

const PURLS = 2;

/** A share of a width, in whole stitches, at least so many. */
export const stitchesIn = (mm: number, { stitchMm }: StartPlan, least = 1) =>
  nearestCount(Math.round(mm / stitchMm), { least, most: COUNTS.stitches.most });

/** Stitches over a width of the cabled fabric, which its cables pull in. */
export const cabledIn = (mm: number, plan: StartPlan, least = 1) =>
  stitchesIn(mm / (1 - plan.share * (1 - plan.kept)), plan, least);

export const rowsIn = (mm: number, { rowMm }: StartPlan) => nearestCount(Math.round(mm / rowMm), COUNTS.rows);

const fitPlan = (widthMm: number, plan: StartPlan, round: boolean): FitPlan => ({
  ropeId: plan.ropeId,
  purls: PURLS,
  round,
  kept: plan.kept,
  stitches: widthMm / plan.stitchMm,
  leastEdge: round ? 0 : 2,
});

/** Ropes over a width; how far they go is in `given`. */
export function ropesOver(
  id: string,
  widthMm: number,
  plan: StartPlan,
  round: boolean,
  given: Partial<FabricSection>,
) {
  const { ropes, edge } = fitRopes(plan.share, fitPlan(widthMm, plan, round));
  return newSection("fabric", id, {
    content: "ropes",
    ropeId: plan.ropeId,
    ropes: nearestCount(ropes, COUNTS.ropes),
    edge: nearestCount(edge, COUNTS.edge),
    purls: PURLS,
    ...given,
  });
}

/** Stitches of a row of ropes with their edges. */
export const countOf = (
  { ropeId, ropes, purls, edge }: Pick<FabricSection, "ropeId" | "ropes" | "purls" | "edge">,
  round: boolean,
) => ropes * (2 * ropeOf(ropeId).half + purls) + (round ? 0 : purls) + 2 * edge;

export const overLength = (lengthMm: number): Partial<FabricSection> => ({
  by: "length",
  lengthMm: Math.max(1, lengthMm),
});

/** A rib or another ground over a length. An odd count of rows, so that with the row behind it panels begin on the right side. */
export const groundOver = (
  id: string,
  ground: GroundId,
  lengthMm: number,
  plan: StartPlan,
  needleMm: number | null = plan.ribNeedleMm,
) => {
  const rows = rowsIn(lengthMm, plan);
  return newSection("fabric", id, {
    content: "ground",
    ground,
    needleMm,
    rows: rows % 2 === 0 ? rows + 1 : rows,
  });
};

/** The lower edge of most pieces: a cast-on and a rib that keep the width, and the row to the cables. */
export const ribbed = (
  id: string,
  ribMm: number,
  plan: StartPlan,
  ground: GroundId = "rib2",
): readonly ProjectSection[] => [
  newSection("castOn", `${id}/on`, { needleMm: plan.ribNeedleMm }),
  groundOver(`${id}/rib`, ground, ribMm, plan),
  newSection("change", `${id}/change`),
];

export const piece = (
  id: string,
  name: string,
  sections: readonly ProjectSection[],
  given: Partial<ProjectPiece> = {},
): ProjectPiece => ({
  ...emptyPiece(id, name),
  ...given,
  sections: [...sections],
});

/** An edge of a start's piece, told as "back side". */
type EdgeName = `${string} ${EdgeSide}`;

const edgeNamed = (name: EdgeName) => {
  const [pieceId = "", side] = name.split(" ");
  return { pieceId, side: side as EdgeSide };
};

/** A seam between two edges, or along one. Example: `sewn("sides", 2, "front side", "back side")`. */
export const sewn = (
  id: string,
  times: number,
  of: EdgeName,
  to: EdgeName | null = null,
  openMm: number | null = null,
): Seam => newSeam(`seam-${id}`, { times, of: edgeNamed(of), to: to && edgeNamed(to), openMm });

/** A band that is picked up along an edge and ribbed. */
export const band = (
  id: string,
  name: string,
  alongMm: number,
  deepMm: number,
  plan: StartPlan,
  given: Partial<ProjectPiece> = {},
) => {
  const round = given.round ?? true;
  return piece(
    id,
    name,
    [
      newSection("pickUp", `${id}/edge`, {
        stitches: allowedBy("rib2", stitchesIn(alongMm, plan, 4), round),
        round,
        needleMm: plan.ribNeedleMm,
      }),
      newSection("fabric", `${id}/rib`, {
        content: "ground",
        ground: "rib2",
        needleMm: plan.ribNeedleMm,
        rows: rowsIn(deepMm, plan),
      }),
      newSection("castOff", `${id}/off`, { needleMm: plan.ribNeedleMm }),
    ],
    { ...given, round },
  );
};
