/** The shelf: put on, taken off, changed in bulk, reserved; every step can be undone. */
import { freshId } from "../project/freshId";
import { produce, type Draft } from "immer";
import { create } from "zustand";
import { isLabelOf, isSameYarn, labelSchema, type YarnLabel } from "@/core/project/label";
import type { ShopList } from "@/core/files/shopList";
import type { Project } from "@/core/project/project";
import {
  emptyShelf,
  MOST_ENTRIES,
  newEntry,
  withProjectRenamed,
  type ShelfEntry,
} from "@/core/project/shelf";
import type { OrderLine } from "@/core/order/plan";
import { SHELF_ID } from "@/core/order/offers";
import { changeShelf, put, useProjectStore } from "../project/projectStore";

const newId = () => freshId("shelf");

/** Puts a yarn on the shelf, first in its order; gives its id. */
export function addEntry(given: Partial<ShelfEntry> = {}): string {
  const id = newId();
  changeShelf("add to shelf", (shelf) => {
    if (shelf.entries.length < MOST_ENTRIES) shelf.entries.unshift(newEntry(id, given));
  });
  return id;
}

/** Changes some entries alike; `what` names it, so that quick changes of one thing are one step. */
export function editEntries(
  ids: readonly string[],
  what: string,
  recipe: (entry: Draft<ShelfEntry>) => void,
) {
  const chosen = new Set(ids);
  changeShelf(`shelf ${what} ${ids.join()}`, (shelf) => {
    for (const entry of shelf.entries) if (chosen.has(entry.id)) recipe(entry);
  });
}

export function removeEntries(ids: readonly string[]) {
  const chosen = new Set(ids);
  changeShelf("take off shelf", (shelf) => {
    shelf.entries = shelf.entries.filter(({ id }) => !chosen.has(id));
  });
}

/** Puts many entries on the shelf in one step; as many as there is room for. Gives how many that were. */
export function putOnShelf(entries: readonly ShelfEntry[]): number {
  const room = MOST_ENTRIES - useProjectStore.getState().shelf.entries.length;
  const taken = entries.slice(0, room);
  changeShelf("import shelf", (shelf) => {
    shelf.entries.push(...(taken as Draft<ShelfEntry>[]));
  });
  return taken.length;
}

export const clearShelf = () => put("clear shelf", { shelf: emptyShelf() });

/** Balls of an entry that are reserved for a project. */
export const putByFor = ({ reserved }: ShelfEntry, project: string) =>
  reserved.find((one) => one.project === project)?.balls ?? 0;

function putBy(entry: Draft<ShelfEntry>, project: string, balls: number) {
  entry.reserved = entry.reserved.filter((one) => one.project !== project);
  if (balls > 0) entry.reserved.push({ project, balls });
}

/** Puts by for the open project what a plan takes from the shelf, and gives free what it does not. */
export function reserve(lines: readonly OrderLine[]) {
  const { name } = useProjectStore.getState().project;
  const balls = new Map(
    lines.filter(({ offer }) => offer.sellerId === SHELF_ID).map((line) => [line.offer.id, line.balls]),
  );
  changeShelf("reserve", (shelf) => {
    for (const entry of shelf.entries) {
      const wanted = balls.get(entry.id) ?? 0;
      if (wanted !== putByFor(entry as ShelfEntry, name)) putBy(entry, name, wanted);
    }
  });
}

/** Changes what a project is called and said of it; what is reserved for it goes with its name, in one step. */
export function changeDetails(recipe: (project: Draft<Project>) => void) {
  const { project, shelf } = useProjectStore.getState();
  const changed = produce(project, recipe);
  put("details", { project: changed, shelf: withProjectRenamed(shelf, project.name, changed.name) });
}

/** Releases all that is reserved for the open project. */
export const unreserve = () => reserve([]);

/**
 * What a plan buys lies on the shelf now, reserved for the open project; `label` is that of its yarn, of which so many
 * strands are held.
 */
export function bringHome(lines: readonly OrderLine[], label: YarnLabel, strands = 1) {
  const { name } = useProjectStore.getState().project;
  changeShelf("bring home", (shelf) => {
    for (const { offer, balls } of lines) {
      if (offer.sellerId === SHELF_ID) continue;
      const { massG, lengthM, lot, price } = offer;
      shelf.entries.unshift(
        newEntry(newId(), {
          label: { ...label, putUp: { massG, lengthM: lengthM * strands } },
          lot,
          balls,
          price,
          reserved: [{ project: name, balls }],
        }),
      );
    }
  });
}

/** The label of a yarn by its full name: as the shelf has it, or a shop, or as much as the project knows. */
export function labelOf(name: string, shop: ShopList | null): YarnLabel {
  const { shelf, project } = useProjectStore.getState();
  const all = [...shelf.entries, ...(shop?.yarns ?? [])];
  const found = all.find(({ label }) => isLabelOf(label, name));
  const own = project.yarns.find((yarn) => isSameYarn(yarn.name, name));
  return (
    found?.label ?? labelSchema.parse({ name, colour: own?.colour ?? "#8a7b5c", putUp: own?.putUp ?? null })
  );
}

/** A table that is on its way onto the shelf; null while none is. */
export const useTable = create<{ readonly file: File | null }>()(() => ({ file: null }));
export const openTable = (file: File | null) => useTable.setState({ file });
