/** The core behind a worker's door: long work leaves the page free. */
import { expose } from "comlink";
import { sweepGauge as sweep } from "../core/forecast/gaugeSweep";
import type { Project } from "../core/files/project";
import { changedRows } from "../core/instructions/changedRows";
import { copyFromChart, editChart } from "../core/instructions/editChart";
import { endTextWithRow, joinTexts, transformText } from "../core/instructions/transformText";
import { nextMeasures, type NextMeasure } from "../core/forecast/nextMeasure";
import { savingsOf as savings } from "../core/forecast/savings";
import { finishedOf, sizeOptions } from "../core/forecast/sizeOptions";
import { beginProject, type Beginning } from "../core/garment/starts/beginProject";
import type { Reading } from "../core/units/reading";
import { sectionRows, type SectionRows } from "../core/instructions/sectionRows";
import { howFar } from "../core/forecast/howFar";
import { forecastProject } from "../core/forecast/projectForecast";
import type { Wording } from "../core/stitches/wording";
import { studyText, writeOut } from "../core/instructions/study";
import { LIBRARY } from "../core/panels/library";
import type { KnownFabrics } from "../core/fabric/relax";
import { layProject as lay } from "../core/garment/layPanels";
import { orderAdvice, type OrderAdvice } from "../core/order/advice";
import { reckoningGroup, type GroupReckoned } from "../core/order/group";
import type { Market } from "../core/order/market";
import { guessMapping, readShelf, type Mapping, type ReadShelf } from "../core/files/shelfCsv";
import { readTable, type Table } from "../core/files/tableText";
import { compareAll, type Side } from "../core/swap/sideBySide";
import { rankBasis, ranking, type Ranked } from "../core/swap/rank";
import type { Candidate } from "../core/files/candidates";
import { stopJob, workOn } from "./jobs";

const known: KnownFabrics = new Map();

/** A begun project with its answer, told short; or why it cannot be. */
export interface Begun {
  readonly project: Project;
  /** Null for a bare piece, which has no answer yet. */
  readonly answer: BegunAnswer | null;
}

interface BegunAnswer {
  readonly balls: number;
  readonly ballG: number;
  /** Yarn in m: the tenth percentile, the median, the ninetieth. */
  readonly needM: readonly [number, number, number];
  readonly acrossMm: number;
  readonly alongMm: number;
}

function begin(beginning: Beginning): Reading<Begun> {
  const begun = beginProject(beginning);
  if (!begun.ok) return begun;
  const answer = forecastProject(begun.value, layProject(begun.value));
  if (!answer.known) return { ok: true, value: { project: begun.value, answer: null } };
  const [{ advised, quantilesMm, yarn }] = answer.yarns;
  const { p10, p50, p90 } = quantilesMm;
  const finished = finishedOf(begun.value, answer);
  return {
    ok: true,
    value: {
      project: begun.value,
      answer: {
        balls: advised.balls,
        ballG: yarn.putUp.massG,
        needM: [p10 / 1000, p50 / 1000, p90 / 1000],
        acrossMm: finished?.acrossMm ?? 0,
        alongMm: finished?.alongMm ?? 0,
      },
    },
  };
}

/** Ways to the size that a project asks for. */
const sizesOf = (project: Project) => sizeOptions(project, layProject);

/** What lies across the pieces of a project, read and relaxed. */
const layProject = (project: Project) => lay(project, known);

const savingsOf = (project: Project) => savings(project, layProject(project));

const sweepGauge = (project: Project) => sweep(project, layProject(project));

/** How far yarn at hand goes; null where there is no answer. */
const howFarGoes = (project: Project, asked: Omit<Parameters<typeof howFar>[1], "layOf">) =>
  howFar(project, { ...asked, layOf: layProject });

/** What to measure next; empty where there is no answer. */
function measuresFor(project: Project): readonly NextMeasure[] {
  const answer = forecastProject(project, layProject(project));
  return answer.known ? nextMeasures(answer, project.certainty) : [];
}

/** What to buy for a yarn; null where there is no answer, or it is not used. */
function adviseOrder(project: Project, yarnId: string, market: Market): OrderAdvice | null {
  const answer = forecastProject(project, layProject(project));
  return answer.known ? orderAdvice(project, answer, { yarnId, market }) : null;
}

/** Balls for a group; null where it was stopped. */
const reckonGroup = (
  job: number,
  project: Project,
  yarnId: string,
  onProgress: (share: number) => void,
): Promise<GroupReckoned | null> =>
  workOn(job, reckoningGroup(project, { yarnId, layOf: layProject }), onProgress);

/** A table of a shelf taken apart, with what its columns most likely are. */
function openTable(bytes: Uint8Array): { readonly table: Table; readonly mapping: Mapping } {
  const table = readTable(bytes);
  return { table, mapping: guessMapping(table.head) };
}

/** Its rows by a mapping; `stamp` tells the names of one import from those of another. */
const readEntries = (table: Table, mapping: Mapping, stamp: string): ReadShelf =>
  readShelf(table, mapping, (number) => `shelf-${stamp}-${number}`);

/** Substitutes beside the pattern's yarn, told one by one and then all; null where it was stopped. */
const compareCandidates = (
  job: number,
  project: Project,
  { markets, pace }: { readonly markets: Readonly<Record<string, Market>>; readonly pace: number },
  onSide: (side: Side) => void,
): Promise<readonly Side[] | null> =>
  workOn(job, compareAll(project, { layOf: layProject, markets, pace, onSide }), () => {});

/** Many yarns in order; null where there is no answer, or it was stopped. */
async function rankCandidates(
  job: number,
  project: Project,
  candidates: readonly Candidate[],
  onProgress: (share: number) => void,
): Promise<readonly Ranked[] | null> {
  const answer = forecastProject(project, layProject(project));
  if (!answer.known) return null;
  const basis = rankBasis(answer, { keep: project.swap.keep, certainty: project.certainty });
  return workOn(job, ranking(candidates, basis), onProgress);
}

/** The rows of a project's section, once for each side; empty where it is left out. */
function writeSection(
  project: Project,
  pieceId: string,
  sectionId: string,
  style: Wording,
): readonly SectionRows[] {
  const answer = forecastProject(project, layProject(project));
  const worked = answer.known ? answer.worked.get(pieceId)?.sections : undefined;
  return (worked ?? [])
    .filter(({ section, rows }) => section.id === sectionId && rows.length > 0)
    .map((section) => sectionRows(section, style));
}

/** The library with the chart of each panel. */
const studyLibrary = () =>
  LIBRARY.map((panel) => ({ ...panel, study: studyText(panel.text, { naming: "halves", words: "US" }) }));

/** What there is in the library, without its texts. */
const libraryNames = () => LIBRARY.map(({ id, name, uk, family }) => ({ id, name, uk, family }));

const reckoner = {
  sweepGauge,
  studyText,
  changedRows,
  writeOut,
  studyLibrary,
  copyFromChart,
  editChart,
  transformText,
  joinTexts,
  endTextWithRow,
  layProject,
  writeSection,
  savingsOf,
  measuresFor,
  howFarGoes,
  begin,
  sizesOf,
  libraryNames,
  adviseOrder,
  reckonGroup,
  openTable,
  readEntries,
  compareCandidates,
  rankCandidates,
  stopJob,
};

export type Reckoner = typeof reckoner;
export type NamedPanel = ReturnType<typeof libraryNames>[number];
export type StudiedPanel = ReturnType<typeof studyLibrary>[number];

expose(reckoner);
