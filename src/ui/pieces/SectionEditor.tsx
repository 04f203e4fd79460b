"use client";
import { useSaid } from "@/ui/parts/Said";
import { Copy, ListOrdered, Trash2 } from "lucide-react";
import { useState, type ComponentType } from "react";
import { toast } from "@/ui/parts/toast";
import type { SectionKind } from "@/core/project/sections";
import type { Finding } from "@/core/forecast/projectForecast";
import type { SeenSection } from "@/core/engine/seen";
import { useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { copySection, removeSection } from "@/state/project/sections";
import { useSettings } from "@/state/keeping/settings";
import { IconButton } from "@/ui/parts/IconButton";
import { MeasureField } from "@/ui/parts/MeasureField";
import {
  CastOffFields,
  CastOnFields,
  ChangeFields,
  DivideFields,
  HemFields,
  HoldFields,
  JoinFields,
  PickUpFields,
  type FieldsProps,
} from "./EdgeFields";
import { FabricFields } from "./FabricFields";
import { sectionName } from "./sectionWords";
import { CastOffAtFields, ShapeFields, ShortRowFields } from "./ShapeFields";
import { ColourFields } from "./ColourFields";
import { WrittenFields } from "./WrittenFields";
import { isAsked } from "@/core/project/sectionKinds";
import { AskedFields } from "./AskedFields";
import { SectionSheet } from "./SectionSheet";
import { undoable } from "@/ui/parts/undoable";

/** Fields of each kind. One more kind is one more row. */
const FIELDS: { readonly [Kind in SectionKind]: ComponentType<FieldsProps<Kind>> } = {
  fabric: FabricFields,
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
  written: WrittenFields,
  asked: AskedFields,
};

interface SectionEditorProps {
  readonly worked: readonly SeenSection[];
  readonly findings: readonly Finding[];
}

/** The chosen section: its fields, what is wrong with it, its needle, and its rows. */
export default function SectionEditor({ worked, findings }: SectionEditorProps) {
  const section = useChosenSection();
  const { id: pieceId, sections } = useChosenPiece();
  const words = useSettings((settings) => settings.words);
  const [open, setOpen] = useState(false);
  const said = useSaid();
  const name = sectionName(section, words);
  const mine = worked.find((one) => one.sectionId === section.id);
  const told = findings.filter(({ sectionId }) => sectionId === section.id);
  const remove = () => {
    removeSection(section.id);
    toast.success(`${name} is deleted`, undoable);
  };
  const Fields = FIELDS[section.kind] as ComponentType<FieldsProps<SectionKind>>;
  return (
    <section aria-label={`Section: ${name}`} className="mt-2 rounded-lg border border-line p-2.5">
      <div className="flex items-center gap-1">
        <h3 className="min-w-0 flex-1 truncate text-lg">{name}</h3>
        <IconButton
          label="Rows as text and chart"
          icon={ListOrdered}
          disabled={!mine || mine.rows === 0 || isAsked(section)}
          onClick={() => setOpen(true)}
        />
        <IconButton label="Copy the section" icon={Copy} onClick={copySection} />
        <IconButton
          label="Delete the section"
          icon={Trash2}
          disabled={sections.length === 1}
          onClick={remove}
        />
      </div>
      {told
        .filter(({ field }) => field === "section")
        .map(({ message, leftOut }) => (
          <p
            key={said(message)}
            role="status"
            className={`mb-1 text-sm ${leftOut ? "text-madder" : "text-weld"}`}
          >
            {said(message)}
          </p>
        ))}
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1">
        <Fields
          section={section}
          content={mine?.content ?? null}
          finding={told.find(({ field }) => field === "measuredWidth")}
        />
        <MeasureField field="sectionNeedle" label="Needle for this section" example="as the rest" />
        <ColourFields section={section} />
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
