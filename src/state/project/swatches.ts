/** The swatches of the project: added, copied, changed, taken out; every step can be undone. */
import { freshId } from "./freshId";
import type { Draft } from "immer";
import type { Project } from "@/core/project/project";
import { isCabled } from "@/core/project/sectionKinds";
import { ONE_YARN, type FabricSection } from "@/core/project/sections";
import { newSwatch, type MeasureId, type Swatch } from "@/core/project/swatches";
import { chooseSwatch, chosenSwatchIn, chosenSwatchOf } from "../chosen/chosen";
import { forgetTexts } from "./forget";
import { change, useProjectStore } from "./projectStore";

/** More swatches than this are not kept in one project. */
export const MOST_SWATCHES = 40;
const PATTERN_EDGE = 4;
const PATTERN_REPEATS = 2;
const PATTERN_ROWS = 36;

const project = () => useProjectStore.getState().project;
const newId = () => freshId("swatch");

function add(what: string, swatch: Swatch) {
  if (project().swatches.length >= MOST_SWATCHES) return;
  change(what, (draft) => {
    draft.swatches.push(swatch);
  });
  chooseSwatch(swatch.id);
}

const common = (id: string): Partial<Swatch> => ({
  yarnId: project().yarns[0]?.id ?? "",
  scaleStepG: project().swatches.at(-1)?.scaleStepG ?? 1,
  name: `Plain swatch${project().swatches.some((one) => one.name === "Plain swatch") ? ` ${id.slice(-3)}` : ""}`,
});

export function addPlainSwatch() {
  const id = newId();
  add("add swatch", newSwatch(id, common(id)));
}

/** A plain swatch of a substitute, to be measured on the Swatches bench. */
export function swatchFor(yarnId: string, name: string) {
  const id = newId();
  add("swatch substitute", newSwatch(id, { ...common(id), yarnId, name: `Plain, ${name}`.slice(0, 120) }));
}

/** The first section that is cabled: what a pattern swatch is worked in. */
export const cabledSection = ({ pieces }: Project): FabricSection | null =>
  pieces.flatMap(({ sections }) => sections).find(isCabled) ?? null;

/** A swatch of two repeats of what the project is cabled with. */
export function addPatternSwatch() {
  const cabled = cabledSection(project());
  if (!cabled) return;
  const id = newId();
  const fabric: FabricSection = {
    ...cabled,
    id: `${id}/fabric`,
    edge: PATTERN_EDGE,
    ropes: Math.min(cabled.ropes, PATTERN_REPEATS),
    across: cabled.across.slice(0, PATTERN_REPEATS).map((one) => ({ ...one, times: 1 })),
    measured: { widthMm: null, stitches: null },
    colours: ONE_YARN,
    needleMm: null,
  };
  add(
    "add pattern swatch",
    newSwatch(id, { ...common(id), name: "Pattern swatch", fabric, stitches: null, rows: PATTERN_ROWS }),
  );
}

/** A copy of the chosen swatch without its readings: the same on another needle, say. */
export function copySwatch() {
  const swatch = chosenSwatchOf(project());
  if (!swatch) return;
  const id = newId();
  const { name, yarnId, needleMm, fabric, stitches, rows, borderRows, castOn, castOff, by, scaleStepG } =
    swatch;
  const kept = { yarnId, needleMm, stitches, rows, borderRows, castOn, castOff, by, scaleStepG };
  add(
    "copy swatch",
    newSwatch(id, { ...kept, name: `${name}, again`, fabric: { ...fabric, id: `${id}/fabric` } }),
  );
}

export function removeSwatch() {
  change("remove swatch", (draft) => {
    const swatch = chosenSwatchIn(draft);
    if (!swatch) return;
    draft.swatches = draft.swatches.filter(({ id }) => id !== swatch.id);
    forgetTexts(draft, [swatch.id]);
  });
}

/** Changes the chosen swatch. */
export function editSwatch(what: string, recipe: (swatch: Draft<Swatch>) => void) {
  change(`swatch ${what}`, (draft) => {
    const swatch = chosenSwatchIn(draft);
    if (swatch) recipe(swatch);
  });
}

/** The knitter has seen that a measurement is surprising, and stands by it; or does no longer. */
export function standBy(kind: MeasureId, stands: boolean) {
  editSwatch(`stand by ${kind}`, (swatch) => {
    swatch.seen = swatch.seen.filter((one) => one !== kind);
    if (stands) swatch.seen.push(kind);
  });
}

/** Takes a weight as the scale shows it. */
export function takeWeight(massG: number, stepG: number) {
  editSwatch("weight", (swatch) => {
    swatch.massG = massG;
    swatch.scaleStepG = stepG;
  });
}
