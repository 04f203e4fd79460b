/** Why each part of the work takes so much yarn: the counts of its rows, each times what it takes. */
import { extraName } from "../estimate/extras";
import { JOINS } from "../estimate/balls";
import { CAST_OFFS, CAST_ONS_ALONE } from "../project/edgeKinds";
import type { LedgerPart } from "../estimate/ledger";
import { LEDGER_PARTS } from "../estimate/ledger";
import type { TAIL_RULES } from "../estimate/longTail";
import { END_MM, MEASURED_OFF_MM } from "../estimate/longTail";
import { lengthOf, measuresOf, sumCounts, type Counts, type Times } from "../estimate/measures";
import { SEAM_TIMES } from "../estimate/edges";
import { seamName } from "../estimate/seamName";
import {
  tailBasis,
  tailMm,
  takenByExtra,
  takenBySeam,
  usesOfPiece,
  yarnOfUse,
  type Use,
} from "../estimate/uses";
import { say } from "../words/message";
import type { AskedFor } from "./asked";
import { sharpest, within, yarnOf, type ReasonBasis } from "./basis";
import { difference, product, sum, upTo, worth, type Expression, type Figure } from "./expression";
import { constant, counted, figure } from "./figure";
import { legMm, loop, plainOf, rowHeight, stitchWidth } from "./gauge";
import type { Because } from "./reason";

const { exp, PI } = Math;

interface CountedUse {
  readonly use: Use;
  readonly times: number;
  readonly pieceId: string | null;
}

const measuresAt = (basis: ReasonBasis) => measuresOf(plainOf(basis), basis.answer.plan.likely);

/** Whether something is of what is asked about. */
const isOf =
  ({ yarnId, pieceId, sectionId }: Pick<AskedFor<"part">, "yarnId" | "pieceId" | "sectionId">) =>
  (one: { readonly yarnId: string; readonly pieceId: string | null; readonly sectionId: string | null }) =>
    (yarnId === undefined || one.yarnId === yarnId) &&
    (pieceId === undefined || one.pieceId === pieceId) &&
    (sectionId === undefined || one.sectionId === sectionId);

/** Uses of a part of the ledger, of one yarn or of all; seams and extras are uses of no piece. */
function usesOf({ answer: { plan } }: ReasonBasis, asked: AskedFor<"part">): readonly CountedUse[] {
  const { part } = asked;
  const mine = isOf(asked);
  const fabric = part === "drawIn" || part === "plain";
  const all: readonly CountedUse[] = [
    ...plan.pieces.flatMap((piece) =>
      usesOfPiece(piece).map((use) => ({ use, times: piece.times, pieceId: piece.id })),
    ),
    ...plan.seams.map((seam) => ({ use: takenBySeam(seam), times: 1, pieceId: seam.pieceId })),
    ...plan.extras.map((extra) => ({ use: takenByExtra(extra), times: 1, pieceId: null })),
  ];
  return all.filter(
    ({ use, pieceId }) =>
      mine({ ...use, pieceId }) &&
      (fabric ? use.fabric !== undefined : use.part === part && use.fabric === undefined),
  );
}

export const scaled = ({
  use,
  times,
}: Pick<CountedUse, "times"> & { readonly use: Pick<Use, "counts" | "scale"> }): Times => ({
  counts: use.counts,
  times: times * (use.scale ?? 1),
});

