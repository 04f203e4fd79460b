"use client";
import { memo } from "react";
import { CAST_OFFS, CAST_OFF_IDS, CAST_ONS, CAST_ON_IDS } from "@/core/estimate/edges";
import type { EstimatedPiece } from "@/core/estimate/wholeProject";
import { toMetres } from "@/core/units/brands";
import { formatSize, formatYarn } from "@/core/units/format";
import { chosenOf, useChosenPiece } from "@/state/chosenPiece";
import { change } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { Card } from "@/ui/parts/Card";
import { MeasureField } from "@/ui/parts/MeasureField";

/** How the piece begins, ends and is sewn; and what else the yarn has to hold. */
export const EdgesCard = memo(function EdgesCard({ piece }: { readonly piece: EstimatedPiece }) {
  const units = useUnits();
  const { castOn, castOff, seams } = useChosenPiece();
  const { ledger, heightMm } = piece.estimate;
  const yarn = (part: "castOn" | "castOff" | "seams") => formatYarn(toMetres(ledger[part]), units);
  return (
    <Card title="Edges and finishing">
      <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1">
        <KindSelect
          label="Cast-on"
          ids={CAST_ON_IDS}
          kinds={CAST_ONS}
          value={castOn}
          told={yarn("castOn")}
          onChange={(kind) =>
            change("cast-on", (draft) => {
              chosenOf(draft).castOn = kind;
            })
          }
        />
        <KindSelect
          label="Cast-off"
          ids={CAST_OFF_IDS}
          kinds={CAST_OFFS}
          value={castOff}
          told={yarn("castOff")}
          onChange={(kind) =>
            change("cast-off", (draft) => {
              chosenOf(draft).castOff = kind;
            })
          }
        />
        <MeasureField
          field="seams"
          label="Seams along its sides"
          example="as 2"
          says={
            seams > 0
              ? `each ${formatSize(heightMm, units)} long, together ${yarn("seams")}`
              : "count a seam at one of its two pieces"
          }
        />
        <span />
        <MeasureField
          field="swatch"
          label="Swatch of this yarn, its side"
          example="not counted in"
          says="for the whole project"
        />
        <MeasureField
          field="extras"
          label="Fringe, pompon, mending"
          example="none"
          says="for the whole project"
        />
      </div>
    </Card>
  );
});

interface KindSelectProps<Kind extends string> {
  readonly label: string;
  readonly ids: readonly Kind[];
  readonly kinds: { readonly [Id in Kind]: { readonly name: string; readonly why: string } };
  readonly value: Kind;
  readonly told: string;
  readonly onChange: (kind: Kind) => void;
}

function KindSelect<Kind extends string>({
  label,
  ids,
  kinds,
  value,
  told,
  onChange,
}: KindSelectProps<Kind>) {
  return (
    <label className="text-sm">
      {label}
      <select
        value={value}
        onChange={({ target }) => {
          const kind = ids.find((id) => id === target.value);
          if (kind) onChange(kind);
        }}
        className="mt-0.5 block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 text-base"
      >
        {ids.map((id) => (
          <option key={id} value={id}>
            {kinds[id].name}
          </option>
        ))}
      </select>
      <span className="mt-0.5 block text-[0.8rem] leading-snug text-faint">
        {told}. {kinds[value].why}
      </span>
    </label>
  );
}
