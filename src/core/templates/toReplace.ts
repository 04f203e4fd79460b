/** A substitute in one minute: what the pattern asks for, the yarn in hand, and what else one might think of. */
import { candidateSchema, MOST_CANDIDATES, type Candidate } from "../project/candidates";
import type { YarnLabel } from "../project/label";
import type { Project } from "../project/project";
import { newSwatch } from "../project/swatches";
import { usualPutUp, type YarnClass } from "../yarn/classes";
import { metresIn100G, type PutUp } from "../yarn/putUp";
import { onlyAsked, type OnlyAsked } from "./onlyAsked";

/** A yarn that is there, as it is known. */
export interface InHandYarn {
  readonly label: Partial<YarnLabel> & { readonly putUp: PutUp };
  /** Strands held together; null for as many as come nearest to the pattern's yarn. */
  readonly strands: number | null;
  /** Its plain swatch over 10 cm, finished; null where there is none. */
  readonly swatch: { readonly stitches: number; readonly rows: number | null } | null;
}

/** What one thinks of beside the yarn in hand, with its strands. */
const USUAL: readonly (readonly [YarnClass, number])[] = [
  ["chunky", 1],
  ["aran", 1],
  ["fingering", 2],
];

const MOST_STRANDS = 4;

/**
 * Strands of a yarn that are nearest to another one in thickness, in ln. Example: of 400 m in 100 g beside 164 m, two.
 */
export function strandsFor(yarn: PutUp, beside: PutUp): number {
  const off = (strands: number) => Math.abs(Math.log(metresIn100G(yarn) / strands / metresIn100G(beside)));
  const counts = Array.from({ length: MOST_STRANDS }, (_, index) => index + 1);
  return counts.reduce((best, strands) => (off(strands) < off(best) ? strands : best), 1);
}

const COLOUR = "#8a7b5c";

const usual = ([name, strands]: (typeof USUAL)[number]): Candidate =>
  candidateSchema.parse({
    id: `usual-${name}`,
    label: { name: `Some ${name} yarn`, colour: COLOUR, putUp: usualPutUp(name), bandClass: name },
    strands,
  });

/** Millimetres of a swatch that is told by a gauge. */
const SWATCH_MM = 100;

/** The project: what the pattern asks for, and beside its yarn the one in hand and the usual ones. */
export function toReplace(asked: OnlyAsked, inHand: InHandYarn | null): Project {
  const project = onlyAsked(asked);
  const own = project.yarns[0]?.putUp as PutUp | null | undefined;
  if (!inHand) return { ...project, swap: { ...project.swap, candidates: USUAL.map(usual) } };
  const { label, swatch } = inHand;
  const strands = inHand.strands ?? (own ? strandsFor(label.putUp, own) : 1);
  const candidate = candidateSchema.parse({
    id: "in-hand",
    label: { name: "The yarn in hand", colour: COLOUR, ...label },
    strands,
  });
  return {
    ...project,
    swap: { ...project.swap, candidates: [candidate, ...USUAL.map(usual)].slice(0, MOST_CANDIDATES) },
    swatches: swatch
      ? [
          newSwatch("in-hand-swatch", {
            name: "Swatch of the yarn in hand",
            yarnId: candidate.id,
            stitches: Math.max(4, Math.round(swatch.stitches)),
            rows: swatch.rows === null ? null : Math.max(1, Math.round(swatch.rows)),
            finished: {
              // So many stitches lie so wide, where a whole count of them is not over 10 cm.
              widthMm: (SWATCH_MM * Math.round(swatch.stitches)) / swatch.stitches,
              stitches: Math.round(swatch.stitches),
              heightMm: swatch.rows === null ? null : (SWATCH_MM * Math.round(swatch.rows)) / swatch.rows,
              rows: swatch.rows === null ? null : Math.round(swatch.rows),
            },
          }),
        ]
      : [],
  };
}