/** Counts as a sum of products: each count times what it takes. What is nought is left out. */
export function spelt(basis: ReasonBasis, part: LedgerPart, counts: Required<Counts>): readonly Expression[] {
  const { castOff, guess } = measuresAt(basis);
  const loose = castOff === 1 ? [] : [figure("castOffMore", castOff, "times", { source: "measured" })];
  const some = (count: number, of: () => Expression) => (count === 0 ? [] : [of()]);
  return [
    ...some(counts.loops, () => product(counted(say("loopsOfPart", { part }), counts.loops), loop(basis))),
    ...some(counts.castOffLoops, () =>
      product(counted(say("loopsOfPart", { part }), counts.castOffLoops), ...loose, loop(basis)),
    ),
    ...some(counts.widths, () => product(counted("widthsAcross", counts.widths), stitchWidth(basis))),
    ...some(counts.castOffWidths, () =>
      product(counted("widthsSewn", counts.castOffWidths), ...loose, stitchWidth(basis)),
    ),
    ...some(counts.heights, () => product(counted("rowsAlong", counts.heights), rowHeight(basis))),
    ...[...counts.legs]
      .filter(([, legs]) => legs !== 0)
      .toSorted(([one], [other]) => one - other)
      .map(([columns, legs]) =>
        product(
          counted(say("legsOver", { columns }), legs),
          figure(say("legTakes", { columns }), legMm(basis, columns), "fine", {
            why: within(basis, { figure: "leg", columns }),
          }),
        ),
      ),
    ...some(counts.mm, () => counted("fixedLengths", counts.mm, "yarn")),
    ...some(counts.guessedMm, () =>
      product(
        figure("guessed", counts.guessedMm, "yarn", { source: "assumed" }),
        ...(guess === 1 ? [] : [figure("guessMore", guess, "times", { source: "measured" })]),
      ),
    ),
  ];
}

/** Loops of fabric: those that would cover the finished area, those beyond it, and what slipped stitches save. */
function fabricLoops(basis: ReasonBasis, asked: AskedFor<"part">) {
  const at = measuresAt(basis);
  const sums = { covering: 0, beyond: 0, looser: 0, savedPlainMm: 0, savedDrawInMm: 0 };
  for (const one of usesOf(basis, asked)) {
    const { counts, times } = scaled(one);
    const loops = times * (counts.loops ?? 0);
    const covering = times * (one.use.fabric?.covering ?? 0);
    const saved = times * Math.max(0, -lengthOf(one.use.fabric?.texture ?? {}, at));
    if ((loops - covering) * at.loopMm >= saved) {
      sums.covering += covering;
      sums.beyond += loops - covering;
      sums.savedDrawInMm += saved;
    } else {
      sums.looser += loops;
      sums.savedPlainMm += saved;
    }
  }
  return sums;
}

const less = (whole: Expression, mm: number): Expression =>
  mm === 0 ? whole : difference(whole, figure("savedBySlipped", mm, "yarn"));

function plainFormula(basis: ReasonBasis, asked: AskedFor<"part">): Expression {
  const { covering, looser, savedPlainMm } = fabricLoops(basis, asked);
  const loops = [
    ...(covering > 0 || looser === 0 ? [counted("coveringLoops", covering)] : []),
    ...(looser > 0 ? [counted("looserLoops", looser)] : []),
  ];
  return less(product(sum(...loops), loop(basis)), savedPlainMm);
}

function drawInFormula(basis: ReasonBasis, asked: AskedFor<"part">): Expression {
  const { covering, beyond, savedDrawInMm } = fabricLoops(basis, asked);
  const loops = difference(counted("workedLoops", covering + beyond), counted("coveringLoops", covering));
  return less(product(loops, loop(basis)), savedDrawInMm);
}

/** Several of a thing. */
const often = (times: number, one: Expression) =>
  times === 1 ? one : product(counted("timesWorked", times), one);

/** The tails of what is cast on, each a length that is measured off. */
const tailsOf = (basis: ReasonBasis, asked: AskedFor<"part">): readonly Expression[] =>
  usesOf(basis, asked).flatMap(({ use, times, pieceId }) => {
    if (!use.tail) return [];
    const mm = tailMm(use.tail, plainOf(basis), basis.answer.plan.likely.tail);
    const why =
      pieceId !== null && isFirstTail(basis, pieceId, use)
        ? within(basis, { figure: "tail", pieceId })
        : null;
    const name = say("tailOf", { piece: pieceName(basis, pieceId) });
    return [often(times, figure(name, mm, "yarn", why ? { why } : {}))];
  });

