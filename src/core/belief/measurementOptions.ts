/** What could be measured next: each with what it would tell, without its reading being known. */
import { say, type Message } from "../words/message";
import { isCabled } from "../project/sectionKinds";
import { newSection } from "../project/sections";
import { newSwatch, type MeasureId, type Swatch } from "../project/swatches";
import { keyOfSection, type Layout } from "../garment/sectionLayout";
import { swatchPieceId } from "../garment/swatchPiece";
import { mostRepeated, partsOfTaken, type Across } from "../panels/across";
import { operationOf } from "../stitches/operations";
import type { Belief } from "./belief";
import { deviationsOf, readerOf } from "./unknowns";
import { MEASUREMENT_KINDS, isMeasured, isPlainSwatch, noiseOf } from "./measurementKinds";
import { swatchModel, type SwatchBasis, type SwatchModel } from "./swatchModel";
import { slopeOf } from "./update";

/** What an observation would tell, whatever it says. */
interface Telling {
  readonly slope: Float64Array;
  readonly sd: number;
}

export interface MeasurementOption {
  readonly id: string;
  /** What would be done, as it follows "You could": "weigh the plain swatch". */
  readonly says: Message;
  readonly tells: readonly Telling[];
}

const FINE_G = 0.1;
const USUAL_G = 1;
const GROUND_MM = 120;
const ALL_OF: readonly MeasureId[] = ["finishedWidth", "finishedHeight", "mass"];
const SIZE: readonly MeasureId[] = ["finishedWidth", "finishedHeight"];

/** What measures of a swatch would tell at a belief, their readings being what is expected. */
function tellingOf(of: SwatchModel, kinds: readonly MeasureId[], { axes, mean }: Belief): readonly Telling[] {
  const read = readerOf(axes);
  return kinds.flatMap((id): readonly Telling[] => {
    const kind = MEASUREMENT_KINDS[id];
    const predict = kind.predict(of);
    if (!predict) return [];
    const expected = predict(deviationsOf(axes, mean));
    return [
      {
        slope: slopeOf((x) => Math.log(predict(read(x))), mean),
        sd: noiseOf(kind, of, expected),
      },
    ];
  });
}

/** What can still be done with a swatch that is there. */
function ofSwatch(of: SwatchModel, belief: Belief): readonly MeasurementOption[] {
  const { swatch } = of;
  const option = (what: string, says: Message, kinds: readonly MeasureId[], given: Partial<Swatch> = {}) => {
    const tells = tellingOf({ ...of, swatch: { ...swatch, ...given } }, kinds, belief);
    return tells.length > 0 ? [{ id: `${swatch.id} ${what}`, says, tells }] : [];
  };
  const { name } = swatch;
  return [
    ...(swatch.massG === null ? option("weigh", say("weighSwatch", { name, finer: false }), ["mass"]) : []),
    ...(swatch.massG !== null && swatch.scaleStepG > FINE_G
      ? option("finer", say("weighSwatch", { name, finer: true }), ["mass"], { scaleStepG: FINE_G })
      : []),
    ...(!isMeasured(swatch.finished)
      ? option("finished", say("measureSwatch", { name, washed: isMeasured(swatch.asKnit) }), SIZE)
      : []),
  ];
}

/** The section that a project's cables lie in, and what lies there. */
function cabledOf({ project, plan }: SwatchBasis) {
  for (const piece of project.pieces)
    for (const section of piece.sections) {
      if (!isCabled(section)) continue;
      const lying = plan.laid.get(keyOfSection(piece, section));
      if (lying?.ok) return { section, lying };
    }
  return null;
}

const EDGE = 4;
const PLAIN_EDGE = { stitches: EDGE, rows: 1, widthFactor: 1, heightFactor: 1 };

/** Which of the panels of a row are so many repeats with their edges; null where there are not so many. */
function repeatsIn({ panels, taken }: Across, repeats: number): readonly number[] | null {
  const count = (from: number, length: number) => Array.from({ length }, (_, index) => from + index);
  if (!taken) return panels.length < repeats ? null : count(0, repeats);
  const most = mostRepeated(taken);
  const { first, parts, before, after, cut } = partsOfTaken(taken, most);
  if (!cut) return repeats === 1 ? count(first, parts) : null;
  if ((taken[most]?.times ?? 0) < repeats) return null;
  return [...count(first, before + repeats), ...count(first + parts - after, after)];
}

