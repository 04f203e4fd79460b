/** What is typed beside the project’s own figures: on labels, the shelf, candidates, offers, kits, starts and tools. */
import { ROPE_BOUNDS } from "../panels/ropes";
import type { UnitSystem } from "../units/brands";
import { grams } from "../units/brands";
import { formatMassFine } from "../units/format";
import { BARE_YARN, readLength } from "../typed/length";
import { readMass } from "../typed/mass";
import { readCount } from "../typed/count";
import { read, unread, type Bounds, type Reading } from "../typed/reading";
import { say } from "../words/message";
import { COUNTS, LENGTHS } from "./bounds";
import { inBrackets, MOST_SIZES } from "./sizes";
import {
  counted,
  ease,
  fine,
  gauge,
  mass,
  money,
  percent,
  putUp,
  share,
  signedPercent,
  size,
  yarnMetres,
  type FigureKind,
} from "./figureKinds";

const PART_G: Bounds = {
  least: 0.1,
  most: 2000,
  tooSmall: "partTooLight",
  tooLarge: "partTooHeavy",
};

/** What is left of yarn that is used up: it can be nothing. Example: "0 g". */
const left: FigureKind<number> = {
  read: (text, units) =>
    /^\s*0+(?:[.,]0+)?\s*(?:g|oz)?\s*$/i.test(text) ? read(0) : mass(PART_G).read(text, units),
  tell: mass(PART_G).tell,
};

/** Weights of part balls, one after the other. Example: "32 g; 14 g". */
const parts: FigureKind<number[]> = {
  read: (text: string, units: UnitSystem): Reading<number[]> => {
    const masses: number[] = [];
    for (const one of text.split(/[;+]|,\s/).filter((part) => part.trim() !== "")) {
      const mass = readMass(one, units, PART_G);
      if (!mass.ok) return mass;
      masses.push(mass.value);
    }
    return read(masses);
  },
  tell: (masses, units) => masses.map((mass) => formatMassFine(grams(mass), units)).join("; "),
};

/** Balls of a pattern, of each of its sizes where it says so. Example: "9 (10, 12, 13)"; also "9". */
const ballsBySize: FigureKind<number[]> = {
  read: (text): Reading<number[]> => {
    const counts: number[] = [];
    for (const one of text.split(/[(),;:/[\]\s]+/).filter((part) => /\d/.test(part))) {
      const count = readCount(one, COUNTS.balls);
      if (!count.ok) return count;
      counts.push(count.value);
    }
    if (counts.length === 0) return unread(say("oneNumber", { thing: "ball" }));
    if (counts.length > MOST_SIZES) return unread(say("tooManySizes", { most: MOST_SIZES }));
    return read(counts);
  },
  tell: inBrackets,
};

const YARN: Bounds = {
  least: 10,
  most: 60_000_000,
  tooSmall: "yarnTooShort",
  tooLarge: "yarnTooLong",
};

/** A length of yarn in mm; a number without a unit is metres or yards. */
const yarnMm: FigureKind<number> = {
  read: (text, units) => readLength(text, BARE_YARN[units], YARN),
  tell: size(YARN).tell,
};

const THICKNESS: Bounds = {
  least: 0.3,
  most: 30,
  tooSmall: "yarnTooThin",
  tooLarge: "yarnTooThick",
};

const stitches = (least: number, most: number) => counted({ least, most, thing: "stitch" });
const rows = (least: number, most: number) => counted({ least, most, thing: "row" });

/** One more thing to type is one more row. */
export const ENTERED = {
  price: money,
  postage: money,
  freePostFrom: money,
  balls: counted(COUNTS.balls),
  ballsBySize,
  doneShare: share,
  yarnAsked: yarnMetres,
  partBalls: parts,
  ballHolds: putUp,
  bandStitches: gauge("stitches"),
  bandRows: gauge("rows"),
  needle: fine(LENGTHS.needle),
  plies: counted(COUNTS.plies),
  strands: counted(COUNTS.strands),
  kits: counted(COUNTS.kits),
  across: size(LENGTHS.width),
  along: size(LENGTHS.piece),
  ease,
  panelTimes: counted(COUNTS.across),
  bandCount: counted(COUNTS.band),
  borderStitches: counted(COUNTS.shaped),
  borderRows: counted(COUNTS.every),
  ropeHalf: counted(ROPE_BOUNDS.half),
  ropeRows: counted(ROPE_BOUNDS.every),
  pace: counted({ least: 5, most: 120, thing: "stitchAMinute" }),
  thickness: fine(THICKNESS),
  twenty: size(LENGTHS.twenty),
  yarnLeft: yarnMm,
  stitches: stitches(1, 5000),
  stitchesBefore: stitches(2, 5000),
  rows: rows(1, 5000),
  stitchesIn10Cm: stitches(1, 80),
  rowsIn10Cm: rows(1, 120),
  holes: counted({ least: 1, most: 60, thing: "hole" }),
  holeStitches: stitches(1, 20),
  holeMargin: stitches(0, 200),
  repeatRows: rows(1, 500),
  rowsAtLeast: rows(1, 2000),
  rowsDone: rows(0, 20_000),
  ballLeft: mass(PART_G),
  wrap: mass(PART_G),
  /** What is left of a yarn when all is done. */
  leftOver: left,
  ballsBegun: counted({ least: 1, most: 500, thing: "ball" }),
  byMore: signedPercent,
  giveOrTake: percent,
} as const;
