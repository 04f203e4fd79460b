/** A whole project from a kind, two measures, a thickness and how much is cabled: the way in for the impatient. */
import { say } from "../words/message";
import { plainStitch, type Gauge } from "../stitches/plainStitch";
import { relaxSection } from "../fabric/section";
import { LENGTHS } from "../project/bounds";
import type { Seam } from "../project/finishing";
import { emptyProject, type Project, type ProjectPiece } from "../project/project";
import { ropesAcross, withEdges } from "../panels/across";
import { ropeOf, type RopeId } from "../panels/ropes";
import { millimetres } from "../units/brands";
import { read, unread, type Reading } from "../typed/reading";
import { usualPutUp, type YarnClass } from "../yarn/classes";
import type { PutUp } from "../yarn/putUp";
import { nearestNeedle, usualNeedle } from "../yarn/thickness";
import { needleAt, projectGauge } from "../garment/projectGauge";
import { CABLED, type Cabled } from "../garment/fit";
import { fitCaps } from "./fitCaps";
import { sewn, type Start } from "./start";
import { STARTS, type StartId } from "./startList";
import { isArmhole, isAsked } from "../project/sectionKinds";

/** The yarn that something is begun in, where more is known than its thickness. */
export interface BegunIn {
  readonly name: string;
  readonly putUp: PutUp;
  /** Plain gauge; null where nobody told it. */
  readonly stitchesPer10Cm: number | null;
  readonly rowsPer10Cm: number | null;
}

