"use client";
import { typed } from "@/state/project/projectStore";
import { DYED_WORDS, type YarnLabel } from "@/core/project/label";
import { COUNTS, LENGTHS } from "@/core/project/bounds";
import { millimetres } from "@/core/units/brands";
import { readCount } from "@/core/units/count";
import { formatFine, formatGauge } from "@/core/units/format";
import { readGauge } from "@/core/units/gauge";
import { readLength } from "@/core/units/length";
import { classOf, YARN_CLASSES, type YarnClass } from "@/core/yarn/classes";
import { readPutUp, tellPutUp, type PutUp } from "@/core/yarn/putUp";
import { useUnits } from "@/state/keeping/settings";
import { Select } from "@/ui/parts/Select";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { FibresField } from "./FibresField";

interface LabelFieldsProps {
  /** Whose label it is. */
  readonly of: string;
  readonly label: YarnLabel;
  readonly onLabel: (what: string, part: Partial<YarnLabel>) => void;
}

const DYES = DYED_WORDS.map(([value, label]) => ({ value, label }));
const CLASSES = [
  { value: "", label: "as its length says" } as const,
  ...YARN_CLASSES.map((value) => ({ value, label: value })),
];

/** What the label of a yarn says: the same wherever a yarn is described. */
export function LabelFields({ of, label, onLabel }: LabelFieldsProps) {
  const units = useUnits();
  const { putUp, bandClass } = label;
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-1">
      <WordsField label="Name of the yarn" value={label.name} onText={(name) => onLabel("name", { name })} />
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <WordsField
            label="Colour"
            value={label.colourName}
            onText={(colourName) => onLabel("colour name", { colourName })}
          />
        </div>
        <input
          type="color"
          aria-label="Colour as it looks"
          value={label.colour}
          onChange={({ target }) => typed(() => onLabel("colour", { colour: target.value }))}
          className="h-10 w-12 rounded-lg border border-edge bg-paper p-1"
        />
      </div>
      <ValueField<PutUp>
        of={of}
        label="One ball holds"
        value={putUp as PutUp | null}
        tell={(value) => tellPutUp(value, units)}
        read={readPutUp}
        optional
        example="50g/125m"
        onValue={(value) =>
          onLabel("put-up", { putUp: value && { massG: value.massG, lengthM: value.lengthM } })
        }
        says={putUp && `${bandClass ?? classOf(putUp as PutUp)}, 3.5 oz 220 yd would be read too`}
      />
      <Select<YarnClass | "">
        label="Class on the band"
        options={CLASSES}
        value={bandClass ?? ""}
        onChange={(value) => onLabel("class", { bandClass: value === "" ? null : value })}
      />
      <ValueField<number>
        of={of}
        label="Band gauge: stitches"
        value={label.stitchesPer10Cm}
        tell={(value) => formatGauge(value, "stitches", units)}
        read={(text) => readGauge(text, "stitches", units)}
        optional
        example="18 st / 10 cm"
        onValue={(stitchesPer10Cm) => onLabel("stitches", { stitchesPer10Cm })}
      />
      <ValueField<number>
        of={of}
        label="Band gauge: rows"
        value={label.rowsPer10Cm}
        tell={(value) => formatGauge(value, "rows", units)}
        read={(text) => readGauge(text, "rows", units)}
        optional
        example="25 rows / 10 cm"
        onValue={(rowsPer10Cm) => onLabel("rows", { rowsPer10Cm })}
      />
      <ValueField<number>
        of={of}
        label="Needle on the band"
        value={label.needleMm}
        tell={(value) => formatFine(millimetres(value))}
        read={(text) => readLength(text, 1, LENGTHS.needle)}
        optional
        example="5 mm"
        onValue={(needleMm) => onLabel("needle", { needleMm })}
      />
      <ValueField<number>
        of={of}
        label="Plies"
        value={label.plies}
        tell={String}
        read={(text) => readCount(text, COUNTS.plies)}
        optional
        example="e.g. 4"
        onValue={(plies) => onLabel("plies", { plies })}
      />
      <FibresField fibres={label.fibres} onText={(fibres) => onLabel("fibres", { fibres })} />
      <Select
        label="Dyed in"
        options={DYES}
        value={label.dyed}
        onChange={(dyed) => onLabel("dyed", { dyed })}
      />
    </div>
  );
}