const pieceName = ({ project }: ReasonBasis, id: string | null) =>
  project.pieces.find((piece) => piece.id === id)?.name ?? "";

const firstTail = ({ answer }: ReasonBasis, pieceId: string) => {
  const piece = answer.plan.pieces.find(({ id }) => id === pieceId);
  return piece ? usesOfPiece(piece).find(({ tail }) => tail) : undefined;
};

const isFirstTail = (basis: ReasonBasis, pieceId: string, use: Use) => firstTail(basis, pieceId) === use;

/** Seams one by one, and what is sewn along edges of pieces. */
function seamsFormula(basis: ReasonBasis, asked: AskedFor<"part">): readonly Expression[] {
  const { project, answer } = basis;
  const at = measuresAt(basis);
  const mine = isOf(asked);
  const seams = answer.plan.seams
    .filter((plan) => mine({ ...plan, sectionId: null }))
    .flatMap((plan) => {
      const seam = project.seams.find(({ id }) => id === plan.id);
      const mm = yarnOfUse(takenBySeam(plan), at, answer.plan.likely);
      return seam
        ? [
            figure(seamName(project, seam), mm, "yarn", {
              why: within(basis, { figure: "seam", id: plan.id }),
            }),
          ]
        : [];
    });
  const edges = usesOf(basis, asked).filter(({ use }) => use.sectionId !== null);
  return [...seams, ...spelt(basis, "seams", sumCounts(edges.map(scaled)))];
}

function extrasFormula(basis: ReasonBasis, asked: AskedFor<"part">): readonly Expression[] {
  const at = measuresAt(basis);
  const mine = isOf(asked);
  return basis.answer.plan.extras
    .filter(({ yarnId }) => mine({ yarnId, pieceId: null, sectionId: null }))
    .flatMap((plan) => {
      const extra = basis.project.extras.find(({ id }) => id === plan.id);
      const mm = yarnOfUse(takenByExtra(plan), at, basis.answer.plan.likely);
      return extra
        ? [
            figure(say("thingNamed", { name: extraName(extra) }), mm, "yarn", {
              why: within(basis, { figure: "extra", id: plan.id }),
            }),
          ]
        : [];
    });
}

/** Ends of the work itself, and the joins of balls. */
function endsFormula(basis: ReasonBasis, asked: AskedFor<"part">): readonly Expression[] {
  const mine = isOf(asked);
  const joins = basis.answer.yarns
    .filter(({ yarn, balls }) => balls > 1 && mine({ yarnId: yarn.id, pieceId: null, sectionId: null }))
    .map(({ yarn, balls }) =>
      product(
        figure("joins", balls - 1, "count"),
        figure(say("joinTakes", { join: JOINS[basis.project.join].name }), yarn.joinMm, "size", {
          source: "constant",
        }),
      ),
    );
  return [...spelt(basis, "ends", sumCounts(usesOf(basis, asked).map(scaled))), ...joins];
}

/** A square swatch: its stitches times its rows, with as many rows more as its edges take. */
function swatchFormula(basis: ReasonBasis): readonly Expression[] {
  const { swatchMm } = basis.answer.plan;
  if (swatchMm <= 0) return [];
  const { widthMm, heightMm } = plainOf(basis);
  return [
    product(
      counted("swatchStitches", Math.round(swatchMm / widthMm)),
      sum(
        counted("swatchRows", Math.round(swatchMm / heightMm)),
        constant("swatchEdges", CAST_ONS_ALONE.knittedOn.takes.loops + CAST_OFFS.plain.takes.loops),
      ),
      loop(basis),
    ),
    product(constant("endsOfIt", 2, "count"), constant("end", END_MM, "size")),
  ];
}

