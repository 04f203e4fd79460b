/** Typing into a field: the text is kept to the letter, and its value where it can be read. */
import type { Message } from "@/core/words/message";
import type { Project } from "@/core/project/project";
import type { UnitSystem } from "@/core/units/brands";
import {
  chosenNow,
  chosenOf,
  chosenSectionOf,
  chosenSwatchOf,
  chosenYarnOf,
  itemIdOf,
  type Chosen,
} from "../chosen/chosen";
import { fieldOf, type FieldId } from "./fields";
import { change, typed } from "../project/projectStore";

/** What a field shows: the text, and what is wrong with it if it could not be read. */
export interface Shown {
  readonly text: string;
  readonly problem: Message | null;
}

/** Where the text of a field is kept; a piece's own and a section's own stand under its id. */
function keyOf(id: FieldId, project: Pick<Project, "pieces" | "yarns" | "swatches">, at: Chosen): string {
  const { of } = fieldOf(id);
  if (of === "project") return id;
  if (of === "swatch") return `${id} ${chosenSwatchOf(project, at)?.id ?? ""}`;
  if (of === "seam" || of === "extra") return `${id} ${itemIdOf(of, at)}`;
  if (of === "yarn") {
    const yarn = chosenYarnOf(project, at);
    return yarn.id === project.yarns[0]?.id ? id : `${id} ${yarn.id}`;
  }
  return `${id} ${of === "piece" ? chosenOf(project, at).id : chosenSectionOf(project, at).id}`;
}

/** Takes a text into the project. What cannot be read is kept as text; the last good value stays in force. */
export const typeInto = (id: FieldId, text: string, units: UnitSystem, at: Chosen = chosenNow()) =>
  typed(() => take(id, text, units, at));

function take(id: FieldId, text: string, units: UnitSystem, at: Chosen) {
  const field = fieldOf(id);
  change(`type ${id}`, (draft) => {
    const key = keyOf(id, draft, at);
    draft.typed[key] = text.slice(0, 200);
    if (text.trim() === "" && field.optional) {
      delete draft.typed[key];
      return field.set(draft, null, at);
    }
    const reading = field.read(text, units);
    if (reading.ok) field.set(draft, reading.value, at);
  });
}

/**
 * What a field shows. A text typed with its unit stands as typed whatever the units are; one whose
 * meaning hangs on the units gives way to its value when they are switched.
 */
export function shownIn(id: FieldId, project: Project, units: UnitSystem, at: Chosen): Shown {
  const field = fieldOf(id);
  const value = field.get(project, at);
  const typed = project.typed[keyOf(id, project, at)];
  const told = value === null ? "" : field.tell(value, units);
  if (typed === undefined) return { text: told, problem: null };
  const reading = field.read(typed, units);
  if (!reading.ok) return { text: typed, problem: reading.message };
  return { text: alike(reading.value, value) ? typed : told, problem: null };
}

const alike = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);
