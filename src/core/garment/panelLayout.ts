/** Rows of written panels, read and laid across; and everything that lies in a project. */
import { say, type Message } from "../words/message";
import type { KnownFabrics } from "../fabric/relax";
import type { Project, ProjectPiece } from "../project/project";
import type { FabricSection, ProjectSection } from "../project/sections";
import { isWrong } from "../instructions/findings";
import { parsePattern, readPattern, type ParsedPattern, type ReadPattern } from "../instructions/read";
import { repeatOf, takenAcross } from "../instructions/repeated";
import { panelStitches, type Across, type Taken } from "../panels/across";
import { groundPanel } from "../panels/groundPanel";
import { isFilling } from "../panels/grounds";
import { LIBRARY } from "../panels/library";
import type { Panel } from "../panels/panel";
import { cutPanel, withoutPurls } from "../panels/repeats";
import { toEnd, type Steps } from "../steps";
import { keyOfSection, type Layout, type SectionLayouts, type NoLayout } from "./sectionLayout";
import { fabricBasis, lay, layUnread, layWritten, needsLaying, liesIn } from "./layout";
import { ropesOf } from "./kinds/fabric";
import { aspectOf } from "./projectGauge";
import { piecesAndSwatches } from "./swatchPiece";

interface Named {
  readonly name: string;
  readonly text: string;
}

const panelOf = (id: string, project: Project): Named | undefined =>
  project.panels.find((panel) => panel.id === id) ?? LIBRARY.find((panel) => panel.id === id);

/** A ground over so many stitches: its repeats from the right, and of the last as much as there is room for. */
function filled(panel: Panel, stitches: number): readonly Panel[] {
  const of = panelStitches(panel);
  const whole = Array.from({ length: Math.floor(stitches / of) }, () => panel);
  const rest = stitches % of;
  const [part] = rest > 0 ? (cutPanel(panel, [rest]) ?? []) : [];
  return part ? [...whole, part] : whole;
}

/** A text that was read without errors; or a word that says why it was not. */
function readNamed({ name, text }: Named): ReadPattern | Message {
  const read = readPattern(text);
  const { panel, complete, findings } = read;
  const wrong = findings.find(isWrong);
  if (panel && complete && !wrong) return read;
  return say("panelNotRead", { name, line: wrong?.line ?? null, why: wrong?.message ?? null });
}

const bares = new WeakMap<Panel, ReturnType<typeof withoutPurls>>();

/** A panel bare of the purls at its sides; the same panel gives the same one. */
function bareOf(panel: Panel): ReturnType<typeof withoutPurls> {
  const known = bares.get(panel) ?? withoutPurls(panel);
  bares.set(panel, known);
  return known;
}

const onTheRightSide = new WeakMap<Panel, Panel>();

/** A panel as it is worked in the round, where there is no wrong side; the same panel gives the same one. */
function allOnTheRightSide(panel: Panel): Panel {
  const known = onTheRightSide.get(panel) ?? { rows: panel.rows };
  onTheRightSide.set(panel, known);
  return known;
}

/**
 * What a section has across it: ropes, a ground, or panels of the library and of the project, each so many
 * times, from the right, before any mirror. Errors, in words: no panel, one that is gone, one that cannot be read.
 */
export function acrossOf(project: Project, piece: ProjectPiece, section: FabricSection): Across | NoLayout {
  if (section.content === "ropes") return ropesOf(section, piece);
  if (section.content === "ground") return { edge: 0, panels: [groundPanel(section.ground)] };
  if (section.across.length === 0) return { ok: false, message: say("choosePanel") };
  const panels: Panel[] = [];
  const taken: Taken[] = [];
  for (const { panelId, times, joined } of section.across) {
    const named = panelOf(panelId, project);
    if (!named) return { ok: false, message: say("panelGone") };
    const read = readNamed(named);
    if ("code" in read || !read.panel)
      return { ok: false, message: "code" in read ? read : say("noPanelRows") };
    const { panel } = read;
    const fills = isFilling(panelId);
    const whole = joined === "whole" && !fills;
    const { panel: bare, purls } = fills ? { panel, purls: 0 } : bareOf(panel);
    const isBare = joined === "bare" && !fills;
    const mine = fills
      ? filled(panel, times)
      : isBare
        ? Array.from({ length: times }, () => bare)
        : whole
          ? Array.from({ length: times }, () => panel)
          : takenAcross(named.text, read, times);
    const repeat =
      fills || isBare
        ? { before: 0, of: fills ? 1 : panelStitches(bare), after: 0 }
        : repeatOf(named.text, read);
    panels.push(...(piece.round ? mine.map(allOnTheRightSide) : mine));
    const stitches = mine.reduce((sum, one) => sum + panelStitches(one), 0);
    taken.push({ panelId, times, repeat, whole, fills, purls, stitches, parts: mine.length });
  }
  return { edge: section.edge, panels, taken };
}

const parsedTexts = new Map<string, ParsedPattern>();
const MOST_PARSED = 60;

/** A text is parsed once: rows that are worked once come again with every change elsewhere. */
function parsedOnce(text: string): ParsedPattern {
  const parsed = parsedTexts.get(text) ?? parsePattern(text, "any");
  if (parsedTexts.size >= MOST_PARSED) parsedTexts.clear();
  parsedTexts.set(text, parsed);
  return parsed;
}

/** What was laid before, by what it hangs on: whoever lays a project again and again keeps one. */
export type KnownLaid = Map<string, Layout>;

/** So many are kept besides those of the project that was laid last. */
const MOST_LAID = 300;

/** What lies across one section; null where nothing does. */
function laySection(
  project: Project,
  piece: ProjectPiece,
  section: ProjectSection,
  known?: KnownFabrics,
): Layout | null {
  const aspect = aspectOf(project);
  const lies = liesIn(section, piece);
  if (lies?.by === "text") return layWritten(parsedOnce(lies.text));
  if (lies?.by !== "panels") return layUnread(piece, section, aspect, known);
  const across = acrossOf(project, piece, lies.section);
  if ("message" in across) return across;
  return lay(across, { aspect, blocking: piece.blocking }, known);
}

/**
 * What lies across every section of a project that begins a fabric, and the rows of those that are written, in steps. With
 * `kept`, what a section had across it before is the same object again, as long as nothing of it changes.
 */
export function* layingProject(
  project: Project,
  known?: KnownFabrics,
  kept: KnownLaid = new Map(),
): Steps<SectionLayouts> {
  const aspect = aspectOf(project);
  const all = new Map<string, Layout>();
  const used = new Set<string>();
  const pieces = piecesAndSwatches(project);
  for (const [index, piece] of pieces.entries())
    for (const section of piece.sections) {
      if (!needsLaying(section)) continue;
      const basis = fabricBasis(project, piece, section, aspect);
      const before = kept.get(basis);
      if (!before) yield { share: index / pieces.length };
      const laid = before ?? laySection(project, piece, section, known);
      if (!laid) continue;
      used.add(basis);
      // What cannot be laid is told by the names of its panels, and those may change.
      if (laid.ok) kept.set(basis, laid);
      all.set(keyOfSection(piece, section), laid);
    }
  // What this project needs stays, however much it is: it is laid again behind the next keystroke.
  if (kept.size > MOST_LAID + used.size)
    for (const basis of kept.keys()) if (!used.has(basis)) kept.delete(basis);
  return all;
}

/** The same at once. */
export const layProject = (project: Project, known?: KnownFabrics, kept?: KnownLaid): SectionLayouts =>
  toEnd(layingProject(project, known, kept));
