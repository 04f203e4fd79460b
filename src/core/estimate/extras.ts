/** Extras of a project: what each takes of its yarn, and how that is calculated. One more kind is one more row. */
import { say, type Message } from "../words/message";
import type { FigureId } from "../project/figures";
import type { Extra, ExtraKind, ExtraOf, FULLNESSES } from "../project/finishing";
import type { Project } from "../project/project";
import { millimetres } from "../units/brands";
import type { PutUp } from "../yarn/putUp";
import { thicknessOf } from "../yarn/thickness";
import { END_MM } from "./longTail";
import type { ExtraPlan } from "./plan";
import type { FinishingFinding } from "./seams";

/** What one extra takes. */
interface Taken {
  /** Loops of plain stitches; and yarn that hangs on no stitch. */
  readonly loops: number;
  readonly mm: number;
  /** Yarn by what nobody can measure beforehand: it can be off by a quarter either way. */
  readonly guessedMm: number;
}

interface Kind<Of extends ExtraKind> {
  readonly name: string;
  /** What is typed of it as it stands, besides how many there are. */
  readonly asks: (extra: ExtraOf<Of>) => readonly FigureId[];
  readonly takes: (extra: ExtraOf<Of>, putUp: PutUp) => Taken;
  /** How one is calculated. */
  readonly tells: (extra: ExtraOf<Of>, putUp: PutUp) => Message;
  /** Whether it is calculated by weight, which a yarn of unknown weight does not have. */
  readonly weighs: (extra: ExtraOf<Of>) => boolean;
}

const { PI, sqrt } = Math;

/** Grams of yarn in a cubic centimetre of a pompon: engineering estimates. */
const DENSITY: { readonly [Full in (typeof FULLNESSES)[number]]: number } = {
  loose: 0.045,
  usual: 0.065,
  full: 0.09,
};

const yarnOfMass = (massG: number, { massG: ball, lengthM }: PutUp) => (1000 * massG * lengthM) / ball;

/** Grams of a ball of yarn with this diameter. Example: 9 cm, usual, are 24.8 g. */
const pomponMass = ({ diameterMm, fullness }: Pick<ExtraOf<"pompon">, "diameterMm" | "fullness">) =>
  (DENSITY[fullness] * (PI / 6) * diameterMm ** 3) / 1000;

/** Share of a bundle's cross-section that is yarn. */
const PACKED = 0.8;

const bundleMm = (ends: number, putUp: PutUp) => thicknessOf(putUp) * sqrt(ends / PACKED);

/** Half hitch round the edge, in thicknesses of its bundle; and what is trimmed off an end. */
const KNOT_THICKNESSES = 3;
const TRIM_MM = 10;

/** Cut length of one strand of a fringe: laid double, with its knot and what is trimmed. */
const strandMm = ({ strands, lengthMm }: ExtraOf<"fringe">, putUp: PutUp) =>
  2 * (lengthMm + KNOT_THICKNESSES * bundleMm(2 * strands, putUp) + TRIM_MM);

/** Turns round the neck of a tassel, and the thread that it hangs by. */
const NECK_TURNS = 8;
const HANGER_MM = 400;

const neckMm = ({ winds }: ExtraOf<"tassel">, putUp: PutUp) => NECK_TURNS * PI * bundleMm(2 * winds, putUp);

const byLength = (mm: number): Taken => ({ loops: 0, mm, guessedMm: 0 });
const never = () => false;

type Kinds = { readonly [Of in ExtraKind]: Kind<Of> };

