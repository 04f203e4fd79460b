"use client";
import { useState } from "react";
import { believedHand, handLines, type HandLine } from "@/core/belief/hand";
import { HAND_EXTENSION, writeHand } from "@/core/files/handFile";
import { ENTERED } from "@/core/project/enteredFigures";
import type { Hand } from "@/core/project/hand";
import { say } from "@/core/words/message";
import { openHand } from "@/state/chosen/handSheet";
import { useKnitterHand } from "@/state/keeping/knitterHand";
import { forgetHand, forgetProject, sayOfHand } from "@/state/keeping/remember";
import { change, useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { download } from "@/ui/parts/download";
import { EmptyState } from "@/ui/parts/EmptyState";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { useEntered } from "@/ui/parts/useEntered";
import { pickProjectFile } from "./projectFiles";

/** Shares of a hand's deviations, which are in ln. */
const shareOf = (mean: number) => Math.exp(mean) - 1;
const lnOf = (percent: number) => Math.log(1 + percent / 100);

/** What is known of the knitter's hand: in words with its figures, to be changed, erased and taken along. */
export function HandSheet() {
  const { closed, said, hand } = useKnitterHand();
  // A word at the page's edge cannot be pressed while a sheet is open: the way back stands in it.
  const [bringBack, setBringBack] = useState<(() => void) | null>(null);
  return (
    <Sheet open onOpenChange={openHand} title="Your hand" wide>
      {hand === null ? (
        <EmptyState>
          Nothing is remembered of your hand. Close a finished project on the Knit bench and let it be
          remembered: the next one then begins surer.
        </EmptyState>
      ) : (
        <>
          <p className="mt-3">
            What you knitted says how your stitches differ from most. New projects begin with it.
          </p>
          <ul aria-label="What is known of your hand" className="mt-2 divide-y divide-line">
            {handLines(believedHand(hand)).map((line) => (
              <HandRow key={line.id} line={line} bySaying={said[line.id] !== undefined} />
            ))}
          </ul>
          <h3 className="mt-4 font-semibold">Remembered projects</h3>
          <ul aria-label="Remembered projects" className="mt-1 grid gap-1">
            {closed.map(({ id, name, at }) => (
              <li key={id} className="flex items-baseline justify-between gap-3">
                <span>
                  {name || "Untitled project"}{" "}
                  <span className="text-sm text-faint">{new Date(at).toLocaleDateString()}</span>
                </span>
                <Button look="link" aria-label={`Forget ${name}`} onClick={() => forgetProject(id)}>
                  Forget
                </Button>
              </li>
            ))}
          </ul>
          <InThisProject hand={hand} />
        </>
      )}
      {hand === null && bringBack && (
        <p role="status">
          It is forgotten.{" "}
          <Button look="link" onClick={bringBack}>
            Bring it back
          </Button>
        </p>
      )}
      <div className="mt-4 flex flex-wrap justify-end gap-2 border-t border-line pt-3">
        <Button onClick={pickProjectFile}>Open a file</Button>
        {hand !== null && (
          <>
            <Button
              onClick={() =>
                download(
                  `my${HAND_EXTENSION}`,
                  new Blob([writeHand({ closed, said })], { type: "application/json" }),
                )
              }
            >
              Save to a file
            </Button>
            <Button
              onClick={() => {
                const back = forgetHand();
                setBringBack(() => back);
              }}
            >
              Forget all of it
            </Button>
          </>
        )}
      </div>
      <p className="mt-2 text-sm text-faint">
        Saved in this browser alone. A project that began with it carries a copy, so that its answer stays the
        same everywhere.
      </p>
    </Sheet>
  );
}

/** Whether the open project is calculated with the hand. */
function InThisProject({ hand }: { readonly hand: Hand }) {
  const mine = useProjectPart((project) => project.hand);
  const id = useProjectPart((project) => project.id);
  const closed = useKnitterHand((kept) => kept.closed);
  const put = (to: Hand | null, told: string) => {
    change("hand", (project) => {
      project.hand = to;
    });
    toast.success(told, undoable);
  };
  // What it told would count twice.
  if (mine === null && closed.some((one) => one.id === id))
    return <p className="mt-4">The open project told of it, and is calculated without it.</p>;
  const same = JSON.stringify(mine) === JSON.stringify(hand);
  return (
    <p className="mt-4">
      {mine === null
        ? "The open project is calculated without it."
        : same
          ? "The open project is calculated with it."
          : "The open project is calculated with an earlier state of it."}{" "}
      {!same && (
        <Button look="link" onClick={() => put(hand, "This project is calculated with your hand")}>
          Calculate with it
        </Button>
      )}{" "}
      {mine !== null && (
        <Button look="link" onClick={() => put(null, "This project is calculated without your hand")}>
          Leave it out
        </Button>
      )}
    </p>
  );
}

/** One thing of the hand. */
function HandRow({ line, bySaying }: { readonly line: HandLine; readonly bySaying: boolean }) {
  const { id, mean, sd } = line;
  const [changing, setChanging] = useState(false);
  return (
    <li className="py-2">
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <strong>
          <Said>{say("handThing", { axis: id })}</Said>
        </strong>
        <span>
          <Said>{say("handLies", { axis: id, more: shareOf(mean), off: sd })}</Said>
          {bySaying && <span className="text-sm text-faint"> as you said</span>}{" "}
          <Button look="link" aria-expanded={changing} onClick={() => setChanging(!changing)}>
            {changing ? "Leave it" : "Change"}
          </Button>
        </span>
      </p>
      {changing && <HandForm line={line} bySaying={bySaying} onDone={() => setChanging(false)} />}
    </li>
  );
}

interface HandFormProps {
  readonly line: HandLine;
  readonly bySaying: boolean;
  readonly onDone: () => void;
}

/** The knitter says it: so many per cent against most, give or take so many. */
function HandForm({ line: { id, mean, sd }, bySaying, onDone }: HandFormProps) {
  const more = useEntered(ENTERED.byMore, 100 * shareOf(mean));
  const off = useEntered(ENTERED.giveOrTake, 100 * sd);
  const tooSure = off.value !== null && (off.value < 0.5 || off.value > 100);
  const tooFar = more.value !== null && Math.abs(lnOf(more.value)) > 1;
  const refused = more.value === null || off.value === null || tooSure || tooFar;
  return (
    <form
      className="mt-1 flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (more.value === null || off.value === null || refused) return;
        sayOfHand(id, { mean: lnOf(more.value), sd: off.value / 100 });
        onDone();
      }}
    >
      <MeasureInput
        label="Against most"
        {...more.input}
        wrong={tooFar ? "From −60 % to 170 %." : more.input.wrong}
      />
      <MeasureInput
        label="Give or take"
        {...off.input}
        wrong={tooSure ? "From 0.5 % to 100 %." : off.input.wrong}
      />
      <Button submits className="mt-6" disabled={refused}>
        Save
      </Button>
      {bySaying && (
        <Button
          className="mt-6"
          onClick={() => {
            sayOfHand(id, null);
            onDone();
          }}
        >
          As the projects say
        </Button>
      )}
    </form>
  );
}
