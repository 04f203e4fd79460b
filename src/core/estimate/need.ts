/** Yarn needed as a function of what is unknown: everything counted once, so that one answer is a few products. */
import type { Gauge, PlainStitch } from "../fabric/plainStitch";
import { legExtra, spansOf } from "../stitches/crossings";
import { tailLength, END_MM } from "./castOn";
import { edgeYarn } from "./colourWork";
import { CAST_OFFS, castOnCount, SEAM_TIMES, swatchYarn } from "./edges";
import type { ExtraPlan } from "./extras";
import { deviated, rowsFactor, tailOf, type PiecePlan } from "./piece";
import type { SeamPlan } from "./seams";
import type { PlannedSection } from "./plannedSection";
import type { Tally } from "./tally";
import type { Unknowns } from "./unknowns";
import type { ProjectPlan } from "./wholeProject";

const { exp } = Math;

/** What rows and edges take, in loops, widths and crossings; sizes of needles are in it. */
interface RowCounts {
  /** The share of its height that a fabric keeps which is worked to a length; null where its rows are counted. */
  readonly toLength: number | null;
  /** The share of its width that it keeps. */
  readonly kept: number;
  loops: number;
  castOffLoops: number;
  widths: number;
  /** Legs of crossings by how many columns they travel: what they take hangs on nothing else. */
  readonly legs: Map<number, number>;
}

/** How much a yarn takes of each measure, all pieces as often as they are worked. */
interface Counts {
  /** Rows and edges by the shares of height and width that their fabrics keep. */
  readonly rows: Map<string, RowCounts>;
  /** What hangs on no stitch: edges along a width, seams, ends. */
  castOffWidths: number;
  widths: number;
  heights: number;
  constantMm: number;
  /** Plain loops of cords, which are as many however wide the pieces are; and yarn by a guess. */
  loops: number;
  guessedMm: number;
  /** Tails are rounded up one by one. */
  readonly tails: {
    readonly section: PlannedSection;
    readonly piece: PiecePlan;
    readonly stitches: number;
    readonly width: number;
    readonly kept: number;
    readonly times: number;
  }[];
}

const nothing = (): Counts => ({
  rows: new Map(),
  castOffWidths: 0,
  widths: 0,
  heights: 0,
  constantMm: 0,
  loops: 0,
  guessedMm: 0,
  tails: [],
});

type CountsOf = (yarnId: string) => Counts;

/**
 * Share of its plain width that a section is believed to keep; all of it where a tape has said how wide it is. What is
 * cast on is as many as the fabric above it takes.
 */
function keptWidth({ sections }: PiecePlan, section: PlannedSection): number {
  const above = sections.slice(sections.indexOf(section)).find(({ worked }) => worked.content !== null);
  const kept = above?.worked.content?.kept;
  return !kept || kept.measured !== null ? 1 : kept.all;
}

/** Where what a fabric takes is summed up that keeps such shares of its height and width. */
function rowsAt(counts: Counts, toLength: number | null, kept: number): RowCounts {
  const key = `${toLength} ${kept}`;
  const rows = counts.rows.get(key) ?? {
    toLength,
    kept,
    loops: 0,
    castOffLoops: 0,
    widths: 0,
    legs: new Map(),
  };
  counts.rows.set(key, rows);
  return rows;
}

/** Adds rows that were counted, each so many times as large. */
function countTally(rows: RowCounts, tally: Tally, by: number) {
  rows.loops += by * (tally.stitches + tally.textureLoops + tally.castOnLoops);
  rows.castOffLoops += by * tally.castOffLoops;
  rows.widths += by * tally.textureWidths;
  for (const [crossing, count] of tally.crossings)
    for (const span of spansOf(crossing)) rows.legs.set(span, (rows.legs.get(span) ?? 0) + 2 * by * count);
}

function countShares(section: PlannedSection, piece: PiecePlan, of: CountsOf) {
  const { worked, shares, extras, toLength } = section;
  const { times } = piece;
  const kept = keptWidth(piece, section);
  const by = times * worked.scale;
  for (const { yarnId, tally } of shares) countTally(rowsAt(of(yarnId), toLength, kept), tally, by);
  for (const { yarnId, ends, carriedRows, twists } of extras) {
    const counts = of(yarnId);
    counts.constantMm += times * ends * END_MM;
    counts.heights += by * carriedRows;
    counts.widths += by * twists;
  }
}

/** An edge takes loops or widths: what it takes of either is found by asking for one of each. */
function countEdges(section: PlannedSection, piece: PiecePlan, counts: Counts) {
  const { worked } = section;
  const { times } = piece;
  const kept = keptWidth(piece, section);
  const rows = rowsAt(counts, null, kept);
  for (const edge of worked.edges) {
    if (edge.kind === "end") counts.constantMm += times * END_MM;
    else if (edge.kind === "sewn") {
      counts.widths += times * SEAM_TIMES * edge.width;
      counts.constantMm += times * 2 * END_MM;
    } else if (edge.kind === "castOff") {
      const { loops, widths } = CAST_OFFS[edge.method].takes;
      rows.castOffLoops += times * worked.scale * loops * edge.stitches;
      counts.castOffWidths += times * widths * edge.width;
    } else if (edge.method === "longTail") {
      rows.loops += times * worked.scale * edge.stitches;
      counts.tails.push({ section, piece, stitches: edge.stitches, width: edge.width, kept, times });
    } else {
      rows.loops += times * worked.scale * castOnCount(edge.method) * edge.stitches;
      counts.constantMm += times * END_MM;
    }
  }
}

