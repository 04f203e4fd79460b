/** What the answer leaves out, as the knitter sees it: to go to, to mend, or to be told to leave out. */
import { useMemo } from "react";
import type { Draft } from "immer";
import { omissionsOf, saidToLeaveOut, type Omission } from "@/core/forecast/omissions";
import type { Project } from "@/core/project/project";
import { ONE_YARN, type ProjectSection } from "@/core/project/sections";
import type { Swatch } from "@/core/project/swatches";
import { useAnswer } from "./answer";
import { choosePiece, chooseSection, chooseItem, chooseSwatch, chooseYarn } from "../chosen/chosen";
import { dropItem } from "../project/finishing";
import { change, useProject, useProjectPart } from "../project/projectStore";
import { useUnits } from "../keeping/settings";
import { dropText, useAllRefused } from "../fields/typedTexts";

/** Everything that the answer leaves out without having been told to; empty where it is whole. */
export function useOmissions(): readonly Omission[] {
  const answer = useAnswer();
  const project = useProject();
  const units = useUnits();
  const fields = useAllRefused();
  return useMemo(
    () => (answer.known ? [...omissionsOf(project, answer, units), ...ofCounts(project, fields)] : []),
    [project, answer, units, fields],
  );
}

/** Whether a section still asks for what a text is of: times of its panels, or counts of its colours. */
function isAskedFor(section: ProjectSection, of: string): boolean {
  const [, what = "", index = ""] = of.split(" ");
  if (what !== "across") return section.colours.kind !== "one";
  return section.kind === "fabric" && section.content === "panels" && Number(index) < section.across.length;
}

/** Counts of panels and colours that could not be read, of sections that are still there. */
const ofCounts = ({ pieces }: Project, fields: ReturnType<typeof useAllRefused>): readonly Omission[] =>
  fields.flatMap(({ of, label }) =>
    pieces.flatMap((piece): readonly Omission[] => {
      const section = piece.sections.find(({ id }) => of.startsWith(`${id} `));
      if (!section || section.leftOut || piece.leftOut || !isAskedFor(section, of)) return [];
      const message = "What is typed there cannot be read: the last count is used.";
      return [{ kind: "field", label, owner: of, pieceId: piece.id, sectionId: section.id, message }];
    }),
  );

/** What the knitter has said to leave out. */
export function useSaidToLeaveOut() {
  const pieces = useProjectPart((project) => project.pieces);
  return useMemo(() => saidToLeaveOut({ pieces }), [pieces]);
}

/** Opens what an omission lies in; gives the bench and the field that it is mended at. */
export function openOmission(omission: Omission): { readonly bench: string; readonly field: string | null } {
  if (omission.kind === "measurement") {
    chooseSwatch(omission.swatchId);
    return { bench: "/swatches", field: MEASURE_FIELDS[omission.measure] };
  }
  if (omission.kind === "finishing") {
    chooseItem(omission.of === "seams" ? "seam" : "extra", omission.id);
    return { bench: "/", field: omission.of === "seams" ? "seamTimes" : "extraTimes" };
  }
  if (omission.kind !== "figure") {
    chooseSection(omission.sectionId, omission.pieceId);
    return { bench: "/", field: omission.kind === "measuredWidth" ? "measuredWidth" : null };
  }
  const { id, pieceId, sectionId, swatchId, yarnId, item } = omission.figure;
  if (item) chooseItem(item.of === "seams" ? "seam" : "extra", item.id);
  if (sectionId !== null && pieceId !== null) chooseSection(sectionId, pieceId);
  else if (pieceId !== null) choosePiece(pieceId);
  if (swatchId !== null) chooseSwatch(swatchId);
  if (yarnId !== null) chooseYarn(yarnId);
  return { bench: swatchId !== null || id === "allowance" ? "/swatches" : "/", field: id };
}

type MeasureField = Extract<Omission, { kind: "measurement" }>["measure"];

const MEASURE_FIELDS: { readonly [Id in MeasureField]: string } = {
  asKnitWidth: "asKnitWidth",
  asKnitHeight: "asKnitHeight",
  finishedWidth: "finishedWidth",
  finishedHeight: "finishedHeight",
  mass: "swatchMass",
  unravelled: "unravelledLength",
};

/** How each reading of a swatch is taken back. */
const TAKE_BACK: { readonly [Id in MeasureField]: (swatch: Draft<Swatch>) => void } = {
  asKnitWidth: ({ asKnit }) => void (asKnit.widthMm = null),
  asKnitHeight: ({ asKnit }) => void (asKnit.heightMm = null),
  finishedWidth: ({ finished }) => void (finished.widthMm = null),
  finishedHeight: ({ finished }) => void (finished.heightMm = null),
  mass: (swatch) => void (swatch.massG = null),
  unravelled: ({ unravelled }) => void (unravelled.lengthMm = null),
};

function settle(draft: Draft<Project>, omission: Exclude<Omission, { kind: "field" }>) {
  if (omission.kind === "figure") {
    delete draft.typed[omission.figure.key];
    return;
  }
  if (omission.kind === "measurement") {
    const swatch = draft.swatches.find(({ id }) => id === omission.swatchId);
    if (swatch) TAKE_BACK[omission.measure](swatch);
    delete draft.typed[`${MEASURE_FIELDS[omission.measure]} ${omission.swatchId}`];
    return;
  }
  if (omission.kind === "finishing") return dropItem(draft, omission.of, omission.id);
  const piece = draft.pieces.find(({ id }) => id === omission.pieceId);
  const section = piece?.sections.find(({ id }) => id === omission.sectionId);
  if (omission.kind === "piece" && piece) piece.leftOut = true;
  else if (omission.kind === "section" && section) section.leftOut = true;
  else if (omission.kind === "colour" && section) section.colours = ONE_YARN;
  else if (omission.kind === "measuredWidth" && section?.kind === "fabric") {
    section.measured = { widthMm: null, stitches: null };
    delete draft.typed[`measuredWidth ${section.id}`];
    delete draft.typed[`measuredStitches ${section.id}`];
  }
}

/** The knitter says to leave it out: a section is not worked, a text or a reading goes, what stood before it counts. */
export function leaveOut(omission: Omission) {
  if (omission.kind === "field") dropText({ of: omission.owner, label: omission.label });
  else change(`leave out ${JSON.stringify(omission)}`, (draft) => settle(draft, omission));
}

/** Takes a piece or a section in again that was told to be left out. */
export const takeIn = (pieceId: string, sectionId: string | null) =>
  change(`take in ${pieceId} ${sectionId}`, (draft) => {
    const piece = draft.pieces.find(({ id }) => id === pieceId);
    if (!piece) return;
    if (sectionId === null) piece.leftOut = false;
    const section = piece.sections.find(({ id }) => id === sectionId);
    if (section) section.leftOut = false;
  });
