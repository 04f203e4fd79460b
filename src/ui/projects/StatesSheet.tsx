"use client";
import { useEffect, useState } from "react";
import { countOf } from "@/core/words/things";
import type { Project } from "@/core/project/project";
import { differing } from "@/state/keeping/differing";
import { goBackTo, keptProject, openAsCopy } from "@/state/keeping/home";
import { formerStates, type FormerState } from "@/state/keeping/states";
import { Button } from "@/ui/parts/Button";
import { asSaid } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { listParts } from "./partWords";
import { tellTime } from "./when";

interface StatesSheetProps {
  readonly id: string;
  readonly name: string;
  readonly onClose: () => void;
  /** A state is open now, and everything that lies over it can go. */
  readonly onGone: () => void;
}

interface Told {
  readonly states: readonly FormerState[];
  readonly now: Project | null;
}

/** Former states of a project, the newest first: what was changed behind each, and the way back to it. */
export function StatesSheet({ id, name, onClose, onGone }: StatesSheetProps) {
  const [told, setTold] = useState<Told | null>(null);
  useEffect(() => {
    let current = true;
    const look = async () => {
      const [states, now] = await Promise.all([formerStates(id), keptProject(id)]);
      if (current) setTold({ states, now });
    };
    look().catch(() => current && setTold({ states: [], now: null }));
    return () => {
      current = false;
    };
  }, [id]);
  const goBack = async (state: FormerState) => {
    const refused = await goBackTo(state);
    if (refused) toast.error(`${name} was not opened`, { description: asSaid(refused) });
    else {
      toast.success(`${name} is as it was ${tellTime(state.at)}`, undoable);
      onGone();
    }
  };
  const copy = (state: FormerState) => {
    openAsCopy(state, new Date(state.at).toLocaleDateString());
    toast.success("A copy of that state is open", undoable);
    onGone();
  };
  return (
    <Sheet open onOpenChange={onClose} title={`Former states of ${name || "Untitled project"}`} wide>
      <p className="mt-2 text-faint">
        One is kept before each stretch of work, the last 20 of them. Rows that you have knitted stay as they
        are, whichever you go back to.
      </p>
      {told === null && <p role="status">Reading …</p>}
      {told?.states.length === 0 && (
        <p className="mt-3">There is none yet: the first comes with the next change.</p>
      )}
      <ol className="mt-3 divide-y divide-line">
        {told?.states.map((state, at) => {
          const { project } = state;
          const next = told.states[at - 1]?.project ?? told.now;
          const changed = next ? differing(project, next) : [];
          return (
            <li key={state.at} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2.5">
              <div className="min-w-0 flex-1 basis-72">
                <strong>{tellTime(state.at)}</strong>{" "}
                <span className="text-sm text-faint">
                  {countOf(project.pieces.length, "piece")}, {project.yarns[0]?.name}
                </span>
                <p className="text-sm">
                  {changed.length > 0
                    ? `Changed after it: ${listParts(changed)}.`
                    : "After it rows were knitted, and nothing else was changed."}
                </p>
              </div>
              <div className="flex gap-2">
                <Button size="small" onClick={() => copy(state)}>
                  Open as a copy
                </Button>
                <Button size="small" look="main" onClick={() => void goBack(state)}>
                  Go back to it
                </Button>
              </div>
            </li>
          );
        })}
      </ol>
    </Sheet>
  );
}
