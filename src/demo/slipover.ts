/** The project that Brenok opens with at first: a cabled slipover in an invented aran. */
import { newSeam } from "../core/project/finishing";
import { candidateSchema } from "@/core/project/candidates";
import { demoLog } from "./log";
import { emptyPiece, emptyProject, type Project, type ProjectPiece } from "@/core/project/project";
import { newSection, type FabricSection, type ProjectSection } from "@/core/project/sections";
import { newSwatch } from "@/core/project/swatches";
import { vessin } from "./shelf";

/** Ribs and bands are worked on a needle half a size smaller. */
const RIB_NEEDLE_MM = 4.5;

const rib = (id: string, rows: number) =>
  newSection("fabric", id, { content: "ground", ground: "rib2", needleMm: RIB_NEEDLE_MM, rows });
const on = (id: string, rows: number) => newSection("fabric", id, { content: "asBefore", rows });

/** Eleven ropes of 3 over 3 between two purls each. */
const ropes = (id: string, given: Partial<FabricSection>) =>
  newSection("fabric", id, {
    content: "ropes",
    ropeId: "rope-3-3",
    ropes: 11,
    purls: 2,
    edge: 13,
    ...given,
  });

/** From the cast-on to behind the armholes, the same for back and front. */
const body = (id: string): readonly ProjectSection[] => [
  newSection("castOn", `${id}/on`, { needleMm: RIB_NEEDLE_MM }),
  rib(`${id}/rib`, 19),
  newSection("change", `${id}/change`),
  ropes(`${id}/ropes`, { by: "length", lengthMm: 310 }),
  newSection("castOffAt", `${id}/armhole`, { at: "edges", stitches: 6 }),
  newSection("shape", `${id}/slope`, { at: "edges", stitches: 2, every: 2, times: 8 }),
];

const piece = (id: string, name: string, given: Partial<ProjectPiece>): ProjectPiece => ({
  ...emptyPiece(id, name),
  ...given,
});

const back = piece("back", "Back", {
  sections: [
    ...body("back"),
    on("back/upper", 34),
    newSection("divide", "back/neck", { centre: 32, centreTo: "hold" }),
    newSection("shape", "back/curve", { at: "inner", stitches: 1, every: 2, times: 3 }),
    newSection("hold", "back/shoulders"),
  ],
});

const front = piece("front", "Front", {
  sections: [
    ...body("front"),
    on("front/upper", 10),
    newSection("divide", "front/neck", { centre: 16, centreTo: "hold" }),
    newSection("shape", "front/curve", { at: "inner", stitches: 1, every: 2, times: 11 }),
    on("front/straight", 8),
    newSection("castOff", "front/shoulders", { method: "threeNeedle" }),
  ],
});

const band = (id: string, name: string, stitches: number, rows: number, times: number) =>
  piece(id, name, {
    round: true,
    times,
    sections: [
      newSection("pickUp", `${id}/edge`, { stitches, round: true, needleMm: RIB_NEEDLE_MM }),
      rib(`${id}/rib`, rows),
      newSection("castOff", `${id}/off`, { needleMm: RIB_NEEDLE_MM }),
    ],
  });

/** A chunky and a fingering held triple, beside the aran that it is written for. */
const candidates = [
  candidateSchema.parse({
    id: "osmuth",
    from: "shop",
    label: {
      name: "Osmuth Chunky",
      colourName: "barley",
      colour: "#c2a15e",
      fibres: "80 % wool, 20 % alpaca",
      plies: 3,
      bandClass: "chunky",
      putUp: { massG: 100, lengthM: 110 },
      stitchesPer10Cm: 13.5,
      rowsPer10Cm: 18.5,
      needleMm: 6.5,
    },
  }),
  candidateSchema.parse({ id: "vessin", from: "shelf", strands: 3, label: vessin }),
];

/** Both were weighed on the same scale; the plain one was measured before its bath too. */
const plainSwatch = newSwatch("plain", {
  name: "Plain, 5 mm",
  stitches: 26,
  rows: 34,
  by: "Ada",
  date: "2026-10-03",
  asKnit: { widthMm: 99, stitches: 18, heightMm: 97, rows: 25 },
  finished: { widthMm: 101, stitches: 18, heightMm: 99, rows: 25 },
  massG: 13.1,
  scaleStepG: 0.1,
});

const patternSwatch = newSwatch("ropes", {
  name: "Two ropes, 5 mm",
  fabric: ropes("ropes/fabric", { ropes: 2, edge: 4 }),
  stitches: null,
  rows: 30,
  by: "Ada",
  date: "2026-10-04",
  finished: { widthMm: 72, stitches: 18, heightMm: 117, rows: null },
  massG: 11.9,
  scaleStepG: 0.1,
});

export function demoProject(): Project {
  const empty = emptyProject();
  return {
    ...empty,
    name: "Harrow slipover",
    madeFor: "Ada, 94 cm round, 5 cm of ease",
    notes: "Back and front to the shoulders, joined with three needles; bands picked up in the round.",
    demo: true,
    gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "band" },
    needleMm: 5,
    yarns: empty.yarns.map((yarn) => ({
      ...yarn,
      name: "Tarnock Aran, lichen",
      colour: "#7a8b6f",
      bandClass: "aran",
      fibres: "100 % wool",
      plies: 4,
      putUp: { massG: 50, lengthM: 82 },
    })),
    seams: [
      newSeam("sides", {
        times: 2,
        of: { pieceId: "front", side: "side" },
        to: { pieceId: "back", side: "side" },
      }),
    ],
    swatches: [plainSwatch, patternSwatch],
    swap: { keep: "size", candidates },
    order: {
      ...empty.order,
      kits: [{ id: "kit-own", name: "Her size", count: 6, acrossMm: null, alongMm: null }],
    },
    pieces: [back, front, band("neck", "Neckband", 104, 8, 1), band("arm", "Armband", 100, 6, 2)],
    log: demoLog(),
    typed: {
      stitchGauge: "18 st / 10 cm",
      rowGauge: "25 rows / 10 cm",
      putUp: "50 g = 82 m",
    },
  };
}
