/** What decides about a substitute, in words: size first, then fabric, cables, yarn. */
import type { Keep } from "../project/candidates";
import { millimetres, type UnitSystem } from "../units/brands";
import { tellSize } from "../units/format";
import type { Clarity } from "./clarity";

/** More than this limper or stiffer is another fabric. */
const FIRMNESS = 0.15;
/** A size that is off by less than this share is the size. */
const SIZE = 0.02;
/** Lengths of yarn that are this near are the same. */
const LENGTH = 0.1;
const CLARITY = 12;

interface Wish {
  readonly keep: Keep;
  readonly units: UnitSystem;
}

interface Figures {
  readonly acrossMm: number;
  readonly alongMm: number;
  readonly needM: number;
  readonly grams: number;
  readonly clarity: Clarity;
}

function sizeWords(one: Figures, own: Figures, { keep, units }: Wish): string | null {
  const size = (mm: number) => tellSize(millimetres(Math.round(mm)), units);
  const [wide, long] = [one.acrossMm / own.acrossMm - 1, one.alongMm / own.alongMm - 1];
  if (Math.abs(wide) < SIZE && Math.abs(long) < SIZE) return null;
  const parts = [
    Math.abs(wide) >= SIZE && `${size(one.acrossMm)} wide instead of ${size(own.acrossMm)}`,
    Math.abs(long) >= SIZE && `${size(one.alongMm)} long instead of ${size(own.alongMm)}`,
  ].filter(Boolean);
  const told = `it would be ${parts.join(" and ")}`;
  if (keep === "size") return `No count of its repeats comes nearer: ${told}.`;
  const length =
    Math.abs(one.needM / own.needM - 1) < LENGTH ? "Right length, wrong thickness: " : "Wrong thickness: ";
  return `${length}${told}.`;
}

function fabricWords(ratio: number): string | null {
  if (ratio > 1 + FIRMNESS)
    return `Firmer fabric: ${Math.round(100 * (ratio - 1))} % more yarn in each stitch.`;
  if (ratio < 1 - FIRMNESS)
    return `Drapier fabric: ${Math.round(100 * (1 - ratio))} % less yarn in each stitch.`;
  return null;
}

function cableWords({ score, reasons }: Clarity, own: Clarity): string | null {
  if (score < own.score - CLARITY) {
    const why = reasons.find(({ points }) => points < 0);
    return `Cables show less clearly${why ? `: ${why.words}` : ""}.`;
  }
  return score > own.score + CLARITY ? "Cables show more clearly." : null;
}

function weightWords(one: Figures, own: Figures): string | null {
  const ratio = one.grams / own.grams;
  if (ratio > 1.2) return `Heavier: ${Math.round(100 * (ratio - 1))} % more.`;
  return ratio < 0.8 ? `Lighter: ${Math.round(100 * (1 - ratio))} % less.` : null;
}

/**
 * The verdict on a substitute, what decides first. Example: "Right length, wrong thickness: it would be 31 cm wide
 * instead of 24 cm."
 */
export function verdictOf(
  one: Figures & { readonly firmnessRatio: number },
  own: Figures,
  wish: Wish,
): readonly string[] {
  const told = [
    sizeWords(one, own, wish),
    fabricWords(one.firmnessRatio),
    cableWords(one.clarity, own.clarity),
    weightWords(one, own),
  ].filter((words) => words !== null);
  return told.length > 0 ? told : ["It does as well: size, fabric and cables are like the pattern’s."];
}
