/** The count that a pattern prints behind a sentence: "(82 sts)", "- 82 sts remain", "; there are 82 sts". */
const BEHIND =
  /\s*(?:[([]|—\s*|[-–=;:,]\s|\.\s+(?=\d))\s*(?:(?:there (?:should |will )?(?:be|are)|you (?:should )?have|leaves|total)\s+)?(\d+)\s*(?:sts?|stitches)\b\.?(?:\s*(?:in all|in total|total|remain(?:ing)?|rem|left|on (?:the )?(?:needles?|ndls?)|now|(?:on |at |for )?each (?:side|shoulder|half)|altogether))*\s*\.?\s*[)\]]?\s*\.?\s*$/i;

/** A sentence without the count behind it, and that count; null where none is printed. */
export function withoutCount(sentence: string): { readonly said: string; readonly printed: number | null } {
  const found = BEHIND.exec(sentence.replace(/\s/g, " "));
  if (!found || found.index === 0) return { said: sentence, printed: null };
  return { said: sentence.slice(0, found.index), printed: Number(found[1]) };
}
