/** Relaxing behind a worker's door: in steps between which it hears whether it is to stop. */
import { transfer } from "comlink";
import { ribPullOf } from "../core/fabric/blocking";
import { meshOf } from "../core/fabric/mesh";
import { stitchYarn } from "../core/fabric/stitchYarn";
import { yarnPath, type YarnPath } from "../core/fabric/yarnPath";
import { aspectOf } from "../core/forecast/projectGauge";
import { panelStitches, withEdges } from "../core/panels/across";
import { joinPanels } from "../core/panels/transforms";
import { layPiece } from "../core/garment/layPanels";
import { drawingFabric, type DrawnFabric } from "../core/fabric/drawnFabric";
import { relaxPanel, type KnownFabrics, type RelaxOptions } from "../core/fabric/relax";
import { readPattern } from "../core/instructions/read";
import type { Project } from "../core/files/project";

export type Woven = DrawnFabric | { readonly ok: false; readonly message: string; readonly stopped: boolean };

const known: KnownFabrics = new Map();
const stopped = new Set<number>();

/** Lets calls in that came while a step was reckoned. */
const breath = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

const fails = (message: string): Woven => ({ ok: false, message, stopped: false });

/**
 * Reads, relaxes and draws a text; `job` is what `stopWeaving` knows it by. `onProgress` is told the share
 * that is done.
 */
export async function weave(
  job: number,
  text: string,
  options: RelaxOptions,
  onProgress: (share: number) => void,
): Promise<Woven> {
  const { panel, complete } = readPattern(text);
  if (!panel) return fails("There is no row to knit yet.");
  if (!complete) return fails("A row could not be read: mend it in the text, then the fabric is drawn.");
  const steps = drawingFabric(panel, options, known);
  for (;;) {
    const { done, value } = steps.next();
    if (done) {
      stopped.delete(job);
      return value.ok ? transfer(value, [value.path.pieces.buffer]) : fails(value.message);
    }
    onProgress(value.share);
    await breath();
    if (stopped.delete(job)) return { ok: false, message: "Stopped.", stopped: true };
  }
}

export function stopWeaving(job: number) {
  stopped.add(job);
}

/** What lies across the piece of a project, read and relaxed. */
export const layProject = (project: Project) => {
  const [piece] = project.pieces;
  return piece ? layPiece(project, piece, known) : null;
};

/** The fabric across the piece of a project, three repeats high, of which the middle one can be laid on and on. */
export interface PieceCloth {
  readonly path: YarnPath;
  /** Rows of one repeat, and its height in plain stitch widths. */
  readonly rows: number;
  readonly heightOfRepeat: number;
}

/** Pieces of more stitches a repeat than this are not drawn stitch by stitch. */
const MOST_DRAWN = 20_000;
const REPEATS = 3;

/** The cloth of a piece to be drawn; null where it cannot be relaxed or is too large to be drawn. */
export function weavePiece(project: Project): PieceCloth | null {
  const laid = layProject(project);
  const panel = laid?.ok ? joinPanels(withEdges(laid.across)) : null;
  const [piece] = project.pieces;
  if (!panel || !piece || panel.rows.length * panelStitches(panel) > MOST_DRAWN) return null;
  const options = { aspect: aspectOf(project), blocking: piece.blocking };
  const lying = relaxPanel(panel, options, known);
  const mesh = meshOf(panel, { aspect: options.aspect, ribPull: ribPullOf(piece.blocking) });
  if (!lying.ok || "message" in mesh) return null;
  const path = yarnPath(panel, mesh, lying, {
    up: REPEATS,
    pieces: 1,
    yarn: stitchYarn(panel, options.aspect),
  });
  const heightOfRepeat = lying.heights.reduce((sum, height) => sum + height, 0);
  return transfer({ path, rows: panel.rows.length, heightOfRepeat }, [path.pieces.buffer]);
}
