"use client";
import { say } from "@/core/words/message";
import { Tick } from "@/ui/parts/Tick";
import { isCabled } from "@/core/project/sectionKinds";
import type { FabricSection } from "@/core/project/sections";
import { cabledStitches } from "@/core/panels/across";
import { SECTION_ACROSS } from "@/state/project/across";
import { chooseContent, editSection } from "@/state/project/sections";
import { openUseUp } from "@/state/chosen/useUpSheet";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { RopeSelect } from "./RopeSelect";
import { SourceMark } from "@/ui/parts/SourceMark";
import { ropesOf } from "@/core/garment/kinds/fabric";
import { useChosenPiece } from "@/state/chosen/chosen";
import type { FieldsProps } from "./EdgeFields";
import { GroundSelect } from "./GroundSelect";
import { RowOfPanels } from "./RowOfPanels";
import { formatPercent } from "@/core/units/format";

const LEANS = [
  { value: "left", label: "left" },
  { value: "right", label: "right" },
] as const;
const CONTENTS = [
  { value: "ropes", label: "Ropes" },
  { value: "panels", label: "Panels" },
  { value: "ground", label: "Ground" },
  { value: "asBefore", label: "Continue in pattern" },
] as const;
const EXTENTS = [
  { value: "rows", label: "rows" },
  { value: "length", label: "a length" },
  { value: "repeats", label: "repeats" },
] as const;

type FabricFieldsProps = FieldsProps<"fabric">;

/** What a fabric is, and over how many rows it goes. */
export function FabricFields({ section, content, finding }: FabricFieldsProps) {
  const cabled = isCabled(section);
  const { id: pieceId } = useChosenPiece();
  return (
    <>
      <div className="col-span-2 mb-1">
        <Choice label="What is worked" options={CONTENTS} value={section.content} onChange={chooseContent} />
      </div>
      {section.content === "ropes" && <RopeFields section={section} />}
      {section.content === "panels" && (
        <RowOfPanels
          across={section.across}
          edits={SECTION_ACROSS}
          pieceId={pieceId}
          sectionId={section.id}
        />
      )}
      {section.content === "ground" && (
        <div className="col-span-2 mb-1">
          <GroundSelect
            value={section.ground}
            onChange={(ground) =>
              editSection("fabric", "ground", (fabric) => {
                fabric.ground = ground;
              })
            }
          />
        </div>
      )}
      {cabled && (
        <div className="col-span-2 grid grid-cols-3 gap-x-3">
          {section.content === "ropes" && (
            <>
              <MeasureField field="ropes" label="Ropes" example="e.g. 4" />
              <MeasureField field="purls" label="Purls between" example="e.g. 2" />
            </>
          )}
          <MeasureField field="edge" label="Edge stitches" example="e.g. 3" />
        </div>
      )}
      <ExtentFields section={section} />
      <ButtonholeFields section={section} />
      {cabled && <WidthFields section={section} content={content} finding={finding} />}
    </>
  );
}

function RopeFields({ section }: { readonly section: FabricSection }) {
  return (
    <div className="col-span-2 mb-0.5 flex flex-wrap items-end gap-3">
      <RopeSelect
        of={section.id}
        value={section.ropeId}
        onChange={(ropeId) =>
          editSection("fabric", "rope", (fabric) => {
            fabric.ropeId = ropeId;
          })
        }
      />
      <div className="text-sm">
        <p aria-hidden>Cable crosses</p>
        <Choice
          label="Cable crosses"
          options={LEANS}
          value={section.lean}
          onChange={(lean) =>
            editSection("fabric", "lean", (fabric) => {
              fabric.lean = lean;
            })
          }
        />
      </div>
    </div>
  );
}

function ExtentFields({ section }: { readonly section: FabricSection }) {
  return (
    <div className="col-span-2 mb-1">
      <div className="mb-1 flex items-center gap-2 text-sm">
        <span aria-hidden>Over</span>
        <Choice
          label="How far it goes"
          options={EXTENTS}
          value={section.by}
          onChange={(by) =>
            editSection("fabric", "extent", (fabric) => {
              fabric.by = by;
            })
          }
        />
      </div>
      <div className="grid grid-cols-2 gap-x-3">
        {section.by === "rows" && <MeasureField field="rows" label="Rows" example="e.g. 120" />}
        {section.by === "length" && (
          <MeasureField field="length" label="Length" example={say("exampleSize", { mm: 310 })} />
        )}
        {section.by === "repeats" && (
          <>
            <MeasureField field="repeats" label="Whole repeats" example="e.g. 6" />
            <MeasureField
              field="endRow"
              label="and on to row"
              example="0"
              says="of the next repeat; 0 for none"
            />
          </>
        )}
      </div>
      <Button look="link" className="text-sm" onClick={() => openUseUp()}>
        As long as the yarn lasts …
      </Button>
    </div>
  );
}

const HOLES = { count: 6, stitches: 2, margin: 3, over: null };

/** Buttonholes in the middle row of a fabric. */
function ButtonholeFields({ section }: { readonly section: FabricSection }) {
  const { holes } = section;
  return (
    <div className="col-span-2 mb-1">
      <Tick
        className="py-0.5 text-sm"
        checked={holes !== null}
        onChange={(on) =>
          editSection("fabric", "buttonholes", (fabric) => {
            fabric.holes = on ? HOLES : null;
          })
        }
      >
        Buttonholes in its middle row
      </Tick>
      {holes && (
        <div className="grid grid-cols-2 gap-x-3">
          <MeasureField field="holeCount" label="Buttonholes" example="e.g. 6" />
          <MeasureField field="holeStitches" label="Stitches each" example="e.g. 2" />
          <MeasureField
            field="holeMargin"
            label="Before the first"
            example="e.g. 3"
            says="and after the last"
          />
          <MeasureField field="holeOver" label="Over the first … stitches" example="all of them" />
        </div>
      )}
    </div>
  );
}

/** A swatch that moves the draw-in by less than this is not worth a word. */
const SEEN = 0.002;

function WidthFields({ section, content, finding }: FabricFieldsProps) {
  const piece = useChosenPiece();
  const kept = content?.kept;
  const swatched = kept !== undefined && Math.abs(kept.believed - kept.computed) > SEEN;
  const cabled = section.content === "ropes" ? cabledStitches(ropesOf(section, piece)) : null;
  return (
    <>
      <MeasureField
        field="measuredWidth"
        label="Width measured over cables"
        example="optional"
        finding={finding?.field === "measuredWidth" ? finding.message : undefined}
        says={
          kept && (
            <>
              {kept.measured !== null && (
                <>
                  <SourceMark source="measured" /> {formatPercent(kept.measured)} of plain;{" "}
                </>
              )}
              {kept.measured === null && swatched && (
                <>
                  <SourceMark source="measured" /> {formatPercent(kept.believed)} of plain by your
                  swatch;{" "}
                </>
              )}
              <SourceMark source="computed" /> {formatPercent(kept.computed)}
              {kept.measured === null && !swatched && " of plain"}
            </>
          )
        }
      />
      <MeasureField
        field="measuredStitches"
        label="… across how many stitches"
        example="all of the cables"
        says={
          section.measured.widthMm !== null &&
          section.measured.stitches === null &&
          (cabled === null ? "taken as all of the panels" : `taken as all ${cabled}, purls included`)
        }
      />
    </>
  );
}
