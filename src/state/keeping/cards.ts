/** What the home of projects shows of each without opening it. */
import type { KnownSeen, Seen } from "@/core/engine/seen";
import { progressOf } from "@/core/progress/places";
import type { Project } from "@/core/project/project";
import { hasAsked, hasCables } from "@/core/project/sectionKinds";
import { thingKind, type ThingKind } from "@/core/project/thingKind";
import { toMetres } from "@/core/units/brands";

type Point = readonly [x: number, y: number];

/** Pieces as they lie side by side, in mm: each part of a piece with its colour and its edge all round. */
export interface CardPicture {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly parts: readonly { readonly colour: string; readonly points: readonly Point[] }[];
}

/** What is to be bought, in all yarns. */
interface Need {
  readonly balls: number;
  readonly lengthM: number;
}

/** What a thing took, for like ones that are made later. */
interface TakenBy {
  readonly mPerDm2: number;
  readonly areaDm2: number;
  readonly tex: number;
  readonly cabled: boolean;
  /** Not there on cards of old. */
  readonly kind?: ThingKind;
  /** Of what was bought, once that was weighed; null before. */
  readonly leftM: number | null;
}

type Stage = "planning" | "knitting" | "finished";

export interface ProjectCard {
  readonly id: string;
  readonly name: string;
  readonly madeFor: string;
  readonly demo: boolean;
  readonly yarn: { readonly name: string; readonly colour: string };
  /** Null while it has no answer. */
  readonly need: Need | null;
  /** Not there on cards of old; null where its area is not known. */
  readonly took?: TakenBy | null;
  readonly stage: Stage;
  /** Of all stitches, how many are worked; null where that is not known. */
  readonly share: number | null;
  readonly picture: CardPicture | null;
  readonly changedAt: number;
  readonly archived: boolean;
  /** When it was deleted; null where it was not. */
  readonly goneAt: number | null;
}

/** Pieces side by side are apart by so much of the widest. */
const APART = 0.08;
const MOST_PIECES = 4;
/** More corners than this nobody sees at the size of a card. */
const MOST_CORNERS = 60;

/** Every so manieth of a list, its first among them. */
function thinned<One>(list: readonly One[], most: number): readonly One[] {
  const step = Math.max(1, Math.ceil(list.length / most));
  return list.filter((_, at) => at % step === 0);
}

/** The pieces of an answer as a picture; null where none has a size. */
function pictureOf({ estimate }: KnownSeen, { yarns }: Project): CardPicture | null {
  const colours = new Map(yarns.map(({ id, colour }) => [id, colour]));
  const drawn = estimate.pieces
    .filter(({ outline }) => outline.some(({ points }) => points.length > 2))
    .slice(0, MOST_PIECES)
    .map(({ outline, yarnId }) => {
      const xs = outline.flatMap(({ points }) => points.map(([x]) => x));
      const ys = outline.flatMap(({ points }) => points.map(([, y]) => y));
      const [left, right, top] = [Math.min(...xs), Math.max(...xs), Math.max(...ys)];
      return { outline, colour: colours.get(yarnId) ?? "#888888", left, width: right - left, top };
    });
  const widest = Math.max(...drawn.map(({ width }) => width));
  const highest = Math.max(...drawn.map(({ top }) => top));
  if (!(widest > 0 && highest > 0)) return null;
  let from = 0;
  const parts = drawn.flatMap(({ outline, colour, left, width }) => {
    const shift = from - left;
    from += width + widest * APART;
    return outline
      .filter(({ points }) => points.length > 2)
      .map(({ points }) => ({
        colour,
        points: thinned(points, MOST_CORNERS).map(
          ([x, y]) => [Math.round(x + shift), Math.round(highest - y)] as const,
        ),
      }));
  });
  return { widthMm: Math.round(from - widest * APART), heightMm: Math.round(highest), parts };
}

