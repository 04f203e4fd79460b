"use client";
import { say } from "@/core/words/message";
import { countOf } from "@/core/words/things";
import { Table } from "@/ui/parts/Table";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Said } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import { SIZE_TOLERANCE, type SizeOption } from "@/core/forecast/sizeOptions";
import { metres, millimetres, type UnitSystem } from "@/core/units/brands";
import { formatPercent, formatSize, formatYarn } from "@/core/units/format";
import { withFigures } from "@/core/engine/basis";
import { change, replace, useProject } from "@/state/project/projectStore";
import { useAsked } from "@/state/engine/asked";
import { useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Drawer } from "@/ui/parts/Drawer";
import { MeasureField } from "@/ui/parts/MeasureField";
import { MeasuredAt } from "./MeasuredAt";
import { lazily } from "@/ui/parts/lazily";
import { useState } from "react";

const SizesSheet = lazily(
  "Sizes side by side",
  () => import("./SizesSheet").then((file) => file.SizesSheet),
  {
    close: ({ onClose }) => onClose(),
  },
);

const AROUND = [
  { value: "1", label: "once" },
  { value: "2", label: "twice" },
] as const;

/** What it is sized for, and the ways to that size side by side. */
export function SizeCard() {
  const { size } = useProject();
  return (
    <Drawer title="Size" answer={<SizeWanted />} atFirst="shut">
      {(open) => <SizeFields asked={open && size.acrossMm !== null && size.alongMm !== null} />}
    </Drawer>
  );
}

/** What is wanted, as it stands in the title. Example: "101 × 60 cm wanted". */
function SizeWanted() {
  const { acrossMm, easeMm, alongMm } = useProject().size;
  const units = useUnits();
  if (acrossMm === null || alongMm === null) return "not said yet";
  return `${formatSize(millimetres(acrossMm + (easeMm ?? 0)), units)} × ${formatSize(millimetres(alongMm), units)} wanted`;
}

function SizeFields({ asked }: { readonly asked: boolean }) {
  const { size } = useProject();
  const [table, setTable] = useState(false);
  return (
    <>
      <div className="mt-2 grid grid-cols-3 gap-x-3">
        <MeasureField
          field="sizeAcross"
          label="Measure"
          example={say("exampleSize", { mm: 960 })}
          says="of the body, or wanted"
        />
        <MeasureField field="sizeEase" label="Ease" example="0" says="added; − to stretch" />
        <MeasureField field="sizeAlong" label="Length" example={say("exampleSize", { mm: 600 })} />
      </div>
      {size.around <= 2 ? (
        <Toolbar className="mb-1 text-sm">
          <span aria-hidden>The first piece goes round it</span>
          <Choice
            label="How often the first piece goes round"
            options={AROUND}
            value={size.around === 2 ? "2" : "1"}
            onChange={(around) =>
              change("around", (draft) => {
                draft.size.around = Number(around);
              })
            }
          />
        </Toolbar>
      ) : (
        <p className="mb-1 text-sm text-faint">
          The first piece lies {size.around} times across and {size.up} times up.
        </p>
      )}
      <MeasuredAt />
      <p className="mb-1">
        <Button look="link" className="text-sm" onClick={() => setTable(true)}>
          Several sizes side by side …
        </Button>
      </p>
      {table && <SizesSheet onClose={() => setTable(false)} />}
      {asked && <Options />}
    </>
  );
}

function Options() {
  const project = useProject();
  const units = useUnits();
  const { told: found, current } = useAsked("sizes", null);
  if (!found) return <p className="text-sm text-faint">Calculating …</p>;
  if (!found.ok)
    return (
      <p role="status" className="text-sm text-madder">
        <Said>{found.message}</Said>
      </p>
    );
  if (found.value.length === 0)
    return (
      <p role="status" className="text-sm">
        Nothing was found that meets both measures within {formatPercent(SIZE_TOLERANCE.across)} across and{" "}
        {formatPercent(SIZE_TOLERANCE.along)} along with every section worked. Try another measure, or change
        the sections themselves.
      </p>
    );
  return (
    <Table
      captionHidden={false}
      caption={
        <>
          Ways to this size, each worked stitch by stitch: all within {formatPercent(SIZE_TOLERANCE.across)}{" "}
          across, {formatPercent(SIZE_TOLERANCE.along)} along.
        </>
      }
      columns={[
        { id: "way", head: "Way", names: true, cell: ({ name }) => name },
        {
          id: "size",
          head: "comes out",
          cell: (option) => (
            <>
              {formatSize(millimetres(option.acrossMm), units)} ×{" "}
              {formatSize(millimetres(option.alongMm), units)}
              <span className="block text-faint">{tellOff(option, units)}</span>
            </>
          ),
        },
        {
          id: "yarn",
          head: "takes",
          whole: true,
          cell: ({ balls, needM }) => (
            <>
              {countOf(balls, "ball")}
              <span className="block text-faint">{formatYarn(metres(needM), units)}</span>
            </>
          ),
        },
        {
          id: "take",
          head: <span className="sr-only">Take it</span>,
          right: true,
          cell: (option) => (
            <Button
              aria-label={`Take the ${option.name}`}
              disabled={!current}
              onClick={() => replace(`size ${option.id}`, withFigures(project, option.project))}
              size="small"
            >
              Take
            </Button>
          ),
        },
      ]}
      rows={found.value}
      keyOf={({ id }) => id}
    />
  );
}

/** How far off it is. Example: "0.3 cm under, 0.5 cm longer". */
function tellOff({ offAcrossMm, offAlongMm }: SizeOption, units: UnitSystem) {
  const off = (mm: number, more: string, less: string) =>
    Math.abs(mm) < 0.5 ? null : `${formatSize(millimetres(Math.abs(mm)), units)} ${mm > 0 ? more : less}`;
  return (
    [off(offAcrossMm, "wider", "narrower"), off(offAlongMm, "longer", "shorter")]
      .filter(Boolean)
      .join(", ") || "exactly"
  );
}
