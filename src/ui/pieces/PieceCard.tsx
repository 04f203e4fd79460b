"use client";
import { Tick } from "@/ui/parts/Tick";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Button } from "@/ui/parts/Button";
import { Said } from "@/ui/parts/Said";
import { lazily } from "@/ui/parts/lazily";
import { Plus } from "lucide-react";
import type { Seen } from "@/core/engine/seen";
import type { Finding } from "@/core/forecast/projectForecast";
import { usePieceIn } from "@/state/engine/answer";
import { useChosenPiece, chosenOf } from "@/state/chosen/chosen";
import { change } from "@/state/project/projectStore";
import { addSection, MOST_SECTIONS } from "@/state/project/sections";
import { useSettings } from "@/state/keeping/settings";
import { BLOCKINGS, BLOCKING_IDS } from "@/core/fabric/blocking";
import { Card } from "@/ui/parts/Card";
import { Caution } from "@/ui/parts/Caution";
import { Choice } from "@/ui/parts/Choice";
import { Menu } from "@/ui/parts/Menu";
import { isAsked } from "@/core/project/sectionKinds";
import { DescribeGarment } from "./DescribeGarment";
import { PieceTabs } from "./PieceTabs";
import { sectionKinds } from "./sectionWords";

/** Dragging and editing come after the rest of the page. */
const SectionList = lazily("Sections", () => import("./SectionList").then((file) => file.default), {
  waiting: <RoomForSections />,
});
const SectionEditor = lazily("Section", () => import("./SectionEditor").then((file) => file.default));

const FINISHES = BLOCKING_IDS.map((id) => ({ value: id, label: BLOCKINGS[id].name }));
const WAYS = [
  { value: "flat", label: "back and forth" },
  { value: "round", label: "in the round" },
] as const;

/** The room that the list of sections is going to take: nothing below it moves when it comes. */
function RoomForSections() {
  const { sections } = useChosenPiece();
  return <div style={{ height: `${3 * sections.length}rem` }} />;
}

/** The pieces, and of the open one what is worked in which order. */
export function PieceCard({ answer }: { readonly answer: Seen }) {
  const piece = useChosenPiece();
  const estimated = usePieceIn(answer);
  const worked = (answer.known && answer.worked.get(piece.id)) || [];
  const findings = answer.findings.filter(({ pieceId }) => pieceId === piece.id);
  const asked = piece.sections.some(isAsked);
  const castOn = estimated && !asked && `Cast on ${estimated.estimate.castOn}`;
  return (
    <Card
      title={piece.name || "Piece"}
      aside={
        [piece.times > 1 && `${piece.times} times`, castOn].filter(Boolean).join(", ") ||
        (asked ? "by what the pattern asks for" : "not in the answer yet")
      }
    >
      <PieceTabs />
      {!estimated && answer.known && <LeftOut findings={findings} name={piece.name} />}
      <SectionList worked={worked} piece={estimated} findings={findings} />
      {!asked && <AddSection full={piece.sections.length >= MOST_SECTIONS} />}
      {asked && <DescribeGarment />}
      <SectionEditor worked={worked} findings={findings} />
      <PieceChoices />
    </Card>
  );
}

function LeftOut({ findings, name }: { readonly findings: readonly Finding[]; readonly name: string }) {
  return (
    <p role="status" className="mt-1 mb-1 text-sm text-weld">
      {name || "This piece"} is not in the answer:{" "}
      <Said>{findings[0]?.message ?? "nothing in it can be worked yet."}</Said>
    </p>
  );
}

function AddSection({ full }: { readonly full: boolean }) {
  const words = useSettings((settings) => settings.words);
  return (
    <Menu
      acts={sectionKinds(words).map(({ kind, name }) => ({ name, act: () => addSection(kind) }))}
      trigger={
        <Button disabled={full} look="add" size="small" className="mt-1">
          <Plus size={14} aria-hidden /> Add a section after this one
        </Button>
      }
    />
  );
}

/** How the whole piece is worked and finished. */
function PieceChoices() {
  const { round, mirrored, blocking } = useChosenPiece();
  return (
    <>
      <Toolbar className="mt-2 text-sm">
        <span className="flex items-center gap-2">
          <span aria-hidden>Worked</span>
          <Choice
            label="How the piece is worked"
            options={WAYS}
            value={round ? "round" : "flat"}
            onChange={(way) =>
              change("round", (draft) => {
                chosenOf(draft).round = way === "round";
              })
            }
          />
        </span>
        <Tick
          checked={mirrored}
          onChange={(on) =>
            change("mirrored", (draft) => {
              chosenOf(draft).mirrored = on;
            })
          }
        >
          mirrored
        </Tick>
        <span className="flex items-center gap-2">
          <span aria-hidden>Finished</span>
          <Choice
            label="How the piece is finished"
            options={FINISHES}
            value={blocking}
            onChange={(wanted) =>
              change("blocking", (draft) => {
                chosenOf(draft).blocking = wanted;
              })
            }
          />
        </span>
      </Toolbar>
      {blocking === "steamed" && <Caution of="steam" />}
    </>
  );
}
