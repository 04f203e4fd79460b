/** Small things: hat, cowl, scarf, mat, shawl, blanket in blocks, mitts, a sock's leg, cushion; and a bare piece. */
import { blocksIn, blanket, blanketSeams } from "./blanket";
import { emptyPiece, type ProjectPiece } from "../project/project";
import { newSection } from "../project/sections";
import {
  groundOver,
  overLength,
  piece,
  ribbed,
  ropesOver,
  rowsIn,
  sewn,
  stitchesIn,
  type Start,
  type StartPlan,
} from "./start";

/** The crown is drawn together over this share of the round's radius. */
const CROWN = 0.6;

function hat(plan: StartPlan): readonly ProjectPiece[] {
  const [ribMm, crownMm] = [40, (CROWN * plan.acrossMm) / (2 * Math.PI)];
  const bodyMm = Math.max(20, plan.alongMm - ribMm - crownMm);
  return [
    piece(
      "hat",
      "Hat",
      [
        ...ribbed("hat", ribMm, plan),
        ropesOver("hat/ropes", plan.acrossMm, plan, true, overLength(bodyMm)),
        newSection("shape", "hat/crown", {
          at: "evenly",
          by: "count",
          to: Math.max(6, Math.round(plan.acrossMm / plan.stitchMm / 8)),
          over: "length",
          lengthMm: crownMm,
        }),
        newSection("castOff", "hat/off", { method: "gathered" }),
      ],
      { round: true },
    ),
  ];
}

const GARTER_MM = 15;

function cowl(plan: StartPlan): readonly ProjectPiece[] {
  const bodyMm = Math.max(20, plan.alongMm - 2 * GARTER_MM);
  return [
    piece(
      "cowl",
      "Cowl",
      [
        ...ribbed("cowl", GARTER_MM, plan, "garter"),
        ropesOver("cowl/ropes", plan.acrossMm, plan, true, overLength(bodyMm)),
        newSection("change", "cowl/narrow", { to: stitchesIn(plan.acrossMm, plan, 4) }),
        groundOver("cowl/upper", "garter", GARTER_MM, plan),
        newSection("castOff", "cowl/off"),
      ],
      { round: true },
    ),
  ];
}

function scarf(plan: StartPlan): readonly ProjectPiece[] {
  return [
    piece("scarf", "Scarf", [
      newSection("castOn", "scarf/on"),
      ropesOver("scarf/ropes", plan.acrossMm, plan, false, overLength(plan.alongMm)),
      newSection("castOff", "scarf/off"),
    ]),
  ];
}

function mat(plan: StartPlan): readonly ProjectPiece[] {
  return [
    piece("mat", "Mat", [
      newSection("castOn", "mat/on"),
      ropesOver("mat/ropes", plan.acrossMm, plan, false, overLength(plan.alongMm)),
      newSection("castOff", "mat/off"),
    ]),
  ];
}

/** What is left of a shawl's upper edge at its point. */
const POINT = 4;

/** A triangle from its upper edge to its point: as many rows as it is deep, narrower at both edges. */
function shawl(plan: StartPlan): readonly ProjectPiece[] {
  return [
    piece("shawl", "Shawl", [
      newSection("castOn", "shawl/on"),
      ropesOver("shawl/edge", plan.acrossMm, plan, false, { rows: 2 }),
      newSection("shape", "shawl/to-point", {
        at: "edges",
        by: "count",
        to: POINT,
        over: "length",
        lengthMm: Math.max(1, plan.alongMm - 2 * plan.rowMm),
      }),
      newSection("castOff", "shawl/off"),
    ]),
  ];
}

/** A thumb all round; of the hand: below its gusset, and the gusset. */
const THUMB_MM = 70;
const BELOW_GUSSET = 0.2;
const GUSSET = 0.4;

function mitts(plan: StartPlan): readonly ProjectPiece[] {
  const ribMm = Math.min(30, plan.alongMm / 4);
  const handMm = Math.max(20, plan.alongMm - ribMm);
  // The gusset grows by a pair of stitches every few rounds; with those picked up in the gap it is a multiple of the rib.
  const thumbOf = Math.max(8, 4 * Math.round(stitchesIn(THUMB_MM, plan) / 4));
  const picked = thumbOf % 8 === 0 ? 2 : 4;
  const pairs = (thumbOf - picked) / 2;
  const every = Math.max(1, Math.round(rowsIn(GUSSET * handMm, plan) / pairs));
  const gusset = (id: string) => [
    newSection("shape", `${id}/gusset`, { way: "increase", at: "edges", stitches: 2, every, times: pairs }),
    newSection("castOffAt", `${id}/thumb-hold`, { at: "edges", stitches: pairs, goes: "hold" }),
    newSection("fabric", `${id}/upper`, {
      content: "asBefore",
      ...overLength(handMm * (1 - GUSSET - BELOW_GUSSET)),
    }),
  ];
  const thumb = (id: string) => [
    newSection("pickUp", `${id}/thumb`, { stitches: picked, held: true, round: true }),
    newSection("fabric", `${id}/thumb-rib`, { content: "ground", ground: "rib2", rows: rowsIn(20, plan) }),
    newSection("castOff", `${id}/thumb-off`),
  ];
  const mitt = (id: string, name: string, mirrored: boolean) =>
    piece(
      id,
      name,
      [
        ...ribbed(id, ribMm, plan),
        ropesOver(`${id}/ropes`, plan.acrossMm, plan, true, overLength(handMm * BELOW_GUSSET)),
        ...gusset(id),
        newSection("castOff", `${id}/off`),
        ...thumb(id),
      ],
      { round: true, mirrored },
    );
  return [mitt("right", "Right mitt", false), mitt("left", "Left mitt", true)];
}

