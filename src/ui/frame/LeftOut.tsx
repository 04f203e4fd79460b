"use client";
import { say, type Message } from "@/core/words/message";
import { Button } from "@/ui/parts/Button";
import { Said, useSaid } from "@/ui/parts/Said";
import { TriangleAlert } from "lucide-react";
import { useRouter } from "next/navigation";
import { toast } from "@/ui/parts/toast";
import type { Omission } from "@/core/forecast/omissions";
import { FIGURES } from "@/core/project/figures";
import type { Project } from "@/core/project/project";
import { MEASUREMENT_KINDS } from "@/core/belief/measurementKinds";
import type { Wording } from "@/core/stitches/wording";
import { leaveOut, openOmission, takeIn, useOmissions, useSaidToLeaveOut } from "@/state/engine/omissions";
import { useProject } from "@/state/project/projectStore";
import { useSettings } from "@/state/keeping/settings";
import { extraName } from "@/core/estimate/extras";
import { sectionName } from "@/ui/pieces/sectionWords";
import { seamName } from "@/core/estimate/seamName";
import { reveal } from "@/ui/parts/reveal";
import { undoable } from "@/ui/parts/undoable";

type Words = Wording["words"];

/** A piece, or a section of it, by name. Example: "Back: Decrease, evenly". */
function placeName({ pieces }: Project, pieceId: string, sectionId: string | null, words: Words): string {
  const piece = pieces.find(({ id }) => id === pieceId);
  const section = piece?.sections.find(({ id }) => id === sectionId);
  const name = piece?.name || "A piece";
  return section ? `${name}: ${sectionName(section, words)}` : name;
}

const swatchName = ({ swatches }: Project, id: string) =>
  swatches.find((swatch) => swatch.id === id)?.name || "a swatch";

/** A seam or an extra by name. */
function itemName(
  project: Project,
  { of, id }: { readonly of: "seams" | "extras"; readonly id: string },
  said: (says: Message) => string,
) {
  if (of === "seams") {
    const seam = project.seams.find((one) => one.id === id);
    return seam ? `the seam ${said(seamName(project, seam))}` : "a seam";
  }
  const extra = project.extras.find((one) => one.id === id);
  return extra ? extraName(extra) : "an extra";
}

/** The piece of a reading; what was weighed of a yarn is of all pieces. */
const pieceOf = (project: Project, pieceId: string | null, words: Words) =>
  pieceId === null ? "the whole project" : placeName(project, pieceId, null, words);

/** What is left out, by name. */
export function omissionName(
  project: Project,
  omission: Omission,
  words: Words,
  said: (says: Message) => string,
): string {
  switch (omission.kind) {
    case "measurement":
      return `the ${MEASUREMENT_KINDS[omission.measure].name} of ${swatchName(project, omission.swatchId)}`;
    case "reading":
      return said(
        say("readingOfRows", {
          ...omission.reading,
          piece: pieceOf(project, omission.reading.pieceId, words),
        }),
      );
    case "piece":
      return placeName(project, omission.pieceId, null, words);
    case "section":
      return placeName(project, omission.pieceId, omission.sectionId, words);
    case "field":
      return `${omission.label.toLowerCase()} of ${placeName(project, omission.pieceId, omission.sectionId, words)}`;
    case "colour":
      return `a colour of ${placeName(project, omission.pieceId, omission.sectionId, words)}`;
    case "measuredWidth":
      return `the measured width of ${placeName(project, omission.pieceId, omission.sectionId, words)}`;
    case "finishing":
      return itemName(project, omission, said);
    case "figure": {
      const { id, pieceId, sectionId, swatchId, item } = omission.figure;
      const { name } = FIGURES[id];
      if (item) return `${name} of ${itemName(project, item, said)}`;
      if (swatchId !== null) return `${name} of ${swatchName(project, swatchId)}`;
      return pieceId === null ? name : `${name} of ${placeName(project, pieceId, sectionId, words)}`;
    }
  }
}

/** What leaving it out is called: a text that could not be read gives way to the figure before it. */
const ACT: { readonly [Kind in Omission["kind"]]: string } = {
  section: "Leave it out",
  piece: "Leave it out",
  colour: "Use one yarn",
  measuredWidth: "Leave it out",
  finishing: "Leave it out",
  figure: "Use the last figure",
  field: "Use the last count",
  measurement: "Leave it out",
  reading: "Take it back",
};

const MOST_SHOWN = 3;

/** What the answer leaves out, each with its reason and the two ways to settle it. Nothing where it is whole. */
export function LeftOut() {
  const omissions = useOmissions();
  const more = omissions.length - MOST_SHOWN;
  if (omissions.length === 0) return null;
  return (
    <ul aria-label="Left out of this answer" className="grid gap-1 text-[0.95rem] leading-snug">
      {omissions.slice(0, MOST_SHOWN).map((omission) => (
        <LeftOutItem key={JSON.stringify(omission)} omission={omission} />
      ))}
      {more > 0 && <li className="text-faint">and {more} more</li>}
    </ul>
  );
}

function LeftOutItem({ omission }: { readonly omission: Omission }) {
  const project = useProject();
  const router = useRouter();
  const words = useSettings((settings) => settings.words);
  const said = useSaid();
  const name = omissionName(project, omission, words, said);
  const go = () => {
    const { bench, field } = openOmission(omission);
    router.push(field === null ? bench : `${bench}#${field}`);
    // On the bench that is open already, the field is there as soon as its section is.
    if (field !== null) requestAnimationFrame(() => reveal(field));
  };
  return (
    <li className="border-l-4 border-madder pl-2">
      <TriangleAlert size={14} aria-hidden className="mr-1 inline align-[-2px] text-madder" />
      {omission.kind === "figure" || omission.kind === "field" ? "Not read:" : "Without"}{" "}
      <strong>
        <Said>{name}</Said>
      </strong>
      . <Said>{omission.message}</Said>{" "}
      <span className="whitespace-nowrap">
        <Button look="link" onClick={go}>
          Go to it
        </Button>{" "}
        ·{" "}
        <Button
          look="link"
          onClick={() => {
            leaveOut(omission);
            toast.success(`${name}: ${DONE[omission.kind]}`, undoable);
          }}
        >
          {ACT[omission.kind]}
        </Button>
      </span>
    </li>
  );
}

const DONE: { readonly [Kind in Omission["kind"]]: string } = {
  section: "left out",
  piece: "left out",
  colour: "knitted in one yarn",
  measuredWidth: "left out",
  finishing: "left out",
  figure: "the last figure is used",
  field: "the last count is used",
  measurement: "left out",
  reading: "taken back",
};

/** What the knitter said to leave out, told beside the figure, with the way back. */
export function SaidToLeaveOut() {
  const said = useSaidToLeaveOut();
  const project = useProject();
  const words = useSettings((settings) => settings.words);
  if (said.length === 0) return null;
  return (
    <p className="text-sm leading-snug">
      Without{" "}
      {said.map(({ pieceId, sectionId }, index) => (
        <span key={`${pieceId} ${sectionId}`}>
          {index > 0 && ", "}
          {placeName(project, pieceId, sectionId, words)} (
          <Button look="link" onClick={() => takeIn(pieceId, sectionId)}>
            put it back
          </Button>
          )
        </span>
      ))}
      , as you said.
    </p>
  );
}

/** What cards show in place of a chance or an advice, while something is left out. */
export function NotWhole({ children }: { readonly children: string }) {
  return (
    <p role="status" className="mt-2 border-l-4 border-madder pl-2">
      {children} What is left out is listed under the balls at the top: fix it, or choose to leave it out.
    </p>
  );
}
