/** The sections of the chosen piece: put in, changed, moved, copied, taken out; every step can be undone. */
import { freshId } from "./freshId";
import type { Draft } from "immer";
import { withFabric } from "@/core/project/sectionKinds";
import { newSection, type ProjectSection, type SectionKind, type SectionOf } from "@/core/project/sections";
import { nearestCount } from "@/core/typed/count";
import { chooseSection, chosenOf, chosenSectionIn, chosenSectionOf } from "../chosen/chosen";
import { forgetTexts } from "./forget";
import { change, useProjectStore } from "./projectStore";

/** More sections than this are not kept in one piece. */
export const MOST_SECTIONS = 80;

export const freshSectionId = () => freshId("section");

function put(what: string, section: ProjectSection) {
  if (chosenOf(useProjectStore.getState().project).sections.length >= MOST_SECTIONS) return;
  change(what, (draft) => {
    const { sections } = chosenOf(draft);
    const at = sections.findIndex(({ id }) => id === chosenSectionIn(draft).id);
    sections.splice(at + 1, 0, section as Draft<ProjectSection>);
  });
  chooseSection(section.id);
}

/** Begins a section of a kind behind the chosen one. */
export function addSection(kind: SectionKind) {
  put(
    "add section",
    withFabric(newSection(kind, freshSectionId()), () => ({ content: "asBefore" })),
  );
}

/** Copies the chosen section behind itself. */
export function copySection() {
  put("copy section", { ...chosenSectionOf(useProjectStore.getState().project), id: freshSectionId() });
}

/** Takes a section out, if another one is left. */
export function removeSection(id: string) {
  change("remove section", (draft) => {
    const piece = chosenOf(draft);
    if (piece.sections.length === 1) return;
    piece.sections = piece.sections.filter((section) => section.id !== id);
    forgetTexts(draft, [id]);
  });
}

/** Moves a section to another place among the sections. Places count from 0. */
export function moveSection(id: string, to: number) {
  change("move section", (draft) => {
    const { sections } = chosenOf(draft);
    const from = sections.findIndex((section) => section.id === id);
    const [section] = from < 0 ? [] : sections.splice(from, 1);
    if (section) sections.splice(nearestCount(to, { least: 0, most: sections.length }), 0, section);
  });
}

/** Changes the chosen section, if it is of this kind. */
export function editSection<Kind extends SectionKind>(
  kind: Kind,
  what: string,
  recipe: (section: Draft<SectionOf<Kind>>) => void,
) {
  change(what, (draft) => {
    const section = chosenSectionIn(draft);
    if (section.kind === kind) recipe(section as Draft<SectionOf<Kind>>);
  });
}

/** A fabric by ropes, panels or a ground; the first panel is put in where there is none. */
export function chooseContent(content: SectionOf<"fabric">["content"]) {
  editSection("fabric", "content", (section) => {
    section.content = content;
    if (content === "panels" && section.across.length === 0)
      section.across.push({ panelId: "honeycomb", times: 1, joined: "repeat" });
  });
}