/** How many of all stitches are worked, from 0 to 1. */
function shareOf({ estimate }: KnownSeen, places: ReturnType<typeof progressOf>["places"]): number {
  let [all, worked] = [0, 0];
  for (const { id, times, sections, estimate: piece } of estimate.pieces) {
    const stitches = sections.reduce((sum, { rows, from, to }) => sum + (rows * (from + to)) / 2, 0);
    all += stitches * times;
    for (const { pieceId, copy, rows, finished } of places)
      if (pieceId === id && copy <= times)
        worked += finished ? stitches : stitches * Math.min(1, rows / Math.max(1, piece.rows));
  }
  return all > 0 ? worked / all : 0;
}

type Told = Pick<ProjectCard, "id" | "name" | "madeFor" | "demo" | "yarn" | "stage">;

/** What a card says of a project whatever its answer is. */
function toldOf(project: Project): Told {
  const [yarn] = project.yarns;
  const { closed, places } = progressOf(project.log);
  return {
    id: project.id,
    name: project.name,
    madeFor: project.madeFor,
    demo: project.demo,
    yarn: { name: yarn?.name ?? "", colour: yarn?.colour ?? "#888888" },
    stage: closed ? "finished" : places.some(({ rows }) => rows > 0) ? "knitting" : "planning",
  };
}

type Answered = Pick<ProjectCard, "need" | "share" | "picture" | "took">;

const UNANSWERED: Answered = { need: null, share: null, picture: null, took: null };

/** Twice the area that points go round, by its sign. */
const goneRound = (points: readonly Point[]) =>
  points.reduce((sum, [x, y], at) => {
    const [nextX, nextY] = points[(at + 1) % points.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);

const MM2_IN_DM2 = 10_000;

/** Area of all pieces as they lie, in dm². */
const areaOf = ({ estimate }: Pick<KnownSeen, "estimate">) =>
  estimate.pieces.reduce(
    (sum, { times, outline }) =>
      sum + times * outline.reduce((all, { points }) => all + Math.abs(goneRound(points)) / 2, 0),
    0,
  ) / MM2_IN_DM2;

/** What the yarn of a thing comes to over its area; null where that is not known, or not all of it is worked. */
export function takenBy(project: Project, seen: KnownSeen): TakenBy | null {
  const areaDm2 = hasAsked(project) ? 0 : areaOf(seen);
  const putUp = seen.yarns[0].yarn.putUp;
  if (areaDm2 <= 0 || putUp.noMass || seen.findings.some(({ leftOut }) => leftOut)) return null;
  const metresIn = seen.yarns.reduce((sum, { totalMm }) => sum + totalMm / 1000, 0);
  const leftG = progressOf(project.log).readings.flatMap((one) => (one.kind === "all" ? [one.massG] : []));
  return {
    mPerDm2: metresIn / areaDm2,
    areaDm2,
    tex: (1000 * putUp.massG) / putUp.lengthM,
    cabled: hasCables(project),
    kind: thingKind(project),
    leftM:
      leftG.length > 0 ? (leftG.reduce((sum, massG) => sum + massG, 0) * putUp.lengthM) / putUp.massG : null,
  };
}

/** What a card says of a project's answer. */
export function answeredOf(project: Project, seen: Seen): Answered {
  if (!seen.known) return UNANSWERED;
  const balls = seen.yarns.reduce((sum, { advised }) => sum + advised.balls, 0);
  const lengthM = seen.yarns.reduce((sum, { totalMm }) => sum + toMetres(totalMm), 0);
  return {
    need: { balls, lengthM: Math.round(lengthM) },
    share: shareOf(seen, progressOf(project.log).places),
    picture: pictureOf(seen, project),
    took: takenBy(project, seen),
  };
}

/** The card of a project as it is kept anew; what was known of its answer stays until that is there. */
export const cardOf = (project: Project, before: ProjectCard | null, now: number): ProjectCard => ({
  ...UNANSWERED,
  archived: false,
  ...before,
  ...toldOf(project),
  changedAt: now,
  // Who goes on with a project that was deleted elsewhere wants it back.
  goneAt: null,
});
