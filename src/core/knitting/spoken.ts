/** A row as it is read aloud: what voices would stumble over is written out. */

const WHOLE: readonly (readonly [RegExp, string])[] = [
  [/\b(\d+)\/(\d+)\/(\d+) ([LR])(P?)C\b/g, "$1 over $3 with $2 between, $4 $5 cross"],
  [/\b(\d+)\/(\d+) ([LR])(P?)C\b/g, "$1 over $2, $3 $4 cross"],
  [/\bk(\d+)tog\b/gi, "knit $1 together"],
  [/\bp(\d+)tog\b/gi, "purl $1 together"],
  [/\bssk\b/gi, "slip, slip, knit"],
  [/\bssp\b/gi, "slip, slip, purl"],
  [/\byo\b/gi, "yarn over"],
  [/\bk(\d+)\b/g, "knit $1"],
  [/\bp(\d+)\b/g, "purl $1"],
  [/\bsl(\d+)\b/g, "slip $1"],
  [/\bm1([lr])\b/gi, "make 1 $1"],
];

const SIDES: readonly (readonly [RegExp, string])[] = [
  [/ {2,}/g, " "],
  [/\bL (P )?cross/g, "left $1cross"],
  [/\bR (P )?cross/g, "right $1cross"],
  [/\bP cross/g, "purl cross"],
];

/** Example: "p2, 3/3 LC, k13" is read as "purl 2, 3 over 3, left cross, knit 13". */
export const spoken = (text: string): string =>
  [...WHOLE, ...SIDES].reduce((said, [written, aloud]) => said.replace(written, aloud), text);
