/** Why each part of the work takes so much yarn: the counts of its rows, each times what it takes. */
import { JOINS } from "../estimate/balls";
import { SWATCH_EDGES } from "../estimate/edges";
import { extraName } from "../estimate/extras";
import type { LedgerPart } from "../estimate/ledger";
import { END_MM } from "../estimate/longTail";
import { lengthOf, sumCounts } from "../estimate/measures";
import { seamName } from "../estimate/seamName";
import { tailMm, takenByExtra, takenBySeam, yarnOfUse } from "../estimate/uses";
import { say } from "../words/message";
import type { AskedFor } from "./asked";
import { within, type ReasonBasis } from "./basis";
import { isOf, scaled, spelt, usesOf } from "./counted";
import { difference, product, sum, type Expression } from "./expression";
import { constant, counted, figure } from "./figure";
import { loop, measuresAt, plainOf } from "./gauge";
import { often, isFirstTail } from "./items";
import type { Because } from "./reason";

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
      sum(counted("swatchRows", Math.round(swatchMm / heightMm)), constant("swatchEdges", SWATCH_EDGES)),
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
export const partMm = ({ answer: { estimate } }: ReasonBasis, asked: AskedFor<"part">) =>
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