export interface Beginning {
  readonly start: StartId;
  /** As measured on the body or wanted, and what is added to it. */
  readonly acrossMm: number;
  readonly easeMm: number;
  readonly alongMm: number;
  readonly thickness: YarnClass;
  /** Where it is told, it wins over the thickness. */
  readonly yarn?: BegunIn | null;
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

/** What a beginning is built of. */
interface Built {
  readonly pieces: readonly ProjectPiece[];
  readonly seams: readonly Seam[];
}

/** The pieces of a beginning at a gauge and their seams; or why there are none. */
function piecesOf(beginning: Beginning, gauge: Gauge, needleMm: number | null): Reading<Built> {
  const { start, acrossMm, easeMm, alongMm, cabled } = beginning;
  const finishedMm = acrossMm + easeMm;
  if (finishedMm < 2 * LENGTHS.width.least) return unread(say("nothingLeftOfSize"));
  const { widthMm, heightMm, aspect } = plainStitch(gauge);
  if (alongMm < 4 * heightMm) return unread(say("underFourRows"));
  const ropeId = ropeFor(widthMm);
  const plan = {
    acrossMm: finishedMm,
    alongMm,
    stitchMm: widthMm,
    rowMm: heightMm,
    ribNeedleMm:
      needleMm === null
        ? usualNeedle(millimetres(widthMm * RIB_NEEDLE))
        : nearestNeedle(needleMm * RIB_NEEDLE),
    ropeId,
    share: CABLED[cabled].share,
    kept: keptBy(ropeId, aspect),
  };
  const { build, seams }: Start = STARTS[start];
  return read({
    pieces: build(plan).map((piece) => ({ ...piece, sections: [...piece.sections] })),
    seams: seams?.(plan) ?? [],
  });
}

/** An empty project in the yarn of a beginning: its own, or what such a thickness usually is. */
function inYarnOf({ thickness, yarn }: Beginning): Project {
  const empty = emptyProject();
  const told: Partial<Project["yarns"][number]> = yarn
    ? { name: yarn.name || "My yarn", putUp: yarn.putUp }
    : {
        name: `Some ${thickness} yarn`,
        bandClass: thickness,
        putUp: usualPutUp(thickness),
        putUpFrom: "usual",
      };
  const { stitchesPer10Cm = null, rowsPer10Cm = null } = yarn ?? {};
  return {
    ...empty,
    gauge: stitchesPer10Cm === null ? empty.gauge : { stitchesPer10Cm, rowsPer10Cm, source: "band" },
    yarns: empty.yarns.map((one) => ({ ...one, ...told })),
  };
}

/**
 * Builds a project. Everything that was not said is assumed and says so; each may be typed over afterwards.
 * Errors: ease that leaves nothing, a length under four rows.
 * Example: a hat for a head of 56 cm with 4 cm less, in aran, comes out within half a rope of 52 cm round.
 */
export function beginProject(beginning: Beginning): Reading<Project> {
  const { start, acrossMm, easeMm, alongMm } = beginning;
  const empty = inYarnOf(beginning);
  const known = projectGauge(empty);
  if (!known) return unread(say("sayYarnOrGauge"));
  const built = piecesOf(beginning, known.gauge, null);
  if (!built.ok) return built;
  const begun: Project = {
    ...empty,
    name: STARTS[start].name,
    // A bare piece is of no size yet: what the fields began with is nobody's wish.
    ...(start !== "empty" && {
      size: {
        acrossMm,
        easeMm,
        alongMm,
        of: null,
        ...timesOf(STARTS[start], acrossMm + easeMm, alongMm),
      },
    }),
    pieces: [...built.value.pieces],
    seams: [...built.value.seams],
  };
  return read(
    fitCaps(
      begun,
      begun.pieces.map(({ id }) => id),
    ),
  );
}

/** More pieces than this are not kept in one project. */
const MOST_PIECES = 40;

/** A piece under names that no other piece or section of the project has. */
function renamed(piece: ProjectPiece, taken: ReadonlySet<string>): ProjectPiece {
  let suffix = 2;
  const free = (id: string) => !taken.has(`${id}-${suffix}`);
  const ids = [piece.id, ...piece.sections.map(({ id }) => id)];
  if (!ids.some((id) => taken.has(id))) return piece;
  while (!ids.every(free)) suffix += 1;
  return {
    ...piece,
    id: `${piece.id}-${suffix}`,
    name: `${piece.name} ${suffix}`,
    sections: piece.sections.map((section) => ({ ...section, id: `${section.id}-${suffix}` })),
  };
}

/** At how many of its edges a piece is cast off for an armhole. */
function armholesOf({ sections }: ProjectPiece): number {
  const armhole = sections.find(isArmhole);
  if (!armhole) return 0;
  return armhole.at === "edges" ? 2 : 1;
}

/** Seams of a pair of sleeves into the armholes of a body that is there. */
function capsInto({ pieces, seams }: Project, sleeveId: string): readonly Seam[] {
  const sleeves = new Set(seams.flatMap(({ of }) => (of?.side === "cap" ? [of.pieceId] : [])));
  return pieces
    .filter(({ id, leftOut }) => !leftOut && !sleeves.has(id))
    .flatMap((piece) => {
      const armholes = piece.times * armholesOf(piece);
      return armholes > 0
        ? [sewn(`cap-${piece.id}`.slice(0, 50), armholes, `${sleeveId} cap`, `${piece.id} above`)]
        : [];
    });
}

/** Seams of pieces that were given other names, under ids that no other seam has. */
function seamsUnder(
  names: ReadonlyMap<string, string>,
  seams: readonly Seam[],
  others: readonly Seam[],
): readonly Seam[] {
  const taken = new Set(others.map(({ id }) => id));
  const edge = (end: Seam["of"]) => end && { ...end, pieceId: names.get(end.pieceId) ?? end.pieceId };
  return seams.map((seam) => {
    let id = seam.id;
    for (let suffix = 2; taken.has(id); suffix += 1) id = `${seam.id}-${suffix}`;
    return { ...seam, id, of: edge(seam.of), to: edge(seam.to) };
  });
}

/**
 * The open project with something more begun in it, at its own gauge, needle and yarn, whatever yarn the wish names.
 * Errors: those of `beginProject`; a project of which nothing is known yet; too many pieces.
 * Example: sleeves added to the body of a cardigan are worked in its yarn.
 */
export function addedTo(project: Project, beginning: Beginning): Reading<Project> {
  const { start } = beginning;
  const known = projectGauge(project);
  if (!known) return unread(say("sayYarnOrGauge"));
  const built = piecesOf(beginning, known.gauge, needleAt(project, known.gauge));
  if (!built.ok) return built;
  const { pieces, seams } = built.value;
  if (project.pieces.length + pieces.length > MOST_PIECES)
    return unread(say("tooManyPieces", { most: MOST_PIECES }));
  // What was only asked for gives way to what is told of it.
  const told = project.pieces.filter(({ sections }) => !sections.some(isAsked));
  const taken = new Set(project.pieces.flatMap(({ id, sections }) => [id, ...sections.map((one) => one.id)]));
  const yarnId = project.yarns[0]?.id ?? "yarn-1";
  const added = pieces.map((piece) => ({ ...renamed(piece, taken), yarnId }));
  const names = new Map(pieces.map(({ id }, index) => [id, added[index]?.id ?? id]));
  const sewnAll = [...seams, ...(start === "sleeve" ? capsInto(project, "sleeve") : [])];
  return read(
    fitCaps(
      {
        ...project,
        pieces: [...told, ...added],
        seams: [...project.seams, ...seamsUnder(names, sewnAll, project.seams)],
      },
      added.map(({ id }) => id),
    ),
  );
}