/** Texture that saves yarn is told with the fabric that it is saved from. */
function textureFormula(basis: ReasonBasis, asked: AskedFor<"part">): readonly Expression[] {
  const at = measuresAt(basis);
  const uses = usesOf(basis, asked).filter(({ use }) => yarnOfUse(use, at, basis.answer.plan.likely) >= 0);
  return spelt(basis, "texture", sumCounts(uses.map(scaled)));
}

const byCounts =
  (part: LedgerPart): ((basis: ReasonBasis, asked: AskedFor<"part">) => readonly Expression[]) =>
  (basis, asked) =>
    spelt(basis, part, sumCounts(usesOf(basis, asked).map(scaled)));

const FORMULAS: {
  readonly [Part in LedgerPart]: (basis: ReasonBasis, asked: AskedFor<"part">) => readonly Expression[];
} = {
  plain: (basis, asked) => [plainFormula(basis, asked)],
  drawIn: (basis, asked) => [drawInFormula(basis, asked)],
  crossings: byCounts("crossings"),
  texture: textureFormula,
  castOn: (basis, asked) => [...byCounts("castOn")(basis, asked), ...tailsOf(basis, asked)],
  castOff: byCounts("castOff"),
  seams: seamsFormula,
  ends: endsFormula,
  swatch: (basis, asked) =>
    isOf(asked)({ yarnId: basis.answer.plan.yarns[0]?.id ?? "", pieceId: null, sectionId: null })
      ? swatchFormula(basis)
      : [],
  extras: extrasFormula,
};

/** What would make a part surer; the rest follows the loop. */
const SHARPER: { readonly [Part in LedgerPart]?: "sharperDrawIn" | "sharperCrossings" | "sharperTail" } = {
  drawIn: "sharperDrawIn",
  crossings: "sharperCrossings",
  castOn: "sharperTail",
};

/** What the ledger says of a part. */
const partMm = ({ answer: { estimate } }: ReasonBasis, asked: AskedFor<"part">) =>
  estimate.lines
    .filter((line) => line.part === asked.part && isOf(asked)(line))
    .reduce((total, { mm }) => total + mm, 0);

export const partReason: Because<"part"> = (basis, asked) => {
  const { part } = asked;
  const lines = FORMULAS[part](basis, asked);
  const value = partMm(basis, asked);
  return {
    name: say("ledgerPart", { part }),
    says: say("ledgerWhy", { part }),
    figure: { value, kind: "yarn" },
    formula: lines.length > 0 ? sum(...lines) : null,
    sharper: say(SHARPER[part] ?? "sharperLoop"),
  };
};

/** The yarn of one yarn of the project, part by part. */
export const needReason: Because<"need"> = (basis, { yarnId }) => {
  const yarn = yarnOf(basis, yarnId);
  if (!yarn) return null;
  const parts = LEDGER_PARTS.filter((part) => yarn.ledger[part] !== 0);
  return {
    figure: { value: yarn.totalMm, kind: "yarn" },
    formula: sum(
      ...parts.map((part) =>
        figure(say("ledgerPart", { part }), yarn.ledger[part], "yarn", {
          why: within(basis, { figure: "part", part, yarnId }),
        }),
      ),
    ),
    beside: [
      figure("tenInHundred", yarn.quantilesMm.p10, "yarn"),
      figure("ninetyInHundred", yarn.quantilesMm.p90, "yarn"),
    ],
    sharper: sharpest(basis),
  };
};

/** The parts of a piece or a section, added up. */
function byParts(basis: ReasonBasis, of: { readonly pieceId: string; readonly sectionId?: string }) {
  const parts = LEDGER_PARTS.map((part) => {
    const asked = within(basis, { figure: "part" as const, part, ...of });
    return { part, asked, mm: partMm(basis, asked) };
  }).filter(({ mm }) => mm !== 0);
  if (parts.length === 0) return null;
  return {
    figure: { value: parts.reduce((total, { mm }) => total + mm, 0), kind: "yarn" as const },
    formula: sum(
      ...parts.map(({ part, asked, mm }) => figure(say("ledgerPart", { part }), mm, "yarn", { why: asked })),
    ),
    sharper: sharpest(basis),
  };
}

