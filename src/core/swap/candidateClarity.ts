/** How clearly cables show in a candidate, all its strands together. */
import type { Candidate } from "../project/candidates";
import { clarityOf, type Clarity } from "./clarity";
import { blended, readFibres } from "../yarn/fibres";

/** A lace beside it lends it its halo, by its share of the mass. */
export function candidateClarity({ label, strands, beside }: Candidate): Clarity {
  if (!beside) return clarityOf(label, strands);
  const all = strands + beside.strands;
  const [one, other] = [readFibres(label.fibres), readFibres(beside.label.fibres)];
  const [main, held] = [label.putUp, beside.label.putUp];
  if (!one || !other || !main || !held) return clarityOf(label, all);
  const [gramsOne, gramsOther] = [
    (strands * main.massG) / main.lengthM,
    (beside.strands * held.massG) / held.lengthM,
  ];
  const share = gramsOne / (gramsOne + gramsOther);
  const blend = blended([
    { blend: one, share },
    { blend: other, share: 1 - share },
  ]);
  return clarityOf(label, all, blend);
}
