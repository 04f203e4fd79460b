"use client";
import { say } from "@/core/words/message";
import type { SectionOf } from "@/core/project/sections";
import { editSection } from "@/state/project/sections";
import { Choice } from "@/ui/parts/Choice";
import { MeasureField } from "@/ui/parts/MeasureField";
import type { FieldsProps } from "./EdgeFields";

const AT = [
  { value: "edges", label: "both edges" },
  { value: "outer", label: "outer edge" },
  { value: "inner", label: "inner edge" },
] as const;
const AT_OR_EVENLY = [...AT, { value: "evenly", label: "evenly" }] as const;
const WAYS = [
  { value: "decrease", label: "decrease" },
  { value: "increase", label: "increase" },
] as const;
const RULES = [
  { value: "rule", label: "by rule" },
  { value: "count", label: "to a count" },
] as const;
const OVER = [
  { value: "length", label: "a length" },
  { value: "rows", label: "rows" },
] as const;

/** Stitches added or taken away over rows. */
export function ShapeFields({ section }: FieldsProps<"shape">) {
  return (
    <>
      <div className="col-span-2 mb-1 flex flex-wrap gap-2">
        <Choice
          label="Which way"
          options={WAYS}
          value={section.way}
          onChange={(way) =>
            editSection("shape", "way", (one) => {
              one.way = way;
            })
          }
        />
        <Choice
          label="Where"
          options={AT_OR_EVENLY}
          value={section.at}
          onChange={(at) =>
            editSection("shape", "at", (one) => {
              one.at = at;
            })
          }
        />
        <Choice
          label="Given by"
          options={RULES}
          value={section.by}
          onChange={(by) =>
            editSection("shape", "shape by", (one) => {
              one.by = by;
            })
          }
        />
      </div>
      {section.by === "rule" ? (
        <div className="col-span-2 grid grid-cols-3 gap-x-3">
          <MeasureField field="shaped" label="Stitches" example="e.g. 2" says="in all, each time" />
          <MeasureField field="every" label="every … rows" example="e.g. 4" />
          <MeasureField field="shapings" label="times" example="e.g. 9" />
        </div>
      ) : (
        <div className="col-span-2 grid grid-cols-[1fr_auto_1fr] items-start gap-x-3">
          <MeasureField field="to" label="To stitches" example="e.g. 12" />
          <div className="text-sm">
            <p aria-hidden>over</p>
            <Choice
              label="Over what"
              options={OVER}
              value={section.over}
              onChange={(over) =>
                editSection("shape", "over", (one) => {
                  one.over = over;
                })
              }
            />
          </div>
          {section.over === "rows" ? (
            <MeasureField field="rows" label="Rows" example="e.g. 12" />
          ) : (
            <MeasureField field="length" label="Length" example={say("exampleSize", { mm: 50 })} />
          )}
        </div>
      )}
    </>
  );
}

function AtFields({
  section,
  kind,
}: {
  section: SectionOf<"castOffAt"> | SectionOf<"shortRows">;
  kind: "castOffAt" | "shortRows";
}) {
  return (
    <div className="col-span-2 mb-1">
      <Choice
        label="Where"
        options={AT}
        value={section.at}
        onChange={(at) =>
          editSection(kind, "at", (one) => {
            one.at = at;
          })
        }
      />
    </div>
  );
}

const GO = [
  { value: "off", label: "off the needle" },
  { value: "hold", label: "on hold" },
] as const;

/** Stitches cast off where a row begins, or left on hold. */
export const CastOffAtFields = ({ section }: FieldsProps<"castOffAt">) => (
  <>
    <AtFields section={section} kind="castOffAt" />
    <MeasureField field="atEdge" label="Stitches at each edge" example="e.g. 5" />
    <div className="text-sm">
      <p aria-hidden>They go</p>
      <Choice
        label="They go"
        options={GO}
        value={section.goes}
        onChange={(goes) =>
          editSection("castOffAt", "goes", (one) => {
            one.goes = goes;
          })
        }
      />
    </div>
  </>
);

/** Rows that turn before the end. */
export const ShortRowFields = ({ section }: FieldsProps<"shortRows">) => (
  <>
    <AtFields section={section} kind="shortRows" />
    <MeasureField field="turns" label="Turns" example="e.g. 3" says="at each edge" />
    <MeasureField field="step" label="Stitches more each turn" example="e.g. 5" />
  </>
);
