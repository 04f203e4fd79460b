"use client";
import { say } from "@/core/words/message";
import { ENTERED } from "@/core/project/enteredFigures";
import { DYED_WORDS, type YarnLabel } from "@/core/project/label";
import { classOf, YARN_CLASSES, type YarnClass } from "@/core/yarn/classes";
import { type PutUp } from "@/core/yarn/putUp";
import { Select } from "@/ui/parts/Select";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { FibresField } from "./FibresField";
import { ColourField } from "@/ui/parts/Colour";

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
        <ColourField
          labelHidden
          label="Colour as it looks"
          value={label.colour}
          onColour={(colour) => onLabel("colour", { colour })}
        />
      </div>
      <ValueField
        of={of}
        label="One ball holds"
        value={putUp as PutUp | null}
        figure={ENTERED.ballHolds}
        optional
        example={say("exampleBall")}
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
      <ValueField
        of={of}
        label="Band gauge: stitches"
        value={label.stitchesPer10Cm}
        figure={ENTERED.bandStitches}
        optional
        example={say("exampleGauge", { count: 18, counted: "stitches" })}
        onValue={(stitchesPer10Cm) => onLabel("stitches", { stitchesPer10Cm })}
      />
      <ValueField
        of={of}
        label="Band gauge: rows"
        value={label.rowsPer10Cm}
        figure={ENTERED.bandRows}
        optional
        example={say("exampleGauge", { count: 25, counted: "rows" })}
        onValue={(rowsPer10Cm) => onLabel("rows", { rowsPer10Cm })}
      />
      <ValueField
        of={of}
        label="Needle on the band"
        value={label.needleMm}
        figure={ENTERED.needle}
        optional
        example="5 mm"
        onValue={(needleMm) => onLabel("needle", { needleMm })}
      />
      <ValueField
        of={of}
        label="Plies"
        value={label.plies}
        figure={ENTERED.plies}
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
