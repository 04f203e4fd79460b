"use client";
import { say } from "@/core/words/message";
import { Said, useSaid } from "@/ui/parts/Said";
import type { Seen } from "@/core/engine/seen";
import type { SwatchWarning } from "@/core/belief/swatchWarnings";
import { CAST_OFF_IDS, CAST_OFFS, CAST_ON_IDS, CAST_ONS } from "@/core/project/edgeKinds";
import { candidateName } from "@/core/project/candidates";
import type { Swatch } from "@/core/project/swatches";
import { ropeOf } from "@/core/panels/ropes";
import { formatFine } from "@/core/units/format";
import { useProject } from "@/state/project/projectStore";
import { SWATCH_ACROSS } from "@/state/project/across";
import { swatchPieceId } from "@/core/garment/swatchPiece";
import { editSwatch } from "@/state/project/swatches";
import { Card } from "@/ui/parts/Card";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Select } from "@/ui/parts/Select";
import { WordsField } from "@/ui/parts/WordsField";
import { GroundSelect } from "@/ui/pieces/GroundSelect";
import { RopeSelect } from "@/ui/pieces/RopeSelect";
import { RowOfPanels } from "@/ui/pieces/RowOfPanels";
import { SwatchPhoto } from "./SwatchPhoto";
import { SwatchTabs } from "./SwatchTabs";

const ON = CAST_ON_IDS.map((id) => ({ value: id, label: CAST_ONS[id].name }));
const OFF = CAST_OFF_IDS.map((id) => ({ value: id, label: CAST_OFFS[id].name }));

interface SwatchCardProps {
  readonly swatch: Swatch;
  readonly answer: Seen;
}

/** What was worked: the swatch itself, before anything is measured of it. */
export function SwatchCard({ swatch, answer }: SwatchCardProps) {
  const said = useSaid();
  const { yarns, swap } = useProject();
  const names = [
    ...yarns.map(({ id, name }) => ({ value: id, label: name || "Yarn" })),
    ...swap.candidates.map((one) => ({ value: one.id, label: `${candidateName(one)} (on Swap)` })),
  ];
  const substitute = swap.candidates.some(({ id }) => id === swatch.yarnId);
  const of = answer.known ? answer.belief.swatches.get(swatch.id) : undefined;
  const plainGround = swatch.fabric.content === "ground";
  return (
    <Card title="The swatch">
      <SwatchTabs swatch={swatch} />
      <div className="grid grid-cols-2 gap-x-3 gap-y-0.5">
        {plainGround ? (
          <GroundFields swatch={swatch} />
        ) : (
          <PatternFields swatch={swatch} stitches={of?.stitches ?? null} />
        )}
        <MeasureField field="swatchRows" label="Rows" example="e.g. 36" says={rowsWords(swatch)} />
        <MeasureField
          field="swatchNeedle"
          label="Needle"
          example={answer.known ? formatFine(answer.plan.needleMm) : "e.g. 5 mm"}
          says={swatch.needleMm === null && "the project’s"}
        />
        {names.length > 1 && (
          <div className="col-span-2 mb-1">
            <Select
              label="Yarn"
              options={names}
              value={swatch.yarnId}
              onChange={(yarnId) =>
                editSwatch("yarn", (one) => {
                  one.yarnId = yarnId;
                })
              }
              says={substitute && "It counts for this substitute only, on the Swap bench."}
            />
          </div>
        )}
      </div>
      {of && <Hints hints={of.hints} />}
      <details className="mt-1">
        <summary className="text-sm font-semibold">Edges, who and when, a photo</summary>
        <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1">
          <Select
            label="Cast on"
            options={ON}
            value={swatch.castOn}
            onChange={(castOn) =>
              editSwatch("cast-on", (one) => {
                one.castOn = castOn;
              })
            }
          />
          <Select
            label={said(say("castOffAct"))}
            options={OFF}
            value={swatch.castOff}
            onChange={(castOff) =>
              editSwatch("cast-off", (one) => {
                one.castOff = castOff;
              })
            }
          />
          <MeasureField
            field="swatchBorder"
            label="Garter rows below"
            example="0"
            says="and as many above it"
          />
          <span />
          <WordsField
            label="Knitted by"
            value={swatch.by}
            most={60}
            onText={(by) =>
              editSwatch("by", (one) => {
                one.by = by;
              })
            }
          />
          <WordsField
            label="When"
            value={swatch.date}
            type="date"
            onText={(date) =>
              editSwatch("date", (one) => {
                one.date = date;
              })
            }
          />
        </div>
        <SwatchPhoto key={swatch.id} swatchId={swatch.id} name={swatch.name} />
      </details>
    </Card>
  );
}

/** How many repeats of a rope its rows are. */
function rowsWords({ fabric, rows }: Swatch): string {
  if (fabric.content !== "ropes" || rows === null) return "all between the edges";
  const { everyRows } = ropeOf(fabric.ropeId);
  const [repeats, over] = [Math.floor(rows / everyRows), rows % everyRows];
  return `${repeats} repeats of ${everyRows}${over > 0 ? ` and ${over} rows` : ""}`;
}

function GroundFields({ swatch }: { readonly swatch: Swatch }) {
  return (
    <>
      <div className="col-span-2 mb-1">
        <GroundSelect
          value={swatch.fabric.ground}
          onChange={(ground) =>
            editSwatch("ground", (one) => {
              one.fabric.ground = ground;
            })
          }
        />
      </div>
      <MeasureField field="swatchStitches" label="Stitches cast on" example="e.g. 26" />
    </>
  );
}

/** A pattern swatch is worked in what the project is cabled with, as it was when the swatch was added. */
function PatternFields({ swatch, stitches }: { readonly swatch: Swatch; readonly stitches: number | null }) {
  const ropes = swatch.fabric.content === "ropes";
  return (
    <>
      {!ropes && (
        <RowOfPanels
          across={swatch.fabric.across}
          edits={SWATCH_ACROSS}
          pieceId={swatchPieceId(swatch, swatch.finish)}
          sectionId={swatch.fabric.id}
        />
      )}
      {ropes && (
        <div className="col-span-2 mb-1">
          <RopeSelect
            of={swatch.id}
            value={swatch.fabric.ropeId}
            onChange={(ropeId) =>
              editSwatch("cable", (one) => {
                one.fabric.ropeId = ropeId;
              })
            }
          />
        </div>
      )}
      {ropes && <MeasureField field="swatchRopes" label="Ropes across" example="e.g. 2" />}
      {ropes && <MeasureField field="swatchPurls" label="Purls between" example="e.g. 2" />}
      <MeasureField
        field="swatchEdge"
        label="Edge stitches"
        example="e.g. 4"
        says={stitches !== null && `${stitches} stitches in all`}
      />
    </>
  );
}

/** Slips that were caught: each says what it costs. */
function Hints({ hints }: { readonly hints: readonly SwatchWarning[] }) {
  return (
    <div aria-live="polite">
      {hints.length > 0 && (
        <ul aria-label="Worth knowing" className="grid gap-1 text-sm">
          {hints.map(({ about, message }) => (
            <li key={about} className="border-l-4 border-weld pl-2">
              <Said>{message}</Said>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
