import { useId, useState } from "react";
import { readCount, type CountBounds } from "@/core/units/count";
import { BARE_LENGTH, readLength } from "@/core/units/length";
import type { Bounds, Reading } from "@/core/units/reading";
import { useUnits } from "@/state/keeping/settings";

/** A field of a tool: what is typed, what it means (null while it means nothing), and what is wrong with it. */
export interface ToolField {
  readonly value: number | null;
  /** What the input shows and tells. */
  readonly input: {
    readonly id: string;
    readonly text: string;
    readonly onText: (text: string) => void;
    readonly wrong: string | undefined;
  };
}

function useField(initial: string, read: (text: string) => Reading<number>): ToolField {
  const id = useId();
  const [text, onText] = useState(initial);
  const reading = text.trim() === "" ? null : read(text);
  return {
    value: reading?.ok ? reading.value : null,
    input: { id, text, onText, wrong: reading && !reading.ok ? reading.message : undefined },
  };
}

export const useCountField = (initial: number | "", things: string, { least = 1, most = 5000 } = {}) => {
  const bounds: CountBounds = { least, most, things };
  return useField(String(initial), (text) => readCount(text, bounds));
};

const YARN: Bounds = {
  least: 10,
  most: 60_000_000,
  tooSmall: "Under 1 cm of yarn is too little to work with: check the unit.",
  tooLarge: "Over 60 km of yarn is more than anybody has: check the unit.",
};

/** A length of yarn in mm; a number without a unit is metres or yards. */
export const useYarnField = (initial: string) => {
  const units = useUnits();
  const bare = units === "metric" ? 1000 : 914.4;
  return useField(initial, (text) => readLength(text, bare, YARN));
};

/** A size in mm, within bounds; a number without a unit is cm or inches, or mm where `bareMm` says so. */
export const useSizeField = (initial: string, bounds: Bounds, bareMm?: number) => {
  const units = useUnits();
  return useField(initial, (text) => readLength(text, bareMm ?? BARE_LENGTH[units], bounds));
};
