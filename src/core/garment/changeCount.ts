/** A row that increases or decreases to another count, evenly, written out so that it adds up. */
import { joined, type PanelRow, type Work } from "../panels/panel";
import { operationOf } from "../stitches/operations";
import { say } from "../words/message";
import { read, unread, type Reading } from "../typed/reading";
import { inBrackets, sharesOf } from "./spread";

/** Plain stitches before each increase or decrease, and after the last. */
interface Runs {
  readonly act: "m1" | "k2tog";
  readonly before: readonly number[];
  readonly last: number;
}

/** An increase in the middle of each share: half of the first share before it, half of the last behind. */
function increases(from: number, count: number): Runs {
  const shares = sharesOf(from, count);
  const first = Math.ceil((shares[0] ?? 0) / 2);
  const before = shares.map((share, index) =>
    index === 0 ? first : Math.floor((shares[index - 1] ?? 0) / 2) + Math.ceil(share / 2),
  );
  return { act: "m1", before, last: Math.floor((shares.at(-1) ?? 0) / 2) };
}

/** A decrease in the middle of each share of the stitches. */
function decreases(from: number, count: number): Runs {
  const shares = sharesOf(from, count);
  const halves = shares.map((share) => Math.ceil((share - 2) / 2));
  const before = shares.map((_, index) => {
    const left = index === 0 ? 0 : (shares[index - 1] ?? 0) - 2 - (halves[index - 1] ?? 0);
    return left + (halves[index] ?? 0);
  });
  return { act: "k2tog", before, last: (shares.at(-1) ?? 0) - 2 - (halves.at(-1) ?? 0) };
}

function runsOf(from: number, to: number): Reading<Runs> {
  const change = to - from;
  if (change > from) return unread(say("increasesDoNotFit", { change, from, first: 2 * from }));
  if (-change * 2 > from)
    return unread(say("decreasesDoNotFit", { change: -change, from, first: Math.ceil(from / 2) }));
  if (change === 0) return read({ act: "m1", before: [], last: from });
  return read(change > 0 ? increases(from, change) : decreases(from, -change));
}

const knit = (stitches: number) => (stitches > 0 ? [`k${stitches}`] : []);

/**
 * The row that takes `from` stitches to `to`, as text that reads as a row.
 * Errors: more increases than one for each stitch, more decreases than pairs, each with what to do.
 * Example: 78 to 96 is 18 increases: "[k2, m1, k4, m1 …", which adds up to 96.
 */
export function changeCount(from: number, to: number): Reading<string> {
  const runs = runsOf(from, to);
  if (!runs.ok) return runs;
  const { act, before, last } = runs.value;
  return read(inBrackets([...before.map((run) => [...knit(run), act].join(", ")), ...knit(last)]));
}

const ACTS = { m1: "m1l", k2tog: "k2tog" } as const;

/** The same row as it is worked. Errors as above. Example: 4 to 6 is k1, m1, k2, m1, k1. */
export function changeRow(from: number, to: number): Reading<PanelRow> {
  const runs = runsOf(from, to);
  if (!runs.ok) return runs;
  const { act, before, last } = runs.value;
  const plain = (times: number): Work => ({ operation: operationOf("knit"), times });
  const changed: Work = { operation: operationOf(ACTS[act]), times: 1 };
  return read(joined([...before.flatMap((run) => [plain(run), changed]), plain(last)]));
}
