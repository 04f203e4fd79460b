"use client";
import {
  Check,
  ChevronDown,
  ChevronUp,
  CirclePlus,
  Ruler,
  Scale,
  StickyNote,
  Undo2,
  Unlink,
} from "lucide-react";
import { useState } from "react";
import type { Progress } from "@/core/progress/places";
import type { KnitRow } from "@/core/knitting/knitRows";
import { rowDone, takeBackLast, tellLog } from "@/state/project/log";
import { takeInHand } from "@/state/chosen/inHand";
import { useRowsAround, type Piece } from "@/state/engine/knitting";
import { Button } from "@/ui/parts/Button";
import { IconButton } from "@/ui/parts/IconButton";
import { Select } from "@/ui/parts/Select";
import { knittingSince } from "@/core/progress/rest";
import { useSettings } from "@/state/keeping/settings";
import { readAloud } from "./readAloud";
import { NoteSheet, RipSheet } from "./LogSheets";
import { Acts, RowInHand } from "./RowInHand";
import { LastWeighing } from "./Lasts";
import { JoinSheet } from "./JoinSheet";
import { MeasureSheet } from "./MeasureSheet";
import { WeighSheet } from "./WeighSheet";
import { useKnitKeys } from "./useKnitKeys";

const ACTS = [
  { id: "back", name: "Take back", icon: Undo2 },
  { id: "rip", name: "Rip back", icon: Unlink },
  { id: "weigh", name: "Weigh", icon: Scale },
  { id: "join", name: "New ball", icon: CirclePlus },
  { id: "measure", name: "Measure", icon: Ruler },
  { id: "note", name: "Note", icon: StickyNote },
] as const;

const SLIPS = {
  done: null,
  secondTap: "That was a second tap: the row counts once.",
  full: "The log is full: save the project to a file, and begin another one for what is left to knit.",
} as const;

interface InHandProps {
  readonly piece: Piece;
  readonly pieces: readonly Piece[];
  readonly progress: Progress;
}

/** A word to rest where rows have followed one another for so long as the knitter said; null before. */
function restDue({ places }: Progress, now: number): string | null {
  const { restMinutes } = useSettings.getState();
  if (restMinutes === 0) return null;
  const minutes = Math.floor((now - (knittingSince(places, now) ?? now)) / 60_000);
  return minutes >= restMinutes
    ? `You have been knitting for ${minutes} minutes: put it down for ten, and open your hands.`
    : null;
}

/** What comes is read aloud and felt, as the knitter has chosen. */
function announce({ stretches }: KnitRow) {
  const { aloud, buzz } = useSettings.getState();
  if (buzz && stretches.some(({ crosses }) => crosses)) navigator.vibrate?.(80);
  if (aloud) readAloud(stretches.map(({ text }) => text));
}

/** The row in hand: on a phone under the thumb, with the one button that is tapped at its end. */
export function InHandCard({ piece, pieces, progress }: InHandProps) {
  const around = useRowsAround(piece);
  const [folded, setFolded] = useState(false);
  const [slip, setSlip] = useState<string | null>(null);
  const [sheet, setSheet] = useState<Exclude<(typeof ACTS)[number]["id"], "back"> | null>(null);
  const row = around?.rows.find((one) => one.row === piece.rows + 1) ?? null;
  const atEnd = around !== null && piece.rows >= around.all;
  const done = () => {
    if (atEnd || !row) return;
    const became = rowDone(piece);
    setSlip(SLIPS[became] ?? restDue(progress, Date.now()));
    const next = around?.rows.find((one) => one.row === piece.rows + 2);
    if (became === "done" && next) announce(next);
  };
  const back = () => {
    const what = takeBackLast(piece);
    setSlip(what ? null : "There is nothing to take back.");
  };
  useKnitKeys({ done, back });
  return (
    <section
      aria-label="Row in hand"
      className={`rounded-xl border border-line bg-card p-4 upright:fixed upright:inset-x-0 upright:bottom-[3.7rem] upright:z-10 upright:flex ${folded || row || atEnd ? "upright:max-h-[74dvh]" : "upright:h-[74dvh]"} upright:flex-col upright:rounded-b-none upright:border-x-0 max-md:p-3 upright:shadow-[0_-6px_18px_rgb(0_0_0/0.14)]`}
    >
      <div className="mb-2 flex items-center gap-2 md:hidden">
        <div className="grow">
          <Select
            label="Piece in hand"
            labelHidden
            options={pieces.map(({ key, name, rows, all }) => ({
              value: key,
              label: `${name}, ${rows} of ${all}`,
            }))}
            value={piece.key}
            onChange={(key) => {
              const found = pieces.find((one) => one.key === key);
              if (found) takeInHand(found);
            }}
          />
        </div>
        <IconButton
          label={folded ? "Show the row in hand" : "Fold the row away, to see what lies under it"}
          icon={folded ? ChevronUp : ChevronDown}
          onClick={() => setFolded(!folded)}
        />
      </div>
      <div className={folded ? "upright:hidden" : "contents"}>
        <div className="flex-1 upright:min-h-0 upright:overflow-y-auto md:min-h-64">
          {row ? (
            <RowInHand piece={piece} row={row} meanings={around?.meanings ?? []} />
          ) : atEnd ? (
            <AtEnd piece={piece} acts={around.atEnd} />
          ) : (
            <p role="status" className="py-10 text-center text-faint">
              Writing the rows …
            </p>
          )}
        </div>
        <LastWeighing piece={piece} row={row} progress={progress} />
      </div>
      <p aria-live="polite" className="min-h-5 text-sm text-weld">
        {slip}
      </p>
      <div className="flex items-stretch gap-1.5 max-md:flex-wrap max-md:gap-1">
        {ACTS.map(({ id, name, icon: Icon }) => (
          <Button
            key={id}
            onClick={() => (id === "back" ? back() : setSheet(id))}
            className="min-w-14 flex-col justify-center gap-0.5! px-1.5! text-xs max-md:min-h-12 max-md:min-w-0 max-md:flex-1 max-md:px-0! max-md:font-normal max-md:tracking-tight"
          >
            <Icon size={22} aria-hidden />
            {name}
          </Button>
        ))}
        <Button
          look="main"
          onClick={done}
          disabled={!row}
          className="min-h-20 flex-1 justify-center bg-madder! max-md:basis-full font-display text-2xl text-card!"
        >
          <Check size={26} aria-hidden /> Row done
        </Button>
      </div>
      {sheet === "rip" && <RipSheet piece={piece} onOpenChange={() => setSheet(null)} />}
      {sheet === "weigh" && (
        <WeighSheet piece={piece} row={row} progress={progress} onOpenChange={() => setSheet(null)} />
      )}
      {sheet === "join" && <JoinSheet piece={piece} row={row} onOpenChange={() => setSheet(null)} />}
      {sheet === "measure" && <MeasureSheet piece={piece} onOpenChange={() => setSheet(null)} />}
      {sheet === "note" && <NoteSheet piece={piece} onOpenChange={() => setSheet(null)} />}
    </section>
  );
}

function AtEnd({ piece, acts }: { readonly piece: Piece; readonly acts: KnitRow["before"] }) {
  return (
    <>
      <p className="font-display text-3xl">{piece.name}: all rows are worked</p>
      <Acts acts={acts} />
      {piece.finished ? (
        <p className="mt-3 text-moss">It is finished.</p>
      ) : (
        <Button
          look="main"
          size="large"
          className="mt-3"
          onClick={() => tellLog({ kind: "finished", pieceId: piece.pieceId, copy: piece.copy })}
        >
          This piece is finished
        </Button>
      )}
    </>
  );
}