const KINDS: Kinds = {
  pompon: {
    name: "Pompon",
    asks: ({ by }) => [by === "size" ? "extraDiameter" : "extraMass"],
    takes: (extra, putUp) =>
      extra.by === "mass"
        ? byLength(yarnOfMass(extra.massG, putUp))
        : { loops: 0, mm: 0, guessedMm: yarnOfMass(pomponMass(extra), putUp) },
    tells: (extra) =>
      extra.by === "mass"
        ? say("takesOfThisYarn", extra)
        : say("pomponTakes", { density: DENSITY[extra.fullness], massG: pomponMass(extra) }),
    weighs: () => true,
  },
  fringe: {
    name: "Fringe",
    asks: () => ["extraKnots", "extraStrands", "extraHang"],
    takes: (extra, putUp) => byLength(extra.knots * extra.strands * strandMm(extra, putUp)),
    tells: (extra, putUp) =>
      say("fringeTakes", { strands: extra.knots * extra.strands, lengthMm: strandMm(extra, putUp) }),
    weighs: never,
  },
  tassel: {
    name: "Tassel",
    asks: () => ["extraWinds", "extraHang"],
    takes: (extra, putUp) => byLength(2 * extra.winds * extra.lengthMm + neckMm(extra, putUp) + HANGER_MM),
    tells: (extra, putUp) =>
      say("tasselTakes", {
        winds: extra.winds,
        windMm: 2 * extra.lengthMm,
        neckMm: neckMm(extra, putUp),
        hangerMm: HANGER_MM,
      }),
    weighs: never,
  },
  buttons: {
    name: "Buttons, tied on",
    asks: () => ["extraTie"],
    takes: ({ lengthMm }) => byLength(lengthMm),
    tells: (extra) => say("buttonTakes", extra),
    weighs: never,
  },
  twisted: {
    name: "Twisted cord",
    asks: () => ["extraStrands", "extraCord", "extraCut"],
    takes: ({ strands, cut, lengthMm }) => byLength(strands * cut * lengthMm),
    tells: (extra) => say("twistedTakes", extra),
    weighs: never,
  },
  knitted: {
    name: "Knitted cord",
    asks: () => ["extraStitches", "extraRows"],
    takes: ({ stitches, rows }) => ({ loops: stitches * rows, mm: 2 * END_MM, guessedMm: 0 }),
    tells: (extra) => say("knittedTakes", extra),
    weighs: never,
  },
  kept: {
    name: "Mending, or something else",
    asks: ({ by }) => [by === "length" ? "extraYarn" : "extraMass"],
    takes: (extra, putUp) =>
      byLength(extra.by === "length" ? 1000 * extra.lengthM : yarnOfMass(extra.massG, putUp)),
    tells: (extra) => (extra.by === "length" ? say("lengthAsSaid", extra) : say("massAsSaid", extra)),
    weighs: ({ by }) => by === "mass",
  },
};

/** An extra of any kind with its own row of the table. */
const kindOf = <Of extends ExtraKind>({ kind }: { readonly kind: Of }): Kind<Of> => KINDS[kind] as Kind<Of>;

export const EXTRA_NAMES: readonly { readonly kind: ExtraKind; readonly name: string }[] = Object.entries(
  KINDS,
).map(([kind, { name }]) => ({ kind: kind as ExtraKind, name }));

/** What an extra is called: its own name, or that of its kind. */
export const extraName = (extra: Pick<Extra, "kind" | "name">) => extra.name || KINDS[extra.kind].name;

/** What is typed of an extra as it stands, besides how many there are. */
export const extraAsks = (extra: Extra): readonly FigureId[] => kindOf(extra).asks(extra as never);

/** How one of it is calculated. */
export const tellExtra = (extra: Extra, putUp: PutUp): Message => kindOf(extra).tells(extra as never, putUp);

export const planExtra = (extra: Extra, { id: yarnId, putUp }: { id: string; putUp: PutUp }): ExtraPlan => {
  const { loops, mm, guessedMm } = kindOf(extra).takes(extra as never, putUp);
  const { times } = extra;
  return {
    id: extra.id,
    yarnId,
    loops: times * loops,
    mm: millimetres(times * mm),
    guessedMm: millimetres(times * guessedMm),
  };
};

/** Whether an extra is told by its weight, and its yarn has none. */
const lacksMass = (extra: Extra, { noMass }: PutUp) =>
  noMass === true && kindOf(extra).weighs(extra as never);

export interface PlannedExtras {
  readonly extras: readonly ExtraPlan[];
  readonly findings: readonly FinishingFinding[];
}

/** The extras of a project, each in its own yarn; one of no yarn is of the first. */
export function planExtras(
  project: Pick<Project, "extras">,
  yarns: readonly { readonly id: string; readonly putUp: PutUp }[],
): PlannedExtras {
  const extras: ExtraPlan[] = [];
  const findings: FinishingFinding[] = [];
  for (const extra of project.extras) {
    const yarn = extra.yarnId === null ? yarns[0] : yarns.find(({ id }) => id === extra.yarnId);
    const message = !yarn
      ? say("extraYarnGone")
      : lacksMass(extra, yarn.putUp)
        ? say("extraLacksMass")
        : null;
    if (message !== null) findings.push({ of: "extras", id: extra.id, message, leftOut: true });
    else if (yarn) extras.push(planExtra(extra, yarn));
  }
  return { extras, findings };
}
