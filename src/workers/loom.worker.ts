/** Relaxing and drawing behind a door of its own, in steps between which it hears whether it is to stop. */
import { say, type Message } from "@/core/words/message";
import { expose, transfer } from "comlink";
import { stitchYarn } from "../core/fabric/stitchYarn";
import { FREE_MARGIN, PATH_MARGIN, type YarnPath } from "../core/fabric/yarnPath";
import { aspectOf } from "../core/garment/projectGauge";
import { panelStitches, withEdges } from "../core/panels/across";
import { groundPanel } from "../core/panels/groundPanel";
import { joinPanels, mirror, repeatAcross, repeatUp } from "../core/panels/transforms";
import { characterOf } from "../core/yarn/character";
import { paintingYarn, type Painted, type Size, type YarnLook } from "../drawing/paintYarn";
import { acrossOf } from "../core/garment/panelLayout";
import {
  drawingFabric,
  finenessFromAfar,
  followingThrough,
  TINY,
  type DrawnFabric,
  type DrawOptions,
} from "../core/fabric/drawnFabric";
import { relaxing, type KnownFabrics } from "../core/fabric/relax";
import { between } from "../core/steps";
import { readPattern } from "../core/instructions/read";
import { remembering } from "../core/remember";
import type { Project, ProjectPiece } from "../core/project/project";
import { isFabric } from "../core/project/sectionKinds";
import type { ProjectSection } from "../core/project/sections";
import { Desk, pulse } from "./desk";
import { liesIn } from "@/core/garment/layout";

export type Woven = DrawnFabric | { readonly ok: false; readonly message: Message };

const known: KnownFabrics = new Map();
const desk = new Desk();
/** A fabric that follows a slider is read once. */
const readAgain = remembering(2, (text: string) => text, readPattern);
const fails = (message: Message): Woven => ({ ok: false, message });

/**
 * Reads, relaxes and draws a text; `job` is what `stopWeaving` knows it by. `onProgress` is told the share
 * that is done.
 */
async function weave(
  job: number,
  text: string,
  options: DrawOptions,
  onProgress: (share: number) => void,
): Promise<Woven> {
  const { panel, complete } = readAgain(text);
  if (!panel) return fails(say("nothingToDraw"));
  if (!complete) return fails(say("rowNotDrawn"));
  const woven = await desk.do(drawingFabric(panel, options, known), {
    id: job,
    urgency: "question",
    onProgress,
  });
  if (!woven) return fails(say("drawingStopped"));
  const { told: fabric } = woven;
  return fabric.ok
    ? transfer(fabric, [fabric.path.pieces.buffer, fabric.path.stitches.buffer])
    : fails(fabric.message);
}

/** Paints a path so large; null where it was stopped by its `job`. */
async function paint(job: number, path: YarnPath, look: YarnLook, size: Size): Promise<Painted | null> {
  // What is painted well waits for what is being moved.
  const urgency = look.quick ? "question" : "long";
  const done = await desk.do(paintingYarn(path, look, size), { id: job, urgency });
  return done && transfer(done.told, [done.told.pixels.buffer, done.told.pieces.buffer]);
}

/** A picture of one repeat of a section's fabric, to be laid on and on upwards; a ground sideways too. */
export interface FabricPicture {
  readonly picture: Blob;
  readonly rows: number;
  readonly stitches: number;
}

/** Fabrics of more stitches a repeat than this are not drawn stitch by stitch. */
const MOST_DRAWN = 20_000;
const TOO_LARGE = "tooLarge";
/** Three repeats are drawn and the middle one is cut out, so that it fits itself above and below. */
const REPEATS = 3;
/** A ground is drawn over about so many stitches and rows, and then laid on. */
const GROUND_PATCH = 24;
/** A small patch takes no more than this, whatever is asked for. */
const LEAST_PX = 250;
const STITCH_PX = 10;
const MOST_PX = 4096;
/** Where a stitch has fewer pixels, nothing is seen of how yarn lies in yarn. */
const SEEN_PX = 6;

