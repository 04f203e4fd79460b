"use client";
import { Copy, ListOrdered, Trash2 } from "lucide-react";
import { useState, type ComponentType } from "react";
import { toast } from "sonner";
import { CAST_OFFS, CAST_OFF_IDS, CAST_ONS, CAST_ON_IDS } from "@/core/estimate/edges";
import type { SectionKind, SectionOf } from "@/core/files/sections";
import type { Finding } from "@/core/forecast/projectForecast";
import type { WorkedSection } from "@/core/garment/work/workPiece";
import { GROUND_IDS } from "@/core/panels/grounds";
import { useChosenPiece, useChosenSection } from "@/state/chosenPiece";
import { undo } from "@/state/projectStore";
import { copySection, editSection, removeSection } from "@/state/sections";
import { useSettings } from "@/state/settings";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Select } from "@/ui/parts/Select";
import { FabricFields } from "./FabricFields";
import { groundName, sectionName } from "./sectionWords";
import { SectionSheet } from "./SectionSheet";

interface FieldsProps<Kind extends SectionKind> {
  readonly section: SectionOf<Kind>;
  readonly worked: WorkedSection | undefined;
}

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

function CastOnFields({ section }: FieldsProps<"castOn">) {
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
        says={section.stitches === null && "reckoned from what comes above"}
      />
    </>
  );
}

function CastOffFields({ section }: FieldsProps<"castOff">) {
  return (
    <Select
      label="Cast-off"
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

const ChangeFields = ({ section }: FieldsProps<"change">) => (
  <MeasureField
    field="to"
    label="To stitches"
    example="as the panels above need"
    says={section.to === null && "reckoned from what comes above; worked in one row"}
  />
);

function ShapeFields({ section }: FieldsProps<"shape">) {
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
          label="How it is told"
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
          <MeasureField field="shaped" label="Stitches" example="as 2" says="in all, each time" />
          <MeasureField field="every" label="every … rows" example="as 4" />
          <MeasureField field="shapings" label="so often" example="as 9" />
        </div>
      ) : (
        <div className="col-span-2 grid grid-cols-[1fr_auto_1fr] items-start gap-x-3">
          <MeasureField field="to" label="To stitches" example="as 12" />
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
            <MeasureField field="rows" label="Rows" example="as 12" />
          ) : (
            <MeasureField field="length" label="Length" example="as 5 cm" />
          )}
        </div>
      )}
    </>
  );
}

function EdgeFields({
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

const CastOffAtFields = ({ section }: FieldsProps<"castOffAt">) => (
  <>
    <EdgeFields section={section} kind="castOffAt" />
    <MeasureField field="atEdge" label="Stitches at each edge" example="as 5" />
  </>
);

const ShortRowFields = ({ section }: FieldsProps<"shortRows">) => (
  <>
    <EdgeFields section={section} kind="shortRows" />
    <MeasureField field="turns" label="Turns" example="as 3" says="at each edge" />
    <MeasureField field="step" label="Stitches more each turn" example="as 5" />
  </>
);

const DivideFields = ({ section }: FieldsProps<"divide">) => (
  <>
    <MeasureField
      field="centre"
      label="Stitches in the middle"
      example="as 20"
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

const JoinFields = () => <MeasureField field="between" label="Cast on between the sides" example="as 12" />;

const PickUpFields = ({ section }: FieldsProps<"pickUp">) => (
  <>
    <MeasureField field="stitches" label="Stitches" example="from the length" />
    <MeasureField field="along" label="or along an edge of" example="as 45 cm" />
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

function HemFields({ section }: FieldsProps<"hem">) {
  const words = useSettings((settings) => settings.words);
  return (
    <>
      <Select
        label="Stitch"
        options={GROUND_IDS.map((id) => ({ value: id, label: groundName(id, words) }))}
        value={section.ground}
        onChange={(ground) =>
          editSection("hem", "hem ground", (one) => {
            one.ground = ground;
          })
        }
      />
      <MeasureField field="hemRows" label="Rows to the ridge" example="as 8" />
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

const HoldFields = () => (
  <p className="col-span-2 text-sm text-faint">Live stitches wait on a thread until a band takes them up.</p>
);

/** Fields of each kind but the fabric, which needs more. One more kind is one more row. */
const FIELDS: { readonly [Kind in Exclude<SectionKind, "fabric">]: ComponentType<FieldsProps<Kind>> } = {
  castOn: CastOnFields,
  castOff: CastOffFields,
  change: ChangeFields,
  shape: ShapeFields,
  castOffAt: CastOffAtFields,
  shortRows: ShortRowFields,
  divide: DivideFields,
  join: JoinFields,
  hold: HoldFields,
  pickUp: PickUpFields,
  hem: HemFields,
};

interface SectionEditorProps {
  readonly worked: readonly WorkedSection[];
  readonly findings: readonly Finding[];
}

/** The chosen section: its fields, what is wrong with it, its needle, and its rows. */
export default function SectionEditor({ worked, findings }: SectionEditorProps) {
  const section = useChosenSection();
  const { id: pieceId, sections } = useChosenPiece();
  const words = useSettings((settings) => settings.words);
  const [open, setOpen] = useState(false);
  const name = sectionName(section, words);
  const mine = worked.find((one) => one.section.id === section.id);
  const told = findings.filter(({ sectionId }) => sectionId === section.id);
  const remove = () => {
    removeSection(section.id);
    toast.success(`${name} is taken out`, { action: { label: "Undo", onClick: undo } });
  };
  const Fields =
    section.kind === "fabric" ? null : (FIELDS[section.kind] as ComponentType<FieldsProps<SectionKind>>);
  return (
    <section aria-label={`Section: ${name}`} className="mt-2 rounded-lg border border-line p-2.5">
      <div className="flex items-center gap-1">
        <h3 className="min-w-0 flex-1 truncate text-lg">{name}</h3>
        <IconButton
          label="Rows as text and chart"
          icon={ListOrdered}
          disabled={!mine || mine.rows.length === 0}
          onClick={() => setOpen(true)}
        />
        <IconButton label="Copy the section" icon={Copy} onClick={copySection} />
        <IconButton
          label="Take the section out"
          icon={Trash2}
          disabled={sections.length === 1}
          onClick={remove}
        />
      </div>
      {told
        .filter(({ field }) => field === "section")
        .map(({ message, leftOut }) => (
          <p key={message} role="status" className={`mb-1 text-sm ${leftOut ? "text-madder" : "text-weld"}`}>
            {message}
          </p>
        ))}
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1">
        {section.kind === "fabric" ? (
          <FabricFields
            section={section}
            content={mine?.content ?? null}
            finding={told.find(({ field }) => field === "measuredWidth")}
          />
        ) : (
          Fields && <Fields section={section} worked={mine} />
        )}
        <MeasureField field="sectionNeedle" label="Needle for this section" example="as the rest" />
      </div>
      {open && (
        <SectionSheet
          pieceId={pieceId}
          sectionId={section.id}
          name={name}
          open={open}
          onOpenChange={setOpen}
        />
      )}
    </section>
  );
}
