import fc from "fast-check";
import { english } from "./english";
import { files } from "./english/files";
import { hand } from "./english/hand";
import { knit } from "./english/knit";
import { order } from "./english/order";
import { patterns } from "./english/patterns";
import { pieces } from "./english/pieces";
import { progress } from "./english/progress";
import { reasons } from "./english/reasons";
import { rows } from "./english/rows";
import { swap } from "./english/swap";
import { swatches } from "./english/swatches";
import { tools } from "./english/tools";
import { typed } from "./english/typed";
import { say } from "./message";
import type { Says } from "./message";
import { tell as tellFrom, tellerIn } from "./tell";
import type { Voice } from "./teller";

const tell = (says: Says, voice: Voice) => tellFrom(says, voice, english);
const US_INCHES = { words: "US", units: "imperial" } as const;
const UK_METRIC = { words: "UK", units: "metric" } as const;

test("a length is said in the chosen units, and a cast-off in the chosen words", () => {
  const short = say("underOneRow", { lengthMm: 1, rowMm: 3.57 });
  expect(tell(short, UK_METRIC)).toMatch(/^0\.1\s?cm is under one row: a row here is 3\.6\s?mm high\.$/);
  expect(tell(short, US_INCHES)).toMatch(/^0(\.0)?\s?in is under one row/);
  const off = say("castOffTooMany", { going: 12, have: 10 });
  expect(tell(off, UK_METRIC)).toBe("12 stitches to cast off, and 10 are on the needle: cast off fewer.");
  expect(tell(off, US_INCHES)).toBe("12 stitches to bind off, and 10 are on the needle: bind off fewer.");
});

test("one is one, and several are several", () => {
  expect(tell(say("strandedAtEnd", { have: 1 }), UK_METRIC)).toMatch(/^1 stitch is still/);
  expect(tell(say("strandedAtEnd", { have: 2 }), UK_METRIC)).toMatch(/^2 stitches are still/);
});

test("a share is half, so many times, or so many per cent", () => {
  const said = (times: number) =>
    tell(say("outlier", { unit: "g", times, over: "24 stitches", slip: null }), UK_METRIC).replaceAll(
      "\u00a0",
      " ",
    );
  expect(said(0.5)).toMatch(/^This weighs half of what 24 stitches should: check the figure/);
  expect(said(2.54)).toMatch(/^This weighs 2\.5 times what/);
  expect(said(0.3)).toMatch(/^This weighs 30 % of what/);
});

test("no code stands in two files of the catalogue", () => {
  const all = [
    files,
    hand,
    knit,
    order,
    patterns,
    pieces,
    progress,
    reasons,
    rows,
    swap,
    swatches,
    tools,
    typed,
  ];
  expect(Object.keys(english)).toHaveLength(all.flatMap((file) => Object.keys(file)).length);
});

/** Every quantity that is a number, whichever sentence asks for it. */
const NUMBERS =
  `among balls before begins below byWidths byWidthsMm castOffMm cells centre change cost count cut density
each endMm ends few first force from g going hangerMm have head higher holes lacking largeMm largeOff least lengthM
lengthMm limit line m margin massG metresIn100G mine mm more most multiple neckMm need nth number off over per10Cm plies
postage price ratio reads repeat repeats resting room row rowMm rows share shared step stepG stepMm stitches strands takes
times to turns unit used version wide wider windMm winds yarns
  columns value rowsAnHour stitchesAnHour quickMs slowMs front past width p10 p50 p90 sureTo joinBefore rowM ruleM needM found expected now stillEnough spare second heightMm widthMm ends days
  projects changed needleMm right printed haveMm sizes`.split(/\s+/);

/** And those that are not. */
const OTHERS = {
  thing: "row",
  axis: "loop",
  counted: "rows",
  typed: "x",
  all: ["x"],
  near: ["x"],
  fits: [8],
  left: [1, 0],
  of: "row",
  taken: "stitch",
  slip: null,
  ground: "Rib",
  name: "weight",
  key: "k2",
  part: "castOff",
  side: "end",
  across: [300, 240],
  along: null,
  why: say("nothingTyped"),
  kind: "mass",
  written: "RS",
  falls: "WS",
  does: "works",
  usual: false,
  method: "Plain",
  at: "edges",
  goes: "castOff",
  way: "decrease",
  what: say("nothingTyped"),
  chance: 0.5,
  worker: "engine",
  wanted: "number",
  options: ["x", "y"],
  keys: ["x"],
};

/** What is a text or a list in one sentence, and something else in another. */
const APART = {
  patternPanelDoesNotFit: { of: 6 },
  reaches: { what: "row" },
  blockPiece: { blocking: "steamed", piece: "x" },
  sewSeam: { seam: say("nothingTyped") },
  meetsEvenly: { things: ["rows", "stitches"] },
  joinedBy: { join: "x" },
  putOnExtra: { extra: "x" },
  joinsIn: { joins: { count: 2, m: 0.6 } },
  invalidParts: { first: say("nothingTyped") },
  partTooSmall: { what: "number" },
  partTooLarge: { what: "string" },
  mendHold: { left: 3 },
  mendCross: { lean: "left" },
  lotsInTurn: { lots: ["x", "y"] },
  colourAhead: { yarns: ["x"] },
  techniqueTakes: { each: true },
  readingOfRows: { kind: "height", piece: "x" },
  stepSlip: { side: "front" },
  stepReach: { side: "back" },
  stepCatch: { side: "front" },
  stepWork: { works: "k3", from: "left" },
  crossingLooks: { lean: "left" },
  entryNotRead: { why: "x" },
  seamPlan: { wider: [4, 7] },
  bestIn: { each: [] },
  crossingInRow: { each: [] },
  crossingAhead: { each: [{ name: "x", markers: [1, 2, 3, 5] }] },
  seamBetween: { ends: [] },
  quantity: { quantity: "size" },
  figureName: { of: "loop" },
  whyName: { of: "loop" },
  whySays: { of: "loop" },
  whyFrom: { of: "loop" },
  joinTakes: { join: "Splice" },
  tailOf: { piece: "x" },
};

test("no sentence speaks British words to Americans, or centimetres to those who measure in inches", () => {
  const anything = fc.record(
    Object.fromEntries(NUMBERS.map((name) => [name, fc.integer({ min: 1, max: 60 })])),
  );
  const teller = tellerIn(US_INCHES, english);
  fc.assert(
    fc.property(anything, (given) => {
      for (const [code, sentence] of Object.entries(english)) {
        const asked = { ...given, ...OTHERS, ...APART[code as keyof typeof APART] };
        const said = (sentence as (given: unknown, teller: unknown) => string)(asked, teller);
        const faults = /cast(ing)? off|stocking stitch|\d\s?c?m\b|NaN|\[object/i.exec(said);
        expect([code, faults?.[0]]).toEqual([code, undefined]);
      }
    }),
  );
});
