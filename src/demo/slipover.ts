/** The project that Brenok opens with at first: the cabled back of a slipover, in an invented yarn. */
import { emptyProject, type Project } from "@/core/files/project";

export function demoProject(): Project {
  const empty = emptyProject();
  return {
    ...empty,
    name: "Harrow slipover",
    madeFor: "Ada, 96 cm round",
    notes: "The back, as one cabled rectangle up to the shoulders.",
    demo: true,
    gauge: { stitchesPer10Cm: 18, rowsPer10Cm: 25, source: "measured" },
    needleMm: 5,
    yarns: empty.yarns.map((yarn) => ({
      ...yarn,
      name: "Tarnock Aran, lichen",
      colour: "#7a8b6f",
      bandClass: "aran",
      putUp: { massG: 50, lengthM: 82 },
    })),
    pieces: empty.pieces.map((piece) => ({
      ...piece,
      name: "Back",
      ropeId: "rope-3-3",
      ropes: 9,
      purls: 2,
      edge: 11,
      rows: 150,
      measured: { widthMm: 76, stitches: 18 },
    })),
    typed: {
      stitchGauge: "18 st / 10 cm",
      rowGauge: "25 rows / 10 cm",
      putUp: "50 g = 82 m",
      "measuredWidth piece-1": "7.6 cm",
    },
  };
}
