"use client";
import { say } from "@/core/words/message";
import { useSaid } from "@/ui/parts/Said";
import { CAST_OFFS, CAST_OFF_IDS, CAST_ONS, CAST_ON_IDS } from "@/core/project/edgeKinds";
import type { SectionKind, SectionOf } from "@/core/project/sections";
import { useChosenPiece } from "@/state/chosen/chosen";
import { editSection } from "@/state/project/sections";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Select } from "@/ui/parts/Select";
import type { SeenSection } from "@/core/engine/seen";
import type { Finding } from "@/core/forecast/projectForecast";
import { GroundSelect } from "./GroundSelect";

/** What the fields of each kind of section are given. */
export interface FieldsProps<Kind extends SectionKind> {
  readonly section: SectionOf<Kind>;
  /** What it was worked in; null where it is left out. */
  readonly content: SeenSection["content"];
  /** What is wrong with its measured width. */
  readonly finding: Finding | undefined;
}

const CENTRE = [
  { value: "hold", label: "on hold" },
  { value: "castOff", label: "off the needle" },
] as const;
const FOLDS = [
  { value: "folded", label: "folded and sewn" },
  { value: "single", label: "not folded" },
] as const;
const HELD = [
  { value: "no", label: "only along the edge" },
  { value: "yes", label: "and what is on hold" },
] as const;
const ROUNDS = [
  { value: "flat", label: "back and forth" },
  { value: "round", label: "in the round" },
] as const;

const FIRST_ROWS = [
  { value: "right", label: "right side" },
  { value: "wrong", label: "wrong side" },
] as const;

export function CastOnFields({ section }: FieldsProps<"castOn">) {
  const { round } = useChosenPiece();
  return (
    <>
      <Select
        label="Cast-on"
        options={CAST_ON_IDS.map((id) => ({ value: id, label: CAST_ONS[id].name }))}
        value={section.method}
        says={CAST_ONS[section.method].why}
        onChange={(method) =>
          editSection("castOn", "cast-on", (one) => {
            one.method = method;
          })
        }
      />
      <MeasureField
        field="stitches"
        label="Stitches"
        example="as the work above needs"
        says={section.stitches === null && "calculated from what comes above"}
      />
      {!round && (
        <div className="text-sm">
          <p aria-hidden>The first row is on the</p>
          <Choice
            label="The first row is on the"
            options={FIRST_ROWS}
            value={section.firstRow}
            onChange={(side) =>
              editSection("castOn", "first row", (one) => {
                one.firstRow = side;
              })
            }
          />
        </div>
      )}
    </>
  );
}

export function CastOffFields({ section }: FieldsProps<"castOff">) {
  const said = useSaid();
  return (
    <Select
      label={said(say("castOffEdge"))}
      options={CAST_OFF_IDS.map((id) => ({ value: id, label: CAST_OFFS[id].name }))}
      value={section.method}
      says={CAST_OFFS[section.method].why}
      onChange={(method) =>
        editSection("castOff", "cast-off", (one) => {
          one.method = method;
        })
      }
    />
  );
}

export const ChangeFields = ({ section }: FieldsProps<"change">) => (
  <MeasureField
    field="to"
    label="To stitches"
    example="as the panels above need"
    says={section.to === null && "calculated from what comes above; worked in one row"}
  />
);

export const DivideFields = ({ section }: FieldsProps<"divide">) => (
  <>
    <MeasureField
      field="centre"
      label="Stitches in the middle"
      example="e.g. 20"
      says="what follows is worked once a side"
    />
    <div className="text-sm">
      <p aria-hidden>The middle goes</p>
      <Choice
        label="The middle goes"
        options={CENTRE}
        value={section.centreTo}
        onChange={(to) =>
          editSection("divide", "centre to", (one) => {
            one.centreTo = to;
          })
        }
      />
    </div>
  </>
);

export const JoinFields = () => (
  <MeasureField field="between" label="Cast on between the sides" example="e.g. 12" />
);

export const PickUpFields = ({ section }: FieldsProps<"pickUp">) => (
  <>
    <MeasureField field="stitches" label="Stitches" example="from the length" />
    <MeasureField field="along" label="or along an edge of" example={say("exampleSize", { mm: 450 })} />
    <div className="col-span-2 flex flex-wrap gap-2">
      <Choice
        label="What is taken up"
        options={HELD}
        value={section.held ? "yes" : "no"}
        onChange={(held) =>
          editSection("pickUp", "held", (one) => {
            one.held = held === "yes";
          })
        }
      />
      <Choice
        label="How the band is worked"
        options={ROUNDS}
        value={section.round ? "round" : "flat"}
        onChange={(way) =>
          editSection("pickUp", "band round", (one) => {
            one.round = way === "round";
          })
        }
      />
    </div>
  </>
);

export function HemFields({ section }: FieldsProps<"hem">) {
  return (
    <>
      <GroundSelect
        value={section.ground}
        onChange={(ground) =>
          editSection("hem", "hem ground", (one) => {
            one.ground = ground;
          })
        }
      />
      <MeasureField field="hemRows" label="Rows to the ridge" example="e.g. 8" />
      <div className="col-span-2">
        <Choice
          label="How the hem is finished"
          options={FOLDS}
          value={section.folded ? "folded" : "single"}
          onChange={(way) =>
            editSection("hem", "folded", (one) => {
              one.folded = way === "folded";
            })
          }
        />
      </div>
    </>
  );
}

export const HoldFields = () => (
  <p className="col-span-2 text-sm text-faint">Live stitches wait on a thread until a band takes them up.</p>
);

/** Fields of each kind but the fabric, which needs more. One more kind is one more row. */
