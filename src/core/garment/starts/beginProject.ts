/** A whole project from a kind, two measures, a thickness and how much is cabled: the way in for the impatient. */
import { plainStitch } from "../../fabric/plainStitch";
import { relaxSection } from "../../fabric/section";
import { LENGTHS } from "../../files/bounds";
import { emptyProject, type Project } from "../../files/project";
import { ropesAcross, withEdges } from "../../panels/across";
import { ropeOf, type RopeId } from "../../panels/ropes";
import { grams, metres, millimetres } from "../../units/brands";
import { read, unread, type Reading } from "../../units/reading";
import { usualPutUp, type YarnClass } from "../../yarn/classes";
import { assumedGauge, usualNeedle } from "../../yarn/thickness";
import { CABLED, type Cabled } from "./fit";
import type { Start } from "./start";
import { STARTS, type StartId } from "./startList";

export interface Beginning {
  readonly start: StartId;
  /** As measured on the body or wanted, and what is added to it. */
  readonly acrossMm: number;
  readonly easeMm: number;
  readonly alongMm: number;
  readonly thickness: YarnClass;
  readonly cabled: Cabled;
}

/** A cable that suits a thickness: finer yarn has the room for wider ropes. */
const ropeFor = (stitchMm: number): RopeId =>
  stitchMm > 6 ? "rope-2-2" : stitchMm > 3.6 ? "rope-3-3" : "rope-4-4";

/** What ropes of one kind keep of their plain width, as the mesh computes it for some of them between plain edges. */
function keptBy(ropeId: RopeId, aspect: number): number {
  const across = ropesAcross({ rope: ropeOf(ropeId), lean: "left", ropes: 6, purls: 2, edge: 4 });
  const fabric = relaxSection(withEdges(across), { aspect, blocking: "wetBlocked" });
  if (!fabric.ok) return USUAL_KEPT;
  const ropes = fabric.panels.slice(1, -1);
  const stitches = ropes.reduce((sum, panel) => sum + panel.stitches, 0);
  return ropes.reduce((sum, panel) => sum + panel.stitches * panel.widthFactor, 0) / stitches;
}

/** Where nothing could be computed: ropes keep about three quarters. */
const USUAL_KEPT = 0.75;

/** Ribs are worked on the needle one size down. */
const RIB_NEEDLE = 0.92;

/** How often the first piece goes round and up. */
const timesOf = ({ around, up }: Start, acrossMm: number, alongMm: number) => ({
  around: around?.(acrossMm) ?? 1,
  up: up?.(alongMm) ?? 1,
});

/**
 * Builds a project. Everything that was not said is assumed and says so; each may be typed over afterwards.
 * Errors: ease that leaves nothing, a length under four rows.
 * Example: a hat for a head of 56 cm with 4 cm less, in aran, comes out within half a rope of 52 cm round.
 */
export function beginProject({
  start,
  acrossMm,
  easeMm,
  alongMm,
  thickness,
  cabled,
}: Beginning): Reading<Project> {
  const { name, build } = STARTS[start];
  const finishedMm = acrossMm + easeMm;
  if (finishedMm < 2 * LENGTHS.width.least)
    return unread("With so much taken off nothing is left: less negative ease, or a larger measure.");
  const { massG, lengthM } = usualPutUp(thickness);
  const gauge = assumedGauge({ massG: grams(massG), lengthM: metres(lengthM) });
  const { widthMm, heightMm, aspect } = plainStitch(gauge);
  if (alongMm < 4 * heightMm) return unread("That is under four rows: a longer measure, or a finer yarn.");
  const ropeId = ropeFor(widthMm);
  const pieces = build({
    acrossMm: finishedMm,
    alongMm,
    stitchMm: widthMm,
    rowMm: heightMm,
    ribNeedleMm: usualNeedle(millimetres(widthMm * RIB_NEEDLE)),
    ropeId,
    share: CABLED[cabled].share,
    kept: keptBy(ropeId, aspect),
  });
  const empty = emptyProject();
  return read({
    ...empty,
    name,
    size: { acrossMm, easeMm, alongMm, of: null, ...timesOf(STARTS[start], finishedMm, alongMm) },
    yarns: empty.yarns.map((yarn) => ({
      ...yarn,
      name: `Some ${thickness} yarn`,
      bandClass: thickness,
      putUp: { massG, lengthM },
      putUpFrom: "usual" as const,
    })),
    pieces: pieces.map((piece) => ({ ...piece, sections: [...piece.sections] })),
  });
}