/** So many of the panels of a row, as they are relaxed there, between edges: a swatch need not be relaxed to be planned. */
function partOf(lying: Extract<Layout, { ok: true }>, repeats: number): Extract<Layout, { ok: true }> | null {
  const { across, fabric } = lying;
  const own = across.edge > 0 ? fabric.panels.slice(1, -1) : fabric.panels;
  const indices = repeatsIn(across, repeats);
  if (!indices) return null;
  const panels = indices.flatMap((at) => across.panels[at] ?? []);
  const runs = [PLAIN_EDGE, ...indices.flatMap((at) => own[at] ?? []), PLAIN_EDGE];
  const stitches = runs.reduce((sum, run) => sum + run.stitches, 0);
  return { ok: true, across: { edge: EDGE, panels }, fabric: { ...fabric, stitches, panels: runs } };
}

/** A swatch made ready that is not in the project, with what lies across it. */
function imagined({ basis }: Belief, swatch: Swatch, lying: Layout): SwatchModel {
  const laid = new Map(basis.plan.laid);
  for (const state of ["asKnit", swatch.finish] as const)
    laid.set(keyOfSection({ id: swatchPieceId(swatch, state) }, swatch.fabric), lying);
  return swatchModel(swatch, { ...basis, plan: { ...basis.plan, laid } });
}

/** A swatch of so many repeats across and up, of what the project is cabled with. */
function patternSwatch(repeats: number, belief: Belief): SwatchModel | null {
  const cabled = cabledOf(belief.basis);
  const lying = cabled && partOf(cabled.lying, repeats);
  if (!cabled || !lying) return null;
  const rows = Math.max(...lying.across.panels.map((panel) => panel.rows.length));
  const swatch = newSwatch(`next-${repeats}`, {
    yarnId: belief.basis.project.yarns[0]?.id ?? "",
    fabric: { ...cabled.section, id: `next-${repeats}/fabric`, edge: EDGE },
    stitches: null,
    rows: repeats * rows,
    scaleStepG: USUAL_G,
  });
  return imagined(belief, swatch, lying);
}

/** A plain swatch of 12 cm, as large as one that is worth measuring. */
function plainSwatch(belief: Belief): SwatchModel {
  const { basis, gauge } = belief;
  const stitches = Math.round((GROUND_MM * gauge.stitchesPer10Cm) / 100);
  const swatch = newSwatch("next-plain", {
    yarnId: basis.project.yarns[0]?.id ?? "",
    fabric: newSection("fabric", "next-plain/fabric", { content: "ground", ground: "stockinette" }),
    stitches,
    rows: Math.round((GROUND_MM * gauge.rowsPer10Cm) / 100),
    scaleStepG: USUAL_G,
  });
  const knit = operationOf("knit");
  const lying: Layout = {
    ok: true,
    across: {
      edge: 0,
      panels: [{ rows: [[{ operation: knit, times: 1 }], [{ operation: knit, times: 1 }]] }],
    },
    fabric: {
      ok: true,
      stitches: 1,
      widthFactor: 1,
      heightFactor: 1,
      panels: [{ ...PLAIN_EDGE, stitches: 1 }],
    },
  };
  return imagined(belief, swatch, lying);
}

const MOST_REPEATS = 3;

/** Everything that could be measured next: of the swatches that are there, and of new ones. */
export function measurementOptions(belief: Belief): readonly MeasurementOption[] {
  const all = belief.swatches.flatMap((of) => ofSwatch(of, belief));
  const hasPlain = belief.swatches.some(({ swatch }) => isPlainSwatch(swatch));
  const plain = hasPlain
    ? []
    : [
        {
          id: "plain",
          says: say("knitPlainSwatch", { mm: GROUND_MM }),
          tells: tellingOf(plainSwatch(belief), ALL_OF, belief),
        },
      ];
  const patterned = Array.from({ length: MOST_REPEATS }, (_, index) => index + 1).flatMap((repeats) => {
    const of = patternSwatch(repeats, belief);
    if (!of) return [];
    const says = say("knitPatternSwatch", { repeats });
    return [{ id: `pattern ${repeats}`, says, tells: tellingOf(of, ALL_OF, belief) }];
  });
  return [...all, ...plain, ...patterned].filter(({ tells }) => tells.length > 0);
}