/** What lies across a section as one panel, a ground as a patch of it; null where it cannot be read. */
function panelOfSection(project: Project, piece: ProjectPiece, section: ProjectSection) {
  const lies = liesIn(section, piece);
  if (lies?.by === "ground") {
    const ground = groundPanel(lies.ground);
    const [across, up] = [GROUND_PATCH / panelStitches(ground), GROUND_PATCH / ground.rows.length];
    const patch = repeatAcross(ground, across);
    return patch && repeatUp(patch, up);
  }
  const across = isFabric(section) ? acrossOf(project, piece, section) : null;
  return across && !("message" in across) ? joinPanels(withEdges(across)) : null;
}

export interface SectionToDraw {
  readonly project: Project;
  readonly pieceId: string;
  readonly sectionId: string;
  readonly colour: string;
  readonly mostPx: number;
  readonly thickness: number;
}

/** The whole row of a section, relaxed as one; null where it cannot be. */
function* followingSection({ project, pieceId, sectionId, mostPx }: SectionToDraw) {
  const piece = project.pieces.find(({ id }) => id === pieceId);
  const section = piece?.sections.find(({ id }) => id === sectionId);
  if (!piece || !section) return null;
  const straight = panelOfSection(project, piece, section);
  const panel = straight && piece.mirrored ? mirror(straight) : straight;
  if (!panel) return null;
  const [rows, stitches] = [panel.rows.length, panelStitches(panel)];
  if (rows * stitches > MOST_DRAWN) return TOO_LARGE;
  const options = { aspect: aspectOf(project), blocking: piece.blocking };
  const lying = yield* between(0, 0.4, relaxing(panel, options, known));
  if (!lying.ok) return null;
  const yarn = stitchYarn(panel, options.aspect);
  const wide = Math.min(mostPx, Math.max(LEAST_PX, STITCH_PX * stitches));
  const fineness = wide / stitches >= SEEN_PX ? finenessFromAfar(rows * stitches) : TINY;
  const drawn = { up: REPEATS, yarn, ...fineness };
  const path = yield* between(0.4, 1, followingThrough(panel, options, lying, drawn));
  const repeat = lying.heights.reduce((sum, height) => sum + height, 0);
  return { path, rows, stitches, repeat, wide };
}

/** Follows and paints a section's fabric; null where there is none. */
function* drawingSection(asked: SectionToDraw) {
  const { project, pieceId, colour, thickness } = asked;
  const fabric = yield* between(0, 0.6, followingSection(asked));
  if (!fabric || fabric === TOO_LARGE) return fabric;
  const { path, rows, stitches, repeat, wide } = fabric;
  const scale = Math.min(wide / path.width, MOST_PX / path.height);
  const yarnId = project.pieces.find(({ id }) => id === pieceId)?.yarnId;
  const yarn = project.yarns.find(({ id }) => id === yarnId) ?? project.yarns[0];
  const look = { dye: colour, thickness, ...(yarn && { character: characterOf(yarn) }) };
  const size = { width: Math.round(path.width * scale), height: Math.round(path.height * scale) };
  const painted = yield* between(0.6, 1, paintingYarn(path, look, size));
  return { painted, scale, rows, stitches, repeat };
}

/**
 * Draws the fabric of a section, known to `stopWeaving` by `job`; null where there is none, where nothing can be drawn
 * here, or where it was stopped. A fabric that is too large to be drawn is told as such.
 */
async function drawFabric(
  job: number,
  asked: SectionToDraw,
  onProgress: (share: number) => void,
): Promise<FabricPicture | typeof TOO_LARGE | null> {
  if (typeof OffscreenCanvas === "undefined") return null;
  const done = await desk.do(drawingSection(asked), { id: job, urgency: "long", onProgress });
  const told = done?.told ?? null;
  if (told === null || told === TOO_LARGE) return told;
  const { painted, scale, rows, stitches, repeat } = told;
  const { pixels, width, height } = painted;
  const [left, top] = [Math.round(FREE_MARGIN * scale), Math.round((PATH_MARGIN + repeat) * scale)];
  // The fabric without its free edge, and the middle one of its repeats.
  const cut = new OffscreenCanvas(width - 2 * left, Math.max(1, Math.round(repeat * scale)));
  cut.getContext("2d")?.putImageData(new ImageData(pixels, width, height), -left, -top);
  return { picture: await cut.convertToBlob(), rows, stitches };
}

const stopWeaving = (job: number) => desk.stop(job);

const loom = { weave, paint, stopWeaving, drawFabric, pulse };

export type Loom = typeof loom;

expose(loom);