export const pieceYarnReason: Because<"pieceYarn"> = (basis, { pieceId }) => byParts(basis, { pieceId });

export const sectionYarnReason: Because<"sectionYarn"> = (basis, { pieceId, sectionId }) =>
  byParts(basis, { pieceId, sectionId });

/** The yarn of all yarns together. */
export const totalReason: Because<"total"> = (basis) => ({
  figure: { value: basis.answer.estimate.totalMm, kind: "yarn" },
  formula: sum(
    ...basis.answer.yarns.map(({ yarn, totalMm }) =>
      figure(say("needOfYarn", { yarn: nameOfYarn(basis, yarn.id) }), totalMm, "yarn", {
        why: within(basis, { figure: "need", yarnId: yarn.id }),
      }),
    ),
  ),
  sharper: sharpest(basis),
});

const nameOfYarn = ({ project }: ReasonBasis, yarnId: string) =>
  project.yarns.find(({ id }) => id === yarnId)?.name ?? "";

export const seamReason: Because<"seam"> = (basis, { id }) => {
  const { project, answer } = basis;
  const [seam, plan] = [
    project.seams.find((one) => one.id === id),
    answer.plan.seams.find((one) => one.id === id),
  ];
  if (!seam || !plan) return null;
  const each = sum(
    product(constant("seamTimes", SEAM_TIMES), figure("seamLength", plan.lengthMm, "size")),
    product(constant("endsOfIt", 2, "count"), constant("end", END_MM, "size")),
  );
  const formula = often(plan.times, each);
  return { name: seamName(project, seam), figure: { value: worth(formula), kind: "yarn" }, formula };
};

export const extraReason: Because<"extra"> = (basis, { id }) => {
  const { project, answer } = basis;
  const [extra, plan] = [
    project.extras.find((one) => one.id === id),
    answer.plan.extras.find((one) => one.id === id),
  ];
  if (!extra || !plan) return null;
  const use = takenByExtra(plan);
  return {
    name: extraName(extra),
    figure: { value: yarnOfUse(use, measuresAt(basis), answer.plan.likely), kind: "yarn" },
    formula: sum(...spelt(basis, "extras", sumCounts([{ counts: use.counts, times: 1 }]))),
  };
};

/** The tail of the first cast-on of a piece, by the school that was chosen. */
export const tailReason: Because<"tail"> = (basis, { pieceId }) => {
  const tail = firstTail(basis, pieceId)?.tail;
  if (!tail) return null;
  const plain = plainOf(basis);
  const { stitches, needleMm, thicknessMm, twentyMm, finishedWidthMm } = tailBasis(tail, plain);
  const off = basis.answer.plan.likely.tail;
  const more: readonly Figure[] =
    off === 0 ? [] : [figure("tailMore", exp(off), "times", { source: "measured" })];
  const onStitches: { readonly [School in keyof typeof TAIL_RULES]: readonly Expression[] } = {
    wraps: [
      counted("stitchesCastOn", stitches),
      constant("pi", PI),
      sum(
        figure("needle", needleMm, "fine", { source: basis.answer.sources.needle }),
        product(constant("yarnShare", 0.7), figure("thickness", thicknessMm, "fine")),
      ),
    ],
    twenty: [
      product(counted("stitchesCastOn", stitches), constant("ofTwenty", 1 / 20)),
      figure("twenty", twentyMm, "size", { source: "assumed" }),
    ],
    widths: [constant("three", 3), figure("edgeWidth", finishedWidthMm, "size")],
  };
  return {
    figure: { value: tailMm(tail, plain, off), kind: "size" },
    formula: upTo(
      sum(product(...onStitches[tail.school], ...more), constant("end", END_MM, "size")),
      constant("measuredOff", MEASURED_OFF_MM, "size"),
    ),
    sharper: say("sharperTail"),
  };
};
