/** Cells of a table, each taken into an entry that is being read, or refused in words. */
import type * as z from "zod/mini";
import { say, type Message } from "../words/message";
import { read, unread, type Reading } from "../typed/reading";
import { readPutUp, type PutUp } from "../yarn/putUp";
import type { entrySchema, ShelfEntry } from "../project/shelf";

/** An entry while it is being read: what is not said is what is usual. */
export interface Draft {
  label: Partial<z.input<typeof entrySchema>["label"]> & { putUpMassG?: number; putUpLengthM?: number };
  entry: Partial<Omit<ShelfEntry, "label" | "id">>;
}

/** Takes a cell that is not empty into a draft; or says what is wrong with it. */
export type Take = (text: string, draft: Draft) => Message | null;

/** A number as tables hold it: "12.5", "12,5", "1 200", "£ 7.90". */
export function readCell(text: string): Reading<number> {
  const bare = text.replace(/[\p{Sc}\s\u00a0']|[a-z]+\.?$/giu, "");
  const [whole, point] = [bare.replace(",", ""), bare.replace(",", ".")];
  if (/^\d{1,3},\d{3}$/.test(bare)) return unread(say("twoMeanings", { typed: text, whole, point }));
  const both = /^-?\d{1,3}(?:([.,])\d{3})+([.,])\d+$/.exec(bare);
  const digits =
    both && both[1] !== both[2]
      ? bare.replaceAll(both[1] ?? "", "").replace(",", ".")
      : bare.replace(",", ".");
  return /^-?\d*\.?\d+$/.test(digits) ? read(Number(digits)) : unread(say("cellNotANumber", { typed: text }));
}

/** A number within bounds, put where it belongs. */
export const number =
  (
    [least, most]: readonly [number, number],
    put: (draft: Draft, value: number) => void,
    { whole = false }: { whole?: boolean } = {},
  ): Take =>
  (text, draft) => {
    const reading = readCell(text);
    if (!reading.ok) return reading.message;
    if (reading.value < least || reading.value > most)
      return say("cellOutside", { typed: text, least, most });
    if (whole && !Number.isInteger(reading.value)) return say("cellNotWhole", { typed: text });
    put(draft, reading.value);
    return null;
  };

export const words =
  (most: number, put: (draft: Draft, text: string) => void): Take =>
  (text, draft) => {
    if (text.length > most) return say("cellTooLong", { most });
    put(draft, text);
    return null;
  };

/** One of a few words, small or large letters alike. */
export const oneOf =
  <Word extends string>(all: readonly Word[], put: (draft: Draft, word: Word) => void): Take =>
  (text, draft) => {
    const found = all.find((word) => word.toLowerCase() === text.toLowerCase());
    if (!found) return say("cellNoneOf", { typed: text, all });
    put(draft, found);
    return null;
  };

export const colour: Take = (text, draft) => {
  const hex = /^#?([0-9a-f]{6})$/i.exec(text)?.[1];
  if (!hex) return say("cellNotAColour", { typed: text });
  draft.label.colour = `#${hex.toLowerCase()}`;
  return null;
};

export const putUp: Take = (text, draft) => {
  const reading = readPutUp(text);
  if (!reading.ok) return reading.message;
  draft.label.putUp = reading.value;
  return null;
};

export const parts: Take = (text, draft) => {
  const all = text.split(/\s*[;|+]\s*|\s+(?=\d)/).map((part) => readCell(part.replace(/\s*g\s*$/i, "")));
  const masses = all.flatMap((one) => (one.ok && one.value > 0 && one.value <= 2000 ? [one.value] : []));
  if (masses.length < all.length) return say("cellNotMasses", { typed: text });
  draft.entry.partsG = masses;
  return null;
};

export const reserved: Take = (text, draft) => {
  const all = text
    .split(";")
    .map((part) => /^\s*(?<balls>\d+)\s+for\s+(?<project>.+?)\s*$/i.exec(part)?.groups);
  if (all.some((one) => !one)) return say("cellNotReserved", { typed: text });
  draft.entry.reserved = all.map((one) => ({ project: one?.project ?? "", balls: Number(one?.balls) }));
  return null;
};

/** The put-up of a draft: as one cell says it, or by mass and length of two. */
export const putUpOf = ({ label }: Draft): PutUp | null =>
  (label.putUp as PutUp | undefined) ??
  (label.putUpMassG !== undefined && label.putUpLengthM !== undefined
    ? ({ massG: label.putUpMassG, lengthM: label.putUpLengthM } as PutUp)
    : null);
