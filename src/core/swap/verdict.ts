/** What decides about a substitute: size first, then fabric, cables, yarn. */
import { say, type Message } from "../words/message";
import type { Keep } from "../project/candidates";
import type { Clarity } from "./clarity";

/** More than this limper or stiffer is another fabric. */
const FIRMNESS = 0.15;
/** A size that is off by less than this share is the size. */
const SIZE = 0.02;
/** Lengths of yarn that are this near are the same. */
const LENGTH = 0.1;
const CLARITY = 12;
/** Masses that are this near are the same. */
const MASS = 0.2;

interface Figures {
  /** Nought where nobody said how large it is. */
  readonly acrossMm: number;
  readonly alongMm: number;
  readonly needM: number;
  readonly grams: number;
  readonly clarity: Clarity;
}

function onSize(one: Figures, own: Figures, keep: Keep): Message | null {
  const pair = (of: "acrossMm" | "alongMm") =>
    own[of] === 0 || Math.abs(one[of] / own[of] - 1) < SIZE ? null : ([one[of], own[of]] as const);
  const [across, along] = [pair("acrossMm"), pair("alongMm")];
  if (!across && !along) return null;
  const alike = Math.abs(one.needM / own.needM - 1) < LENGTH;
  const why = keep === "size" ? "noNearerCount" : alike ? "rightLength" : "wrongThickness";
  return say("otherSize", { across, along, why });
}

function onFabric(ratio: number): Message | null {
  if (ratio > 1 + FIRMNESS) return say("firmerFabric", { ratio });
  return ratio < 1 - FIRMNESS ? say("drapierFabric", { ratio }) : null;
}

function onCables({ score, reasons }: Clarity, own: Clarity): Message | null {
  if (score > own.score + CLARITY) return say("cablesClearer");
  if (score >= own.score - CLARITY) return null;
  return say("cablesLessClear", { why: reasons.find(({ points }) => points < 0)?.says ?? null });
}

function onMass(one: Figures, own: Figures): Message | null {
  const ratio = one.grams / own.grams;
  if (ratio > 1 + MASS) return say("heavier", { ratio });
  return ratio < 1 - MASS ? say("lighter", { ratio }) : null;
}

/**
 * The verdict on a substitute, what decides first. Example: "Right length, wrong thickness: it would be 31 cm wide
 * instead of 24 cm."
 */
export function verdictOf(
  one: Figures & { readonly firmnessRatio: number },
  own: Figures,
  keep: Keep,
): readonly Message[] {
  const told = [
    onSize(one, own, keep),
    onFabric(one.firmnessRatio),
    onCables(one.clarity, own.clarity),
    onMass(one, own),
  ].filter((said) => said !== null);
  return told.length > 0 ? told : [say("doesAsWell")];
}
