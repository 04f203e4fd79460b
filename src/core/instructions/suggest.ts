/** The nearest known words to an unknown one. */

const WORDS =
  "knit purl slip yo k2tog p2tog ssk ssp skp sk2p cdd kfb pfb m1l m1r MB nupp row rows round repeat rep from to end last times twice 2/2 LC 2/2 RC C4F C4B C6F C6B T3F T3B".split(
    / (?![LR]C)/,
  );

/** Changes of one letter that turn one word into the other (Levenshtein 1966), case aside. */
function distance(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_, index) => index);
  for (let i = 1; i <= one.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= other.length; j += 1) {
      const same = one.charAt(i - 1) === other.charAt(j - 1) ? 0 : 1;
      next[j] = Math.min((next[j - 1] ?? 0) + 1, (row[j] ?? 0) + 1, (row[j - 1] ?? 0) + same);
    }
    row = next;
  }
  return row[other.length] ?? Infinity;
}

/** Up to three known words, nearest first; none where all are too far. Example: "k2tgo" suggests "k2tog". */
export function nearestWords(word: string, known: readonly string[] = WORDS): readonly string[] {
  const short = word.slice(0, 20).toLowerCase();
  return known
    .map((candidate) => ({ candidate, far: distance(short, candidate.toLowerCase()) }))
    .filter(({ candidate, far }) => far <= Math.max(1, Math.floor(candidate.length / 2)))
    .sort((a, b) => a.far - b.far)
    .slice(0, 3)
    .map(({ candidate }) => candidate);
}
