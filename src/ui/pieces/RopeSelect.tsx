"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { ropeId, ROPES, ropeOf, type RopeId } from "@/core/panels/ropes";
import { Select } from "@/ui/parts/Select";
import { ValueField } from "@/ui/parts/ValueField";

interface RopeSelectProps {
  /** Whose rope it is: together with the label it is where what was typed is kept. */
  readonly of: string;
  readonly value: RopeId;
  readonly onChange: (id: RopeId) => void;
}

/** A rope: a usual one by name, or any width and spacing by its numbers. */
export function RopeSelect({ of, value, onChange }: RopeSelectProps) {
  const { name, half, everyRows } = ropeOf(value);
  const named = ROPES.some(({ id }) => id === value);
  const options = ROPES.map((rope) => ({ value: rope.id, label: rope.name }));
  return (
    <div className="grid grow gap-1">
      <Select
        label="Cable"
        options={named ? options : [...options, { value, label: name }]}
        value={value}
        onChange={onChange}
      />
      <div className="grid grid-cols-2 gap-x-3">
        <ValueField
          of={`${of} rope`}
          label="Stitches over as many"
          value={half}
          figure={ENTERED.ropeHalf}
          onValue={(stitches) => stitches !== null && onChange(ropeId(stitches, everyRows))}
        />
        <ValueField
          of={`${of} rope`}
          label="crossed every … rows"
          value={everyRows}
          figure={ENTERED.ropeRows}
          onValue={(rows) => rows !== null && onChange(ropeId(half, rows))}
        />
      </div>
    </div>
  );
}
