"use client";
import { MoreHorizontal } from "lucide-react";
import { countOf } from "@/core/words/things";
import { metres } from "@/core/units/brands";
import { formatPercent, formatYarn } from "@/core/units/format";
import type { ProjectCard } from "@/state/keeping/cards";
import { archive, bringBack, deleteForGood, deleteKept, duplicate, keptProject } from "@/state/keeping/home";
import { useUnits } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";
import { ColourDot } from "@/ui/parts/Colour";
import { Menu } from "@/ui/parts/Menu";
import { downloadProject } from "@/ui/frame/projectFiles";
import { CardPicture } from "./CardPicture";
import { tellWhen } from "./when";

const STAGES = { planning: "Planning", knitting: "Knitting", finished: "Finished" } as const;

/** Where a project stands, in a word. */
const tellStage = ({ stage, share }: ProjectCard) =>
  stage === "knitting" && share !== null
    ? `${STAGES.knitting}, ${formatPercent(Math.floor(share * 100) / 100)} done`
    : STAGES[stage];

async function saveToFile(id: string) {
  const project = await keptProject(id);
  if (project) downloadProject(project);
}

interface ProjectEntryProps {
  readonly card: ProjectCard;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onStates: () => void;
  readonly onAgain: () => void;
  /** It was deleted, and can be brought back in the sheet. */
  readonly onDeleted: () => void;
}

/** A project in the home: how it looks, what it takes, where it stands; opened by a press anywhere on it. */
export function ProjectEntry({ card, isOpen, onOpen, onStates, onAgain, onDeleted }: ProjectEntryProps) {
  const units = useUnits();
  const { id, name, madeFor, yarn, need, took, archived, goneAt } = card;
  const told = name || "Untitled project";
  const acts =
    goneAt === null
      ? [
          { name: "Former states …", act: onStates },
          { name: "Make it again, in another yarn …", act: onAgain },
          { name: "Duplicate", act: () => void duplicate(id) },
          { name: "Save to a file", act: () => void saveToFile(id) },
          {
            name: archived ? "Take out of the archive" : "Archive",
            act: () => void archive(id, !archived),
          },
          { name: "Delete", act: () => void deleteKept(id).then(onDeleted) },
        ]
      : [
          { name: "Bring back", act: () => void bringBack(id) },
          { name: "Delete for good", act: () => void deleteForGood(id) },
        ];
  return (
    <li className="relative rounded-xl border border-line bg-paper">
      <Button
        look="bare"
        disabled={goneAt !== null}
        aria-label={`Open ${told}`}
        aria-current={isOpen || undefined}
        onClick={onOpen}
        className="block h-full w-full rounded-xl p-3 text-left hover:bg-line aria-[current]:outline-2 aria-[current]:outline-ink"
      >
        <CardPicture picture={card.picture} colour={yarn.colour} />
        <span className="mt-2 block leading-tight font-semibold wrap-anywhere">{told}</span>
        {madeFor && <span className="block text-sm text-faint wrap-anywhere">for {madeFor}</span>}
        <span className="mt-1 flex items-center gap-1.5 text-sm">
          <ColourDot colour={yarn.colour} />
          <span className="min-w-0 wrap-anywhere">{yarn.name}</span>
        </span>
        <span className="block text-sm">
          {need ? (
            <>
              <strong>{countOf(need.balls, "ball")}</strong>, {formatYarn(metres(need.lengthM), units)}
            </>
          ) : (
            "No answer yet"
          )}
          {took && (
            <span className="text-faint">
              {took.leftM !== null && `; ${formatYarn(metres(took.leftM), units)} left over`}
            </span>
          )}
        </span>
        <span className="mt-1 block pr-9 text-sm text-faint">
          {isOpen ? "Open now · " : ""}
          {tellStage(card)} · {goneAt === null ? "changed" : "deleted"} {tellWhen(goneAt ?? card.changedAt)}
        </span>
      </Button>
      <div className="absolute right-2 bottom-2">
        <Menu
          acts={acts}
          trigger={
            <Button
              look="bare"
              aria-label={`More for ${told}`}
              className="grid size-9 place-items-center rounded-lg hover:bg-line"
            >
              <MoreHorizontal size={19} aria-hidden />
            </Button>
          }
        />
      </div>
    </li>
  );
}
