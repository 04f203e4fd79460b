"use client";
import { BLOCKINGS, BLOCKING_IDS } from "@/core/fabric/blocking";
import { ROPES } from "@/core/panels/ropes";
import { addAcross, clearAcross } from "@/state/across";
import { chosenOf, useChosenPiece } from "@/state/chosenPiece";
import { change } from "@/state/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { RowOfPanels } from "./RowOfPanels";

const LEANS = [
  { value: "left", label: "left" },
  { value: "right", label: "right" },
] as const;
const KINDS = [
  { value: "ropes", label: "Ropes of one kind" },
  { value: "panels", label: "A row of panels" },
] as const;
const FINISHES = BLOCKING_IDS.map((id) => ({ value: id, label: BLOCKINGS[id].name }));

/** What lies across the piece: ropes of one kind, or any panels; and how it will be finished. */
export function CableFields() {
  const piece = useChosenPiece();
  const kind = piece.across.length > 0 ? "panels" : "ropes";
  return (
    <>
      <div className="col-span-2 mb-1">
        <Choice
          label="What lies across"
          options={KINDS}
          value={kind}
          onChange={(wanted) => (wanted === "panels" ? addAcross("honeycomb") : clearAcross())}
        />
      </div>
      {kind === "panels" ? <RowOfPanels /> : <RopeFields />}
      <div
        className={`col-span-2 grid gap-x-3 ${kind === "ropes" ? "grid-cols-2 sm:grid-cols-4" : "grid-cols-2"}`}
      >
        {kind === "ropes" && (
          <>
            <MeasureField field="ropes" label="Ropes" example="as 4" />
            <MeasureField field="purls" label="Purls between" example="as 2" />
          </>
        )}
        <MeasureField field="edge" label="Edge stitches" example="as 3" />
        <MeasureField field="rows" label="Rows" example="as 120" />
      </div>
      <div className="col-span-2 mb-1.5 flex flex-wrap items-center gap-2 text-sm">
        <span aria-hidden>Finished</span>
        <Choice
          label="How the piece is finished"
          options={FINISHES}
          value={piece.blocking}
          onChange={(blocking) =>
            change("blocking", (draft) => {
              chosenOf(draft).blocking = blocking;
            })
          }
        />
      </div>
    </>
  );
}

function RopeFields() {
  const piece = useChosenPiece();
  return (
    <div className="col-span-2 mb-0.5 flex flex-wrap items-end gap-3">
      <div className="grow text-sm">
        <label htmlFor="rope">Cable</label>
        <select
          id="rope"
          value={piece.ropeId}
          onChange={(event) => {
            const rope = ROPES.find(({ id }) => id === event.target.value);
            if (rope)
              change("rope", (draft) => {
                chosenOf(draft).ropeId = rope.id;
              });
          }}
          className="mt-0.5 block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base"
        >
          {ROPES.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </div>
      <div className="text-sm">
        <p aria-hidden>In front leans</p>
        <Choice
          label="In front leans"
          options={LEANS}
          value={piece.lean}
          onChange={(lean) =>
            change("lean", (draft) => {
              chosenOf(draft).lean = lean;
            })
          }
        />
      </div>
    </div>
  );
}
