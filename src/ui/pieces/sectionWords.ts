/** What sections are called and told by, in the words that the knitter is used to. */
import { CAST_OFFS, CAST_ONS } from "@/core/estimate/edges";
import type { ProjectSection, SectionKind, SectionOf } from "@/core/files/sections";
import { GROUNDS } from "@/core/panels/grounds";
import { ropeOf } from "@/core/panels/ropes";
import type { Wording } from "@/core/stitches/wording";

type Words = Wording["words"];

/** Kinds in the order in which they are offered. */
export const SECTION_KINDS: readonly {
  readonly kind: SectionKind;
  readonly us: string;
  readonly uk?: string;
}[] = [
  { kind: "fabric", us: "Fabric" },
  { kind: "change", us: "Row to another count" },
  { kind: "shape", us: "Shaping over rows" },
  { kind: "written", us: "Rows as written" },
  { kind: "castOffAt", us: "Bind off or hold at an edge", uk: "Cast off or hold at an edge" },
  { kind: "shortRows", us: "Short rows" },
  { kind: "divide", us: "Divide in two" },
  { kind: "join", us: "Join the two" },
  { kind: "hold", us: "Leave on hold" },
  { kind: "pickUp", us: "Pick up along an edge" },
  { kind: "hem", us: "Hem" },
  { kind: "castOn", us: "Cast on" },
  { kind: "castOff", us: "Bind off", uk: "Cast off" },
];

export const groundName = (id: keyof typeof GROUNDS, words: Words) => {
  const ground: { readonly name: string; readonly uk?: string } = GROUNDS[id];
  return words === "UK" ? (ground.uk ?? ground.name) : ground.name;
};

const EDGE_WORDS = {
  edges: "both edges",
  outer: "the outer edge",
  inner: "the inner edge",
  evenly: "evenly",
} as const;

function ropesName({ ropes, ropeId }: SectionOf<"fabric">) {
  const { half } = ropeOf(ropeId);
  return `${ropes} ${ropes === 1 ? "rope" : "ropes"}, ${half} over ${half}`;
}

/** The name of a section. Example: a ground is called by its stitch, "Rib, k2 p2". */
export function sectionName(section: ProjectSection, words: Words): string {
  switch (section.kind) {
    case "fabric":
      if (section.content === "ground") return groundName(section.ground, words);
      if (section.content === "ropes") return ropesName(section);
      return section.content === "panels" ? "A row of panels" : "On as before";
    case "castOn":
      return `Cast on, ${CAST_ONS[section.method].name.toLowerCase()}`;
    case "castOff":
      return `${words === "UK" ? "Cast off" : "Bind off"}, ${CAST_OFFS[section.method].name.toLowerCase()}`;
    case "shape":
      return `${section.way === "decrease" ? "Decrease" : "Increase"}, ${EDGE_WORDS[section.at]}`;
    case "castOffAt":
      return `${section.goes === "hold" ? "Hold" : words === "UK" ? "Cast off" : "Bind off"} ${section.stitches} at ${EDGE_WORDS[section.at]}`;
    case "hem":
      return section.folded ? "Hem, folded and sewn" : "Hem, not folded";
    default: {
      const kind = SECTION_KINDS.find((one) => one.kind === section.kind);
      return (words === "UK" && kind?.uk) || kind?.us || "";
    }
  }
}
