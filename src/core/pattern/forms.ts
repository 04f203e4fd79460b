/**
 * Forms of sentences, written as they are said: "bindoff {stitches} sts [at] beginning next {rows} rows". Words in
 * square brackets may be missing, round ones hold what may stand for each other, and curly ones what is to be read.
 */
type Slot = (said: string) => unknown;

const whole: Slot = (said) => Number(/\d+/.exec(said)?.[0] ?? NaN);

/** What a curly name takes, and what is read of it. Names may carry a figure behind them: "stitches2". */
const SLOTS: Readonly<Record<string, { readonly takes: string; readonly reads: Slot }>> = {
  stitches: { takes: "\\d+ ", reads: whole },
  rows: { takes: "\\d+ ", reads: whole },
  row: { takes: "\\d+ ", reads: whole },
  every: { takes: "\\d+th ", reads: whole },
  times: { takes: "\\d+ (?:more )?(?:times |timesinall )(?:more )?", reads: (said) => said },
  words: { takes: "(?:[^ ]+ ){1,8}?", reads: (said) => said.trim() },
  side: { takes: "(?:rightside|wrongside) ", reads: (said) => (said.startsWith("right") ? "RS" : "WS") },
  way: { takes: "(?:decrease|increase) ", reads: (said) => said.trim() },
};

/** Example: "38 cm " is 380, "15 .5 inches " is 393.7. */
export function lengthMm(said: string): number {
  const [, figures = "", half, unit] = /^(\d+(?:\.\d+)?) ?(\.5)? ?(cm|mm|in)/.exec(said) ?? [];
  const value = Number(figures) + (half ? 0.5 : 0);
  return unit === "cm" ? 10 * value : unit === "mm" ? value : 25.4 * value;
}

export interface Form {
  readonly matches: RegExp;
  readonly slots: readonly string[];
}

const kindOfSlot = (name: string) => name.replace(/\d+$/, "");

/** Makes a form of what is written; `more` are slots of its own, each with what it takes. */
export function form(written: string, more: Readonly<Record<string, string>>): Form {
  const slots: string[] = [];
  const source = written.replace(
    /\{(\w+)\}|[[\]()|]|[^\s[\](){}|]+|\s+/g,
    (part, slot: string | undefined) => {
      if (slot !== undefined) {
        slots.push(slot);
        return `(${more[slot] ?? SLOTS[kindOfSlot(slot)]?.takes ?? "never"})`;
      }
      if (part === "[" || part === "(") return "(?:";
      if (part === "]") return ")?";
      if (part === ")" || part === "|") return part;
      return part.trim() === "" ? "" : `${part.replace(/[.*+?^$]/g, "\\$&")} `;
    },
  );
  return { matches: new RegExp(`^${source}$`), slots };
}

/** What was read in the slots of a form; a slot that was passed over is not there. */
export type Slots = Readonly<Record<string, unknown>>;

/** The slots of a form in some plain words; null where it does not fit. */
export function fits({ matches, slots }: Form, words: string): Slots | null {
  const found = matches.exec(words);
  if (!found) return null;
  return Object.fromEntries(
    slots.flatMap((slot, index) => {
      const said = found[index + 1];
      if (said === undefined) return [];
      return [[slot, (SLOTS[kindOfSlot(slot)]?.reads ?? ((text: string) => text.trim()))(said)]];
    }),
  );
}
