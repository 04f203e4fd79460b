/** A table of sizes as a designer has it: typed, pasted from a spreadsheet, or as CSV. */
import Papa from "papaparse";
import { LENGTHS } from "../project/bounds";
import { MOST_SIZES, type GradedSize } from "../project/sizes";
import { BARE_LENGTH, readLength } from "../typed/length";
import type { UnitSystem } from "../units/brands";
import { say, type Message } from "../words/message";

export type GradingRead =
  | { readonly ok: true; readonly sizes: readonly Omit<GradedSize, "id">[] }
  | { readonly ok: false; readonly line: number; readonly message: Message };

/** Signs that part the cells of a line, the surest first; a comma may stand in a number. */
const SEPARATORS = ["\t", ";", "|", ","] as const;

const separatorOf = (text: string) => SEPARATORS.find((sign) => text.includes(sign)) ?? ",";

/**
 * Reads sizes, one a line: its name, the measure round or across, the length; a head above them is passed over.
 * Numbers without a unit are cm or inches. Errors, each with its line: no lines, a cell too few, what is no length.
 * Example: `readGrading("S; 92; 58\nM; 100; 60", "metric")` is two sizes, the second of 1000 by 600 mm.
 */
export function readGrading(text: string, units: UnitSystem): GradingRead {
  const { data } = Papa.parse<string[]>(text, { delimiter: separatorOf(text), skipEmptyLines: false });
  const sizes: Omit<GradedSize, "id">[] = [];
  for (const [index, row] of data.entries()) {
    const cells = row.map((cell) => cell.trim());
    if (cells.every((cell) => cell === "")) continue;
    const [name = "", across = "", along = ""] = cells;
    const fails = (message: Message): GradingRead => ({ ok: false, line: index + 1, message });
    if (across === "" || along === "") return fails(say("sizeLacksMeasure"));
    const wide = readLength(across, BARE_LENGTH[units], LENGTHS.width);
    // A head has no figure in it.
    if (!wide.ok && sizes.length === 0 && !/\d/.test(across + along)) continue;
    if (!wide.ok) return fails(wide.message);
    const long = readLength(along, BARE_LENGTH[units], LENGTHS.piece);
    if (!long.ok) return fails(long.message);
    if (sizes.length >= MOST_SIZES) return fails(say("tooManySizes", { most: MOST_SIZES }));
    sizes.push({ name: name.slice(0, 60), acrossMm: wide.value, alongMm: long.value });
  }
  return sizes.length > 0 ? { ok: true, sizes } : { ok: false, line: 1, message: say("sayTheSizes") };
}
