/** Relaxing and drawing behind a door of its own, in steps between which it hears whether it is to stop. */
import { expose, transfer } from "comlink";
import { stitchYarn } from "../core/fabric/stitchYarn";
import { FREE_MARGIN, PATH_MARGIN } from "../core/fabric/yarnPath";
import { aspectOf } from "../core/forecast/projectGauge";
import { panelStitches, withEdges } from "../core/panels/across";
import { joinPanels } from "../core/panels/transforms";
import { yarnRenderer, type YarnLook } from "../drawing/yarnRenderer";
import { acrossOf } from "../core/garment/layPanels";
import { drawingFabric, pathThrough, type DrawnFabric } from "../core/fabric/drawnFabric";
import { relaxPanel, type KnownFabrics, type RelaxOptions } from "../core/fabric/relax";
import type { Progress } from "../core/fabric/newton";
import { readPattern } from "../core/instructions/read";
import type { Project } from "../core/files/project";

export type Woven = DrawnFabric | { readonly ok: false; readonly message: string };

const known: KnownFabrics = new Map();
/** Jobs that are being worked on, and whether they are to stop. */
const running = new Map<number, { stop: boolean }>();

/** Work goes on for so long before other calls are let in. */
const SPELL_MS = 25;
const breath = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

const fails = (message: string): Woven => ({ ok: false, message });

/** Works through steps, telling the share that is done, until they end or the job is stopped (null). */
async function workOn<Result>(
  job: number,
  steps: Generator<Progress, Result>,
  onProgress: (share: number) => void,
): Promise<Result | null> {
  const state = { stop: false };
  running.set(job, state);
  try {
    for (let rested = performance.now(); ;) {
      const { done, value } = steps.next();
      if (done) return value;
      if (performance.now() - rested < SPELL_MS) continue;
      onProgress(value.share);
      await breath();
      rested = performance.now();
      if (state.stop) return null;
    }
  } finally {
    running.delete(job);
  }
}

/**
 * Reads, relaxes and draws a text; `job` is what `stopWeaving` knows it by. `onProgress` is told the share
 * that is done.
 */
async function weave(
  job: number,
  text: string,
  options: RelaxOptions,
  onProgress: (share: number) => void,
): Promise<Woven> {
  const { panel, complete } = readPattern(text);
  if (!panel) return fails("There is no row to knit yet.");
  if (!complete) return fails("A row could not be read: mend it in the text, then the fabric is drawn.");
  const fabric = await workOn(job, drawingFabric(panel, options, known), onProgress);
  if (!fabric) return fails("Stopped. Change the text or the finish to draw it again.");
  return fabric.ok ? transfer(fabric, [fabric.path.pieces.buffer]) : fails(fabric.message);
}

function stopWeaving(job: number) {
  const state = running.get(job);
  if (state) state.stop = true;
}

/** A picture of one repeat of a piece, as wide as the piece, to be laid on and on upwards. */
interface PiecePicture {
  readonly picture: Blob;
  readonly rows: number;
}

/** Pieces of more stitches a repeat than this are not drawn stitch by stitch. */
const MOST_DRAWN = 20_000;
/** Three repeats are drawn and the middle one is cut out, so that it fits itself above and below. */
const REPEATS = 3;
/** Fine enough for a piece that is shown some hundreds of pixels wide, on a sharp screen too. */
const PICTURE_PX = 1400;
const MOST_PX = 4096;

/** The whole row of a piece, relaxed as one; null where it cannot be, or is too large to be drawn. */
function clothOf(project: Project, pieceId: string) {
  const piece = project.pieces.find(({ id }) => id === pieceId);
  const across = piece && acrossOf(project, piece);
  if (!piece || !across || "message" in across) return null;
  const panel = joinPanels(withEdges(across));
  if (!panel || panel.rows.length * panelStitches(panel) > MOST_DRAWN) return null;
  const options = { aspect: aspectOf(project), blocking: piece.blocking };
  const lying = relaxPanel(panel, options, known);
  if (!lying.ok) return null;
  const yarn = stitchYarn(panel, options.aspect);
  const path = pathThrough(panel, options, lying, { up: REPEATS, pieces: 1, yarn });
  const repeat = lying.heights.reduce((sum, height) => sum + height, 0);
  return { path, rows: panel.rows.length, repeat };
}

/** Draws the cloth of a project's piece; null where there is none, or where nothing can be drawn here. */
async function drawPiece(
  project: Project,
  pieceId: string,
  colour: string,
  look: Omit<YarnLook, "colourOf">,
) {
  const cloth = clothOf(project, pieceId);
  if (!cloth || typeof OffscreenCanvas === "undefined") return null;
  const { path, rows, repeat } = cloth;
  const scale = Math.min(PICTURE_PX / path.width, MOST_PX / path.height);
  const drawn = new OffscreenCanvas(Math.round(path.width * scale), Math.round(path.height * scale));
  const renderer = yarnRenderer(drawn);
  if (!renderer) return null;
  renderer.draw(path, { ...look, colourOf: () => colour });
  const [width, height] = [(path.width - 2 * FREE_MARGIN) * scale, repeat * scale];
  const cut = new OffscreenCanvas(Math.round(width), Math.max(1, Math.round(height)));
  const top = (PATH_MARGIN + repeat) * scale;
  cut
    .getContext("2d")
    ?.drawImage(drawn, FREE_MARGIN * scale, top, width, height, 0, 0, cut.width, cut.height);
  renderer.dispose();
  return { picture: await cut.convertToBlob(), rows } satisfies PiecePicture;
}

const loom = { weave, stopWeaving, drawPiece };

export type Loom = typeof loom;

expose(loom);
