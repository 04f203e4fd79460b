/** What a candidate is to knit with: its strand, and what its band says. */
import type { Candidate } from "../project/candidates";
import { NO_SHOP } from "../project/orders";
import type { Project } from "../project/project";
import { isPutUp, type PutUp } from "../yarn/putUp";
import { heldTogether, type Held } from "../yarn/strands";

/** What is held of a candidate; null while a put-up is missing. */
export function heldOf({ label, strands, beside }: Candidate): readonly [Held, ...Held[]] | null {
  const first = label.putUp as PutUp | null;
  if (!first) return null;
  if (!beside) return [{ putUp: first, strands }];
  const second = beside.label.putUp as PutUp | null;
  return second
    ? [
        { putUp: first, strands },
        { putUp: second, strands: beside.strands },
      ]
    : null;
}

/** What is held as one strand; null while a put-up is missing, or where together they are no yarn that can be knitted. */
export function strandOf(candidate: Candidate): PutUp | null {
  const held = heldOf(candidate);
  const strand = held && heldTogether(held);
  return strand && isPutUp(strand) ? strand : null;
}

/** A band speaks of one strand by itself. */
export const isOneStrand = ({ strands, beside }: Candidate) => strands === 1 && beside === null;

/** The candidate that the pattern's own yarn is: what is known of the one is known of the other. */
export function ownCandidate({ yarns: [yarn], gauge, needleMm }: Project): Candidate | null {
  if (!yarn) return null;
  const { id, name, colour, bandClass, held } = yarn;
  const { stitchesPer10Cm, rowsPer10Cm } = gauge;
  return {
    id,
    label: {
      name,
      colourName: "",
      colour,
      dyed: yarn.dyed,
      fibres: yarn.fibres,
      plies: yarn.plies,
      bandClass,
      putUp: held?.putUp ?? yarn.putUp,
      stitchesPer10Cm,
      rowsPer10Cm,
      needleMm,
    },
    strands: held?.strands ?? 1,
    beside: held?.beside ?? null,
    from: "typed",
    price: null,
    seller: NO_SHOP,
  };
}

/** Plain gauge of the band; of strands together no band speaks. */
export const bandGauge = (candidate: Candidate) => ({
  stitchesPer10Cm: isOneStrand(candidate) ? candidate.label.stitchesPer10Cm : null,
  rowsPer10Cm: isOneStrand(candidate) ? candidate.label.rowsPer10Cm : null,
});

/** Needle of the band; of strands together no band speaks. */
export const bandNeedle = (candidate: Candidate) =>
  isOneStrand(candidate) ? candidate.label.needleMm : null;