function sockLegs(plan: StartPlan): readonly ProjectPiece[] {
  const ribMm = 40;
  return [
    piece(
      "leg",
      "Leg of a sock",
      [
        ...ribbed("leg", ribMm, plan),
        ropesOver("leg/ropes", plan.acrossMm, plan, true, overLength(Math.max(20, plan.alongMm - ribMm))),
        newSection("hold", "leg/heel"),
      ],
      { round: true, times: 2 },
    ),
  ];
}

function cushion(plan: StartPlan): readonly ProjectPiece[] {
  return [
    piece("front", "Front", [
      newSection("castOn", "front/on"),
      ropesOver("front/ropes", plan.acrossMm, plan, false, overLength(plan.alongMm)),
      newSection("castOff", "front/off"),
    ]),
    piece("back", "Back", [
      newSection("castOn", "back/on", { stitches: stitchesIn(plan.acrossMm, plan, 4) }),
      newSection("fabric", "back/plain", {
        content: "ground",
        ground: "stockinette",
        ...overLength(plan.alongMm),
      }),
      newSection("castOff", "back/off"),
    ]),
  ];
}

export const SMALL_THINGS = {
  hat: {
    name: "Hat",
    across: { name: "Head, all round", usualMm: 560 },
    along: { name: "Height", usualMm: 220 },
    easeMm: -40,
    build: hat,
  },
  cowl: {
    name: "Cowl",
    across: { name: "Round", usualMm: 620 },
    along: { name: "Height", usualMm: 240 },
    easeMm: 0,
    build: cowl,
    grows: { pieceId: "cowl", sectionId: "cowl/ropes" },
  },
  scarf: {
    name: "Scarf",
    across: { name: "Width", usualMm: 200 },
    along: { name: "Length", usualMm: 1700 },
    easeMm: 0,
    build: scarf,
    grows: { pieceId: "scarf", sectionId: "scarf/ropes" },
  },
  mat: {
    name: "Mat",
    across: { name: "Width", usualMm: 300 },
    along: { name: "Length", usualMm: 300 },
    easeMm: 0,
    build: mat,
    scales: true,
  },
  shawl: {
    name: "Shawl, a triangle",
    across: { name: "Upper edge", usualMm: 1500 },
    along: { name: "Depth", usualMm: 700 },
    easeMm: 0,
    build: shawl,
    scales: true,
  },
  blanket: {
    name: "Blanket in blocks",
    across: { name: "Width", usualMm: 800 },
    along: { name: "Length", usualMm: 1000 },
    easeMm: 0,
    around: blocksIn,
    up: blocksIn,
    build: blanket,
    scales: true,
    seams: blanketSeams,
  },
  mitts: {
    name: "Pair of mitts",
    across: { name: "Hand, all round", usualMm: 190 },
    along: { name: "Length", usualMm: 200 },
    easeMm: -10,
    build: mitts,
  },
  socks: {
    name: "Pair of sock legs",
    across: { name: "Ankle, all round", usualMm: 220 },
    along: { name: "Leg height", usualMm: 180 },
    easeMm: -20,
    build: sockLegs,
  },
  cushion: {
    name: "Cushion",
    across: { name: "Width", usualMm: 400 },
    along: { name: "Height", usualMm: 400 },
    easeMm: -10,
    build: cushion,
    scales: true,
    seams: () => [
      sewn("sides", 2, "front side", "back side"),
      sewn("lower", 1, "front start", "back start"),
      sewn("upper", 1, "front end", "back end"),
    ],
  },
  empty: {
    name: "One bare piece",
    across: { name: "Width", usualMm: 400 },
    along: { name: "Height", usualMm: 400 },
    easeMm: 0,
    build: () => [emptyPiece("piece-1", "My piece")],
  },
} as const satisfies Record<string, Start>;
