"use client";
import { Button } from "@/ui/parts/Button";
import { Accessibility, defaultPreset } from "@dnd-kit/dom";
import { DragDropProvider, type DragEndEvent, type DragOverEvent, type DragStartEvent } from "@dnd-kit/react";
import { isSortable, useSortable } from "@dnd-kit/react/sortable";
import { GripVertical, TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import type { Finding } from "@/core/forecast/projectForecast";
import type { ProjectSection } from "@/core/project/sections";
import { toMetres, millimetres } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import type { SeenPiece, SeenSection } from "@/core/engine/seen";
import { chooseSection, useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { moveSection } from "@/state/project/sections";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { SectionSketch } from "./SectionSketch";
import { isAsked } from "@/core/project/sectionKinds";
import { sectionName, tellWorked } from "./sectionWords";

interface SectionListProps {
  /** The chosen piece as it was worked; null where it is left out. */
  readonly worked: readonly SeenSection[];
  readonly piece: SeenPiece | null;
  readonly findings: readonly Finding[];
}

/** What is worked, from the first edge upwards in the order of knitting; sections are dragged into another order. */
export default function SectionList({ worked, piece, findings }: SectionListProps) {
  const { sections } = useChosenPiece();
  const words = useSettings((settings) => settings.words);
  const outline = piece?.outline ?? [];
  const most = {
    halfMm: Math.max(1, ...outline.flatMap(({ points }) => points.map(([x]) => Math.abs(x)))),
    highMm: Math.max(1, ...outline.map(({ fromMm, toMm }) => toMm - fromMm)),
  };
  const nameOf = (id: unknown) => {
    const section = sections.find((one) => one.id === id);
    return section ? sectionName(section, words) : "The section";
  };
  const sketchOf = (section: ProjectSection) => {
    const parts = outline.filter(({ sectionId }) => sectionId === section.id);
    const fabric = sections.find(({ id }) => id === parts[0]?.fabricId);
    return <SectionSketch section={section} parts={parts} fabric={fabric} most={most} />;
  };
  return (
    <DragDropProvider
      onDragEnd={drop}
      plugins={defaultPreset.plugins.map((plugin) =>
        plugin === Accessibility ? told(nameOf, sections.length) : plugin,
      )}
    >
      <ol aria-label="Sections" className="grid grid-cols-[minmax(0,1fr)] gap-0.5">
        {sections.map((section, index) => (
          <SectionRow
            key={section.id}
            index={index}
            section={section}
            worked={worked.filter((one) => one.sectionId === section.id)}
            sketch={sketchOf(section)}
            yarnMm={piece ? yarnOfSection(piece, section.id) : 0}
            finding={findings.find(({ sectionId }) => sectionId === section.id)}
          />
        ))}
      </ol>
    </DragDropProvider>
  );
}

function drop({ operation: { source }, canceled }: DragEndEvent) {
  if (canceled || !isSortable(source) || source.index === source.initialIndex) return;
  moveSection(String(source.id), source.index);
}

/** What screen readers are told while a section is moved. */
const told = (nameOf: (id: unknown) => string, count: number) =>
  Accessibility.configure({
    debounce: 0,
    screenReaderInstructions: {
      draggable: "Press space to pick the section up, the arrow keys to move it, space to put it down.",
    },
    announcements: {
      dragstart: ({ operation: { source } }: DragStartEvent) =>
        source ? `${nameOf(source.id)} is picked up. Move it with the arrow keys.` : undefined,
      dragover: ({ operation: { source } }: DragOverEvent) =>
        isSortable(source) ? `${nameOf(source.id)} is at place ${source.index + 1} of ${count}.` : undefined,
      dragend: ({ operation: { source }, canceled }: DragEndEvent) => {
        if (!isSortable(source)) return undefined;
        return canceled
          ? `${nameOf(source.id)} is back where it was.`
          : `${nameOf(source.id)} is put down at place ${source.index + 1}.`;
      },
    },
  });

const yarnOfSection = ({ estimate }: SeenPiece, id: string) =>
  estimate.lines.reduce((sum, { sectionId, mm }) => sum + (sectionId === id ? mm : 0), 0);

interface SectionRowProps {
  /** Its place among the sections, from 0. */
  readonly index: number;
  readonly section: ProjectSection;
  /** Once, or once for each side. */
  readonly worked: readonly SeenSection[];
  readonly sketch: ReactNode;
  readonly yarnMm: number;
  readonly finding: Finding | undefined;
}

function SectionRow({ index, section, worked, sketch, yarnMm, finding }: SectionRowProps) {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  const chosen = useChosenSection().id === section.id;
  const { ref, handleRef } = useSortable({ id: section.id, index });
  const name = sectionName(section, words);
  return (
    <li
      ref={ref}
      className={`flex items-center rounded-lg border ${chosen ? "border-ink bg-paper" : "border-transparent hover:bg-line"}`}
    >
      <Button
        ref={handleRef}
        aria-label={`Move ${name}`}
        look="bare"
        className="grid h-9 w-6 shrink-0 cursor-grab touch-none place-items-center text-faint"
      >
        <GripVertical size={15} aria-hidden />
      </Button>
      <Button
        aria-pressed={chosen}
        onClick={() => chooseSection(section.id)}
        look="bare"
        className="flex min-w-0 flex-1 items-center gap-2.5 py-1 pr-2 text-left"
      >
        <span className={chosen ? "text-woad" : "text-faint"}>{sketch}</span>
        <span className="min-w-0 flex-1 leading-tight">
          {finding && (
            <TriangleAlert
              size={14}
              aria-label={finding.leftOut ? "left out" : "look at this"}
              className={`mr-1 inline align-[-2px] ${finding.leftOut ? "text-madder" : "text-weld"}`}
            />
          )}
          {name}
          <span className="block text-sm text-faint">
            {isAsked(section) ? "as much fabric as that yarn makes" : tellWorked(worked)}
          </span>
        </span>
        <span className="w-14 text-right text-sm whitespace-nowrap">
          {yarnMm > 0 ? formatYarn(toMetres(millimetres(yarnMm)), units) : "–"}
        </span>
      </Button>
    </li>
  );
}
