/** What a pattern says is sewn, as seams between the edges of its pieces. */
import { newSeam, type EdgeSide, type Seam } from "../project/finishing";

interface Sewable {
  readonly id: string;
  readonly name: string;
  readonly times: number;
}

const find = (pieces: readonly Sewable[], name: RegExp) => pieces.find((piece) => name.test(piece.name));

/** Seams of a sentence in plain words; null where it sews nothing that is known. Shoulders that are bound off together are none. */
export function seamsIn(words: string, pieces: readonly Sewable[], before: number): readonly Seam[] | null {
  if (!/^(?:sew|join|seam|set in)\b/.test(words)) return null;
  const back = find(pieces, /\bback\b/i);
  const fronts = pieces.filter(({ name }) => /\bfronts?\b/i.test(name));
  const sleeve = find(pieces, /\bsleeves?\b/i);
  const made: Seam[] = [];
  const sewn = (times: number, of: readonly [Sewable, EdgeSide], to: readonly [Sewable, EdgeSide] | null) =>
    made.push(
      newSeam(`seam-${before + made.length + 1}`, {
        times,
        of: { pieceId: of[0].id, side: of[1] },
        to: to && { pieceId: to[0].id, side: to[1] },
      }),
    );
  const each = fronts.length === 1 ? 2 : 1;
  if (/\bshoulder/.test(words) && back) for (const front of fronts) sewn(each, [front, "end"], [back, "end"]);
  if (/\bside\b/.test(words) && back) for (const front of fronts) sewn(each, [front, "side"], [back, "side"]);
  if (/\bsleeve (?:sts )?seams?\b|\bsleeves? and side\b|\bside and sleeve/.test(words) && sleeve)
    sewn(Math.max(1, sleeve.times), [sleeve, "side"], [sleeve, "side"]);
  if (/\bset in\b|\bsew in sleeves\b|\bsleeves? (?:in)?to\b|\binto armhole/.test(words) && sleeve && back) {
    sewn(2, [sleeve, "cap"], [back, "above"]);
    for (const front of fronts) sewn(each, [sleeve, "cap"], [front, "above"]);
  }
  if (made.length === 0) made.push(...namedEdges(words, pieces, before));
  if (
    made.length === 0 &&
    pieces.length === 1 &&
    pieces[0] &&
    /\b(?:side|back|long|seam|edges)\b/.test(words)
  )
    sewn(1, [pieces[0], "side"], [pieces[0], "side"]);
  return made.length > 0 ? made : null;
}

/** Edges as they are called. */
const CALLED: readonly (readonly [RegExp, EdgeSide])[] = [
  [/\bcaston (?:edges?|ends?)\b/, "start"],
  [/\bbindoff (?:edges?|ends?)\b/, "end"],
  [/\bsides?\b/, "side"],
];

/** Edges that are named on both sides of "to": "sew caston edge to bindoff edge"; or a front and a back, all round. */
function namedEdges(words: string, pieces: readonly Sewable[], before: number): readonly Seam[] {
  const [first, ...others] = pieces;
  if (!first || others.length > 1) return [];
  const other = others[0] ?? first;
  const seam = (index: number, times: number, side: EdgeSide, toSide: EdgeSide) =>
    newSeam(`seam-${before + index + 1}`, {
      times,
      of: { pieceId: first.id, side },
      to: { pieceId: other.id, side: toSide },
    });
  if (other !== first && /\b(?:all (?:4 )?(?:sides|edges|round|around)|4 sides)\b/.test(words))
    return [seam(0, 2, "side", "side"), seam(1, 1, "start", "start"), seam(2, 1, "end", "end")];
  const [one, to] = words.split(/ to /).map((part) => CALLED.find(([pattern]) => pattern.test(part))?.[1]);
  // Two pieces that are worked alike meet each other twice.
  return one && to && words.split(/ to /).length === 2 ? [seam(0, Math.max(1, first.times), one, to)] : [];
}