function countSeam({ times, heights, widths, mm }: SeamPlan, counts: Counts) {
  counts.heights += times * SEAM_TIMES * heights;
  counts.widths += times * SEAM_TIMES * widths;
  counts.constantMm += times * (SEAM_TIMES * mm + 2 * END_MM);
}

function countExtra({ loops, mm, guessedMm }: ExtraPlan, counts: Counts) {
  counts.loops += loops;
  counts.constantMm += mm;
  counts.guessedMm += guessedMm;
}

function countPiece(piece: PiecePlan, of: CountsOf) {
  for (const section of piece.sections) {
    countShares(section, piece, of);
    countEdges(section, piece, of(edgeYarn(section.worked.section, piece.yarnId)));
  }
}

/**
 * What is held on to where something is off: the stitches as they are written, or the width, by adding stitches until
 * it is wide enough or leaving some away.
 */
export type Keeping = "stitches" | "width";

/** Stitches that give the planned width, against those that were planned. Example: 3 % narrower ones are 3 % more. */
const stitchesFactor = (kept: number, { width, drawWidth }: Unknowns) =>
  exp(-width) * kept ** (1 - exp(drawWidth));

/** Counts made ready to be asked many times: no look-ups behind a question. */
function ready(counts: Counts) {
  const rows = [...counts.rows.values()].map(({ legs, ...rest }) => ({
    ...rest,
    spans: Float64Array.from(legs.keys()),
    times: Float64Array.from(legs.values()),
  }));
  return (plain: PlainStitch, unknowns: Unknowns, keeping: Keeping): number => {
    const { loopMm, widthMm, heightMm, aspect } = plain;
    const castOff = exp(unknowns.castOff);
    const give = exp(unknowns.give);
    let sum =
      counts.constantMm +
      counts.loops * loopMm +
      counts.guessedMm * exp(unknowns.extras) +
      counts.widths * widthMm +
      counts.heights * heightMm +
      castOff * counts.castOffWidths * widthMm;
    for (const { toLength, kept, loops, castOffLoops, widths, spans, times } of rows) {
      const more = keeping === "width" ? stitchesFactor(kept, unknowns) : 1;
      let crossed = 0;
      for (let leg = 0; leg < spans.length; leg += 1)
        crossed += (times[leg] ?? 0) * legExtra(spans[leg] ?? 0, aspect);
      sum +=
        more *
        rowsFactor(toLength, unknowns) *
        ((loops + castOff * castOffLoops) * loopMm + (widths + give * crossed) * widthMm);
    }
    for (const { section, piece, stitches, width, kept, times } of counts.tails) {
      const more = keeping === "width" ? stitchesFactor(kept, unknowns) : 1;
      const basis = tailOf(section, { stitches: more * stitches, width }, { plan: piece, plain });
      sum += times * tailLength(piece.tail.school, basis, unknowns.tail);
    }
    return sum;
  };
}

/** Yarn in mm with `unknowns` as given; of the stitches as they are written where nothing else is said. */
export type Need = (unknowns: Unknowns, keeping?: Keeping) => number;

/**
 * The yarn that a project needs of each yarn, by its id, without joins, ready to be asked with any unknowns. What
 * it says is the sum of the ledger's lines at the same unknowns. Example: with nothing off it is what the
 * estimate says, less the joins.
 */
export function needOf(plan: ProjectPlan): ReadonlyMap<string, Need> {
  const byYarn = new Map<string, Counts>();
  const of: CountsOf = (yarnId) => {
    const counts = byYarn.get(yarnId) ?? nothing();
    byYarn.set(yarnId, counts);
    return counts;
  };
  for (const piece of plan.pieces) countPiece(piece, of);
  for (const seam of plan.seams) countSeam(seam, of(seam.yarnId));
  for (const extra of plan.extras) countExtra(extra, of(extra.yarnId));
  const first = plan.yarns[0]?.id ?? "";
  if (plan.swatchMm > 0) of(first);
  return new Map(
    [...byYarn].map(([yarnId, counts]) => {
      const rest = ready(counts);
      const swatched = yarnId === first && plan.swatchMm > 0;
      return [
        yarnId,
        (unknowns: Unknowns, keeping: Keeping = "stitches") => {
          const plain = deviated(plan.gauge, unknowns);
          return rest(plain, unknowns, keeping) + (swatched ? swatchYarn(plan.swatchMm, plain) : 0);
        },
      ];
    }),
  );
}

/**
 * The yarn of a piece alone, all its yarns together, ready to be asked. Example: a swatch, edges and ends
 * counted in.
 */
export function pieceNeed(piece: PiecePlan, gauge: Gauge): Need {
  const counts = nothing();
  countPiece(piece, () => counts);
  const asked = ready(counts);
  return (unknowns, keeping = "stitches") => asked(deviated(gauge, unknowns), unknowns, keeping);
}

/** The yarn of rows that were counted, on a needle that makes stitches so many times as large. */
export function tallyNeed(tally: Tally, scale: number, gauge: Gauge): Need {
  const counts = nothing();
  countTally(rowsAt(counts, null, 1), tally, scale);
  const asked = ready(counts);
  return (unknowns, keeping = "stitches") => asked(deviated(gauge, unknowns), unknowns, keeping);
}
