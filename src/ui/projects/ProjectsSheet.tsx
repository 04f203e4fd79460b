"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { asSaid } from "@/ui/parts/Said";
import type { ProjectCard } from "@/state/keeping/cards";
import { openHome } from "@/state/chosen/homeSheet";
import { openStart } from "@/state/chosen/startSheet";
import { bringBack, lookHome, makeAgain, useHome } from "@/state/keeping/home";
import { useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { EmptyState } from "@/ui/parts/EmptyState";
import { SearchField } from "@/ui/parts/SearchField";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { BackupPart } from "./BackupPart";
import { openProject } from "./openProject";
import { ProjectEntry } from "./ProjectEntry";
import { SetAsideList } from "./SetAsideList";
import { StatesSheet } from "./StatesSheet";

type Heap = "kept" | "archived" | "deleted";

const heapOf = ({ goneAt, archived }: ProjectCard): Heap =>
  goneAt !== null ? "deleted" : archived ? "archived" : "kept";

const EMPTY: Readonly<Record<Heap, string>> = {
  kept: "No project is kept in this browser yet: one is with the first change that you make to it.",
  archived: "Nothing is in the archive. What you archive is kept, and out of the way.",
  deleted: "Nothing is deleted. What you delete can be brought back for 30 days.",
};

/** Cards that have all words that are sought, the one that was changed last first. */
const found = (cards: readonly ProjectCard[], heap: Heap, sought: string) => {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  return cards
    .filter((card) => heapOf(card) === heap)
    .filter(({ name, madeFor, yarn }) => {
      const text = `${name} ${madeFor} ${yarn.name}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .toSorted((a, b) => b.changedAt - a.changedAt);
};

/** The home of all projects: found, opened, copied, put away, brought back; and a copy of everything. */
export function ProjectsSheet() {
  const { cards, aside, room, problem } = useHome();
  const router = useRouter();
  const here = useProjectPart(({ id }) => id);
  const [heap, setHeap] = useState<Heap>("kept");
  const [sought, setSought] = useState("");
  const [states, setStates] = useState<ProjectCard | null>(null);
  // A word at the page's edge cannot be pressed while a sheet is open: the way back stands in it.
  const [deleted, setDeleted] = useState<ProjectCard | null>(null);
  useEffect(() => void lookHome(), []);
  const close = () => openHome(false);
  const open = async (card: ProjectCard) => {
    if (!(await openProject(card))) return;
    close();
    if (card.id !== here) toast.success(`Opened ${card.name}`, undoable);
  };
  const again = async (card: ProjectCard) => {
    const wrong = await makeAgain(card.id);
    if (wrong) return void toast.error(asSaid(wrong));
    close();
    router.push("/swap");
    toast.success(`${card.name || "It"} is begun again: put another yarn beside it`, undoable);
  };
  const count = (one: Heap) => cards?.filter((card) => heapOf(card) === one).length ?? 0;
  const shown = found(cards ?? [], heap, sought);
  return (
    <Sheet open onOpenChange={openHome} title="Your projects" wide>
      {problem !== null && (
        <p role="alert" className="mt-3 text-madder">
          This browser’s storage cannot be read, so your projects cannot be shown. Nothing of them is lost:
          reload the page to try again.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <div className="flex basis-full sm:flex-1 sm:basis-40">
          <SearchField
            labelHidden
            label="Find a project"
            example="Find a project"
            value={sought}
            onText={setSought}
          />
        </div>
        <Choice
          label="Which projects"
          value={heap}
          onChange={setHeap}
          options={[
            { value: "kept", label: `In work ${count("kept")}`, name: `In work, ${count("kept")}` },
            {
              value: "archived",
              label: `Archive ${count("archived")}`,
              name: `Archive, ${count("archived")}`,
            },
            { value: "deleted", label: `Deleted ${count("deleted")}`, name: `Deleted, ${count("deleted")}` },
          ]}
        />
        <Button
          look="main"
          onClick={() => {
            close();
            openStart(true);
          }}
        >
          New project …
        </Button>
      </div>
      {deleted && (
        <p role="status" className="mt-2">
          {deleted.name || "Untitled project"} is deleted.{" "}
          <Button
            look="link"
            onClick={() => {
              void bringBack(deleted.id);
              setDeleted(null);
            }}
          >
            Bring it back
          </Button>
        </p>
      )}
      {cards === null && problem === null && <p role="status">Reading …</p>}
      {cards !== null && shown.length === 0 && (
        <EmptyState>{sought.trim() ? "No project here has these words." : EMPTY[heap]}</EmptyState>
      )}
      <ul aria-label="Projects" className="mt-3 grid gap-3 sm:grid-cols-2 md:grid-cols-3">
        {shown.map((card) => (
          <ProjectEntry
            key={card.id}
            card={card}
            isOpen={card.id === here}
            onOpen={() => void open(card)}
            onStates={() => setStates(card)}
            onAgain={() => void again(card)}
            onDeleted={() => setDeleted(card)}
          />
        ))}
      </ul>
      <SetAsideList aside={aside} />
      <BackupPart room={room} />
      {states && (
        <StatesSheet id={states.id} name={states.name} onClose={() => setStates(null)} onGone={close} />
      )}
    </Sheet>
  );
}
