/** Texts that two hands have changed at a time, put together. */
import { diff3Merge } from "node-diff3";

/** Up to where two texts begin alike. */
function alikeAtStart(one: string, other: string): number {
  const most = Math.min(one.length, other.length);
  let at = 0;
  while (at < most && one[at] === other[at]) at += 1;
  return at;
}

/** How much of their ends two texts share, of the letters that are left behind `from`. */
function alikeAtEnd(one: string, other: string, from: number): number {
  const most = Math.min(one.length, other.length) - from;
  let count = 0;
  while (count < most && one.at(-1 - count) === other.at(-1 - count)) count += 1;
  return count;
}

interface Edit {
  /** The letters of the former text that were replaced, from the one up to the other. */
  readonly from: number;
  readonly to: number;
  readonly by: string;
}

/** What was changed, as one stretch. */
function editOf(before: string, after: string): Edit {
  const from = alikeAtStart(before, after);
  const end = alikeAtEnd(before, after, from);
  return { from, to: before.length - end, by: after.slice(from, after.length - end) };
}

/** Two stretches put together; where they touch, both new words stand one behind the other. */
function ofStretches(base: string, mine: string, theirs: string): string {
  const [own, other] = [editOf(base, mine), editOf(base, theirs)];
  const [first, second] = own.from < other.from ? [own, other] : [other, own];
  if (first.to <= second.from)
    return (
      base.slice(0, first.from) +
      first.by +
      base.slice(first.to, second.from) +
      second.by +
      base.slice(second.to)
    );
  return base.slice(0, first.from) + first.by + second.by + base.slice(Math.max(first.to, second.to));
}

const linesOf = (text: string) => text.split(/(?<=\n)/);

/**
 * What `mine` and `theirs` have made of `base`, put together: no letter that either has typed is lost. Lines that only
 * one has changed are taken from there; within a line that both have, each one's letters stand at their place.
 * Example: of "k4, p2", "k4, p2, k1" and "p1, k4, p2" it is "p1, k4, p2, k1".
 */
export function mergedTexts(base: string, mine: string, theirs: string): string {
  if (mine === theirs || base === theirs) return mine;
  if (base === mine) return theirs;
  return diff3Merge(linesOf(mine), linesOf(base), linesOf(theirs), { excludeFalseConflicts: true })
    .map(({ ok, conflict }) =>
      conflict
        ? ofStretches(conflict.o.join(""), conflict.a.join(""), conflict.b.join(""))
        : (ok ?? []).join(""),
    )
    .join("");
}
