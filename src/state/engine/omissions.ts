/** What the answer leaves out, as the knitter sees it: to go to, to mend, or to be told to leave out. */
import { useMemo } from "react";
import type { Draft } from "immer";
import { omissionsOf, saidToLeaveOut, type Omission } from "@/core/forecast/omissions";
import type { Project } from "@/core/project/project";
import { isFabric } from "@/core/project/sectionKinds";
import { ONE_YARN, type ProjectSection } from "@/core/project/sections";
import type { Swatch } from "@/core/project/swatches";
import { useAnswer } from "./answer";
import { choosePiece, chooseSection, chooseItem, chooseSwatch, chooseYarn } from "../chosen/chosen";
import { takeInHand } from "../chosen/inHand";
import { tellLog } from "../project/log";
import { dropItem } from "../project/finishing";
import { change, useProject, useProjectPart } from "../project/projectStore";
import { useUnits } from "../keeping/settings";
import { dropText, useAllRefused } from "../fields/typedTexts";
import { say } from "../../core/words/message";

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
  return isFabric(section) && section.content === "panels" && Number(index) < section.across.length;
}

/** Counts of panels and colours that could not be read, of sections that are still there. */
const ofCounts = ({ pieces }: Project, fields: ReturnType<typeof useAllRefused>): readonly Omission[] =>
  fields.flatMap(({ of, label }) =>
    pieces.flatMap((piece): readonly Omission[] => {
      const section = piece.sections.find(({ id }) => of.startsWith(`${id} `));
      if (!section || section.leftOut || piece.leftOut || !isAskedFor(section, of)) return [];
      const message = say("countNotRead");
      return [{ kind: "field", label, owner: of, pieceId: piece.id, sectionId: section.id, message }];
    }),
  );

/** What the knitter has said to leave out. */
export function useSaidToLeaveOut() {
  const pieces = useProjectPart((project) => project.pieces);
  return useMemo(() => saidToLeaveOut({ pieces }), [pieces]);
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

interface Place {
  readonly bench: string;
  readonly field: string | null;
}

/** How an omission of a kind is come to, and what is done where the knitter says to leave it out. */
interface OmissionKind<Kind extends Omission["kind"]> {
  readonly open: (omission: Extract<Omission, { kind: Kind }>) => Place;
  /** The text of a count goes by itself: it is kept outside of the project. */
  readonly settle: ((draft: Draft<Project>, omission: Extract<Omission, { kind: Kind }>) => void) | null;
}

function openSection(
  of: { readonly sectionId: string | null; readonly pieceId: string },
  field: string | null,
) {
  chooseSection(of.sectionId, of.pieceId);
  return { bench: "/", field };
}

const pieceIn = (draft: Draft<Project>, { pieceId }: { readonly pieceId: string }) =>
  draft.pieces.find(({ id }) => id === pieceId);

const sectionIn = (
  draft: Draft<Project>,
  of: { readonly sectionId: string | null; readonly pieceId: string },
) => pieceIn(draft, of)?.sections.find(({ id }) => id === of.sectionId);

function openFigure({ figure }: Extract<Omission, { kind: "figure" }>): Place {
  const { id, pieceId, sectionId, swatchId, yarnId, item } = figure;
  if (item) chooseItem(item.of === "seams" ? "seam" : "extra", item.id);
  if (sectionId !== null && pieceId !== null) chooseSection(sectionId, pieceId);
  else if (pieceId !== null) choosePiece(pieceId);
  if (swatchId !== null) chooseSwatch(swatchId);
  if (yarnId !== null) chooseYarn(yarnId);
  return { bench: swatchId !== null || id === "allowance" ? "/swatches" : "/", field: id };
}

const OMISSIONS: { readonly [Kind in Omission["kind"]]: OmissionKind<Kind> } = {
  piece: {
    open: (omission) => openSection(omission, null),
    settle: (draft, omission) => {
      const piece = pieceIn(draft, omission);
      if (piece) piece.leftOut = true;
    },
  },
  section: {
    open: (omission) => openSection(omission, null),
    settle: (draft, omission) => {
      const section = sectionIn(draft, omission);
      if (section) section.leftOut = true;
    },
  },
  colour: {
    open: (omission) => openSection(omission, null),
    settle: (draft, omission) => {
      const section = sectionIn(draft, omission);
      if (section) section.colours = ONE_YARN;
    },
  },
  measuredWidth: {
    open: (omission) => openSection(omission, "measuredWidth"),
    settle: (draft, omission) => {
      const section = sectionIn(draft, omission);
      if (!section || !isFabric(section)) return;
      section.measured = { widthMm: null, stitches: null };
      delete draft.typed[`measuredWidth ${section.id}`];
      delete draft.typed[`measuredStitches ${section.id}`];
    },
  },
  field: {
    open: (omission) => openSection(omission, null),
    settle: null,
  },
  figure: {
    open: openFigure,
    settle: (draft, { figure }) => {
      delete draft.typed[figure.key];
    },
  },
  measurement: {
    open: ({ swatchId, measure }) => {
      chooseSwatch(swatchId);
      return { bench: "/swatches", field: MEASURE_FIELDS[measure] };
    },
    settle: (draft, { swatchId, measure }) => {
      const swatch = draft.swatches.find(({ id }) => id === swatchId);
      if (swatch) TAKE_BACK[measure](swatch);
      delete draft.typed[`${MEASURE_FIELDS[measure]} ${swatchId}`];
    },
  },
  reading: {
    open: ({ reading }) => {
      const { pieceId, copy } = reading;
      if (pieceId !== null) takeInHand({ pieceId, copy });
      return { bench: "/knit", field: null };
    },
    // The log is only added to: the event is taken back.
    settle: null,
  },
  finishing: {
    open: ({ of, id }) => {
      chooseItem(of === "seams" ? "seam" : "extra", id);
      return { bench: "/", field: of === "seams" ? "seamTimes" : "extraTimes" };
    },
    settle: (draft, { of, id }) => dropItem(draft, of, id),
  },
};

const kindOf = ({ kind }: Omission) => OMISSIONS[kind] as unknown as OmissionKind<never>;

/** Opens what an omission lies in; gives the bench and the field where it is put right. */
export const openOmission = (omission: Omission): Place => kindOf(omission).open(omission as never);

/** The knitter says to leave it out: a section is not worked, a text or a reading goes, what stood before it counts. */
export function leaveOut(omission: Omission) {
  const { settle } = kindOf(omission);
  if (settle) change(`leave out ${JSON.stringify(omission)}`, (draft) => settle(draft, omission as never));
  if (omission.kind === "reading") tellLog({ kind: "takenBack", of: omission.reading.id });
  if ("owner" in omission) dropText({ of: omission.owner, label: omission.label });
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
