/** Values of JSON that two hands have changed at a time, put together: changes are merged, not states. */
import { mergedTexts } from "./texts";

type Json = Readonly<Record<string, unknown>>;
interface Item {
  readonly id: string;
}

/** Keys whose texts are written by hand; any other text is a choice, a name of something or a colour, and stands whole. */
const WRITTEN = new Set(["text", "notes", "name", "madeFor", "place", "fibres"]);

const isJson = (value: unknown): value is Json =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const hasId = (value: unknown): value is Item => isJson(value) && typeof value.id === "string";

/** Things with names of their own, no two of them alike. */
const areItems = (list: readonly unknown[]): list is readonly Item[] =>
  list.every(hasId) && new Set(list.map(({ id }) => id)).size === list.length;

/** Whether two values of JSON say the same, in whatever order their keys stand. */
export function same(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((value, at) => same(value, other[at]));
  if (!isJson(one) || !isJson(other)) return false;
  const keys = Object.keys(one);
  return (
    keys.length === Object.keys(other).length &&
    keys.every((key) => Object.hasOwn(other, key) && same(one[key], other[key]))
  );
}

/** The one of three that was changed; where both have, mine. */
const either = (base: unknown, mine: unknown, theirs: unknown) =>
  same(base, theirs) || same(mine, theirs) || !same(base, mine) ? mine : theirs;

/** What an object has of its own under a key: a key of data can be named as what every object has. */
const ownOf = (object: Json, key: string) => (Object.hasOwn(object, key) ? object[key] : undefined);

function mergedObjects(base: Json, mine: Json, theirs: Json): Json {
  // Things of two kinds have nothing to put together.
  if (mine.kind !== theirs.kind) return either(base, mine, theirs) as Json;
  const merged = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].flatMap((key) => {
    const value = mergedValues(ownOf(base, key), ownOf(mine, key), ownOf(theirs, key), key);
    return value === undefined ? [] : [[key, value] as const];
  });
  const isMine =
    merged.length === Object.keys(mine).length && merged.every(([key, value]) => value === mine[key]);
  return isMine ? mine : Object.fromEntries(merged);
}

const idsOf = (list: readonly Item[]) => list.map(({ id }) => id);
const only = (ids: readonly string[], among: ReadonlySet<string>) => ids.filter((id) => among.has(id));

/** Items that one of two lists has more, each behind the one that it stands behind there. */
function withOthers(ids: readonly string[], others: readonly string[]): readonly string[] {
  const all = [...ids];
  const known = new Set(ids);
  others.forEach((id, at) => {
    if (known.has(id)) return;
    const before = others[at - 1];
    all.splice(before === undefined ? 0 : all.indexOf(before) + 1, 0, id);
    known.add(id);
  });
  return all;
}

function mergedItems(base: readonly Item[], mine: readonly Item[], theirs: readonly Item[]) {
  const byId = (list: readonly Item[]) => new Map(list.map((item) => [item.id, item]));
  const [was, own, other] = [byId(base), byId(mine), byId(theirs)];
  const found = new Map<string, Item>();
  for (const id of new Set([...own.keys(), ...other.keys()])) {
    const item = mergedValues(was.get(id), own.get(id), other.get(id));
    if (hasId(item)) found.set(id, item);
  }
  const kept = new Set(found.keys());
  const common = new Set(idsOf(base).filter((id) => own.has(id) && other.has(id)));
  const moved = !same(only(idsOf(base), common), only(idsOf(mine), common));
  const [lead, more] = moved ? [mine, theirs] : [theirs, mine];
  const list = only(withOthers(idsOf(lead), idsOf(more)), kept).flatMap((id) => found.get(id) ?? []);
  return list.length === mine.length && list.every((item, at) => item === mine[at]) ? mine : list;
}

function mergedLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]) {
  if (areItems(mine) && areItems(theirs) && areItems(base)) return mergedItems(base, mine, theirs);
  if (mine.length !== theirs.length || base.length !== mine.length) return either(base, mine, theirs);
  const list = mine.map((one, at) => mergedValues(base[at], one, theirs[at]));
  return list.every((one, at) => one === mine[at]) ? mine : list;
}

/**
 * What `mine` and `theirs` have made of `base`, put together. Objects go key by key, things with an id each by itself:
 * what one has added stays, what one has removed goes unless the other has changed it. Where both have changed one and
 * the same figure, mine stands; texts that are written by hand keep the letters of both. What is as in `mine` is that
 * very object, so that whoever shows it sees that nothing has changed.
 * Example: of {a: 1, b: 1}, {a: 2, b: 1} and {a: 1, b: 3} it is {a: 2, b: 3}.
 */
export function mergedValues(base: unknown, mine: unknown, theirs: unknown, key = ""): unknown {
  if (mine === theirs || base === theirs) return mine;
  if (isJson(mine) && isJson(theirs)) return mergedObjects(isJson(base) ? base : {}, mine, theirs);
  if (Array.isArray(mine) && Array.isArray(theirs))
    return mergedLists(Array.isArray(base) ? base : [], mine, theirs);
  if (WRITTEN.has(key) && typeof mine === "string" && typeof theirs === "string")
    return mergedTexts(typeof base === "string" ? base : "", mine, theirs);
  // Gone on one side, changed on the other: what was worked on is not thrown away.
  if (mine === undefined) return same(base, theirs) ? undefined : theirs;
  if (theirs === undefined) return same(base, mine) ? undefined : mine;
  return either(base, mine, theirs);
}
