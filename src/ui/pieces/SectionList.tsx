"use client";
import { Button } from "@/ui/parts/Button";
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { GripVertical, TriangleAlert } from "lucide-react";
import type { Finding } from "@/core/forecast/projectForecast";
import type { ProjectSection } from "@/core/project/sections";
import { toMetres, millimetres } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import type { SeenPiece, SeenSection } from "@/core/engine/seen";
import { chooseSection, useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { moveSection } from "@/state/project/sections";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { sectionName } from "./sectionWords";

interface SectionListProps {
  /** The chosen piece as it was worked; null where it is left out. */
  readonly worked: readonly SeenSection[];
  readonly piece: SeenPiece | null;
  readonly findings: readonly Finding[];
}

/** What is worked, from the first edge upwards in the order of knitting; sections are dragged into another order. */
export default function SectionList({ worked, piece, findings }: SectionListProps) {
  const { sections } = useChosenPiece();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    const to = sections.findIndex(({ id }) => id === over?.id);
    if (over && active.id !== over.id && to >= 0) moveSection(String(active.id), to);
  };
  const words = useSettings((settings) => settings.words);
  const nameOf = (id: UniqueIdentifier) => {
    const section = sections.find((one) => one.id === id);
    return section ? sectionName(section, words) : "The section";
  };
  const placeOf = (id: UniqueIdentifier) => sections.findIndex((one) => one.id === id) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `${nameOf(active.id)} is picked up. Move it with the arrow keys.`,
    onDragOver: ({ active, over }) =>
      over ? `${nameOf(active.id)} is at place ${placeOf(over.id)} of ${sections.length}.` : undefined,
    onDragEnd: ({ active, over }) =>
      over
        ? `${nameOf(active.id)} is put down at place ${placeOf(over.id)}.`
        : `${nameOf(active.id)} is back.`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} is back where it was.`,
  };
  const how = "Press space to pick the section up, the arrow keys to move it, space to put it down.";
  return (
    <DndContext
      id="sections"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements, screenReaderInstructions: { draggable: how } }}
    >
      <SortableContext items={sections.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ol aria-label="Sections" className="grid grid-cols-[minmax(0,1fr)] gap-0.5">
          {sections.map((section) => (
            <SectionRow
              key={section.id}
              section={section}
              worked={worked.filter((one) => one.sectionId === section.id)}
              yarnMm={piece ? yarnOfSection(piece, section.id) : 0}
              finding={findings.find(({ sectionId }) => sectionId === section.id)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

const yarnOfSection = ({ estimate }: SeenPiece, id: string) =>
  estimate.lines.reduce((sum, { sectionId, mm }) => sum + (sectionId === id ? mm : 0), 0);

interface SectionRowProps {
  readonly section: ProjectSection;
  /** Once, or once for each side. */
  readonly worked: readonly SeenSection[];
  readonly yarnMm: number;
  readonly finding: Finding | undefined;
}

function SectionRow({ section, worked, yarnMm, finding }: SectionRowProps) {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  const chosen = useChosenSection().id === section.id;
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: section.id });
  const name = sectionName(section, words);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined, transition }}
      className={`flex items-center rounded-lg border ${chosen ? "border-ink bg-paper" : "border-transparent hover:bg-line"}`}
    >
      <Button
        aria-label={`Move ${name}`}
        look="bare"
        className="grid h-9 w-6 shrink-0 cursor-grab touch-none place-items-center text-faint"
        {...attributes}
        {...listeners}
      >
        <GripVertical size={15} aria-hidden />
      </Button>
      <Button
        aria-pressed={chosen}
        onClick={() => chooseSection(section.id)}
        look="bare"
        className="flex min-w-0 flex-1 items-baseline gap-2 py-1 pr-2 text-left"
      >
        <span className="min-w-0 flex-1 truncate">
          {finding && (
            <TriangleAlert
              size={14}
              aria-label={finding.leftOut ? "left out" : "look at this"}
              className={`mr-1 inline align-[-2px] ${finding.leftOut ? "text-madder" : "text-weld"}`}
            />
          )}
          {name}
        </span>
        <span className="text-sm whitespace-nowrap text-faint">{countsOf(worked)}</span>
        <span className="w-14 text-right text-sm whitespace-nowrap">
          {yarnMm > 0 ? formatYarn(toMetres(millimetres(yarnMm)), units) : "–"}
        </span>
      </Button>
    </li>
  );
}

/** Rows and stitches. Example: "19 rows, 98 st", or "98 → 116 st" where they change; twice for two sides. */
function countsOf(worked: readonly SeenSection[]): string {
  const [first] = worked;
  if (!first) return "left out";
  const { from, to, rows } = first;
  const stitches = from === to || from === 0 ? `${to} st` : to === 0 ? `${from} st` : `${from} → ${to} st`;
  const all = rows > 0 ? `${rows} ${rows === 1 ? "row" : "rows"}, ${stitches}` : stitches;
  return worked.length > 1 ? `2 × ${all}` : all;
}
