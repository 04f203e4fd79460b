/** The small demo project: a cabled cap, worked in the round from the rim to the crown. */
import { emptyPiece, emptyProject, type Project } from "@/core/project/project";
import { newSection } from "@/core/project/sections";

export function demoCap(): Project {
  const empty = emptyProject();
  return {
    ...empty,
    name: "Whin cap",
    madeFor: "Bram, 56 cm round",
    notes: "In the round. The crown is decreased in the purls first, then in the ropes.",
    demo: true,
    gauge: { stitchesPer10Cm: 14, rowsPer10Cm: 19.5, source: "band" },
    needleMm: 6.5,
    yarns: empty.yarns.map((yarn) => ({
      ...yarn,
      name: "Oskel Chunky, bracken",
      colour: "#a0683a",
      bandClass: "chunky",
      putUp: { massG: 100, lengthM: 112 },
    })),
    pieces: [
      {
        ...emptyPiece("cap", "Cap"),
        round: true,
        sections: [
          newSection("castOn", "cap/on", { needleMm: 6 }),
          newSection("fabric", "cap/rib", {
            content: "ground",
            ground: "rib2",
            by: "length",
            lengthMm: 50,
            needleMm: 6,
          }),
          newSection("change", "cap/change"),
          newSection("fabric", "cap/ropes", {
            content: "ropes",
            ropeId: "rope-2-2",
            ropes: 16,
            purls: 2,
            edge: 0,
            by: "repeats",
            repeats: 6,
          }),
          newSection("shape", "cap/crown", {
            at: "evenly",
            by: "count",
            to: 12,
            over: "length",
            lengthMm: 60,
          }),
          newSection("castOff", "cap/off", { method: "gathered" }),
        ],
      },
    ],
    typed: { stitchGauge: "14 st / 10 cm", rowGauge: "19.5 rows / 10 cm", putUp: "100 g = 112 m" },
  };
}
