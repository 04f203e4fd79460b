/** What sections are called and told by, in the words that the knitter is used to. */
import type { SeenSection } from "@/core/engine/seen";
import { countOf } from "@/core/words/things";
import { CAST_OFFS, CAST_ONS } from "@/core/project/edgeKinds";
import type { ProjectSection, SectionKind, SectionOf } from "@/core/project/sections";
import { GROUNDS } from "@/core/panels/grounds";
import { ropeOf } from "@/core/panels/ropes";
import type { Wording } from "@/core/stitches/wording";

type Words = Wording["words"];

/** What a kind of section is called, and how one of it is told where that says more than its name. */
interface KindWords<Kind extends SectionKind> {
  readonly us: string;
  readonly uk?: string;
  readonly tell?: (section: SectionOf<Kind>, words: Words) => string;
}

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
  return `${countOf(ropes, "rope")}, ${half} over ${half}`;
}

/** In the order in which they are offered. */
const KINDS: { readonly [Kind in SectionKind]: KindWords<Kind> } = {
  fabric: {
    us: "Fabric",
    tell: (section, words) => {
      if (section.content === "ground") return groundName(section.ground, words);
      if (section.content === "ropes") return ropesName(section);
      return section.content === "panels" ? "A row of panels" : "Continue in pattern";
    },
  },
  change: { us: "Increase or decrease row" },
  shape: {
    us: "Shaping over rows",
    tell: ({ way, at }) => `${way === "decrease" ? "Decrease" : "Increase"}, ${EDGE_WORDS[at]}`,
  },
  written: { us: "Rows as written" },
  asked: { us: "All that the pattern asks for" },
  castOffAt: {
    us: "Bind off or hold at an edge",
    uk: "Cast off or hold at an edge",
    tell: ({ goes, stitches, at }, words) =>
      `${goes === "hold" ? "Hold" : words === "UK" ? "Cast off" : "Bind off"} ${stitches} at ${EDGE_WORDS[at]}`,
  },
  shortRows: { us: "Short rows" },
  divide: { us: "Divide in two" },
  join: { us: "Join the two" },
  hold: { us: "Leave on hold" },
  pickUp: { us: "Pick up along an edge" },
  hem: {
    us: "Hem",
    tell: ({ folded }) => (folded ? "Hem, folded and sewn" : "Hem, not folded"),
  },
  castOn: {
    us: "Cast on",
    tell: ({ method }) => `Cast on, ${CAST_ONS[method].name.toLowerCase()}`,
  },
  castOff: {
    us: "Bind off",
    uk: "Cast off",
    tell: ({ method }, words) =>
      `${words === "UK" ? "Cast off" : "Bind off"}, ${CAST_OFFS[method].name.toLowerCase()}`,
  },
};

/** A kind of section with its own row of the table. */
const kindOf = <Kind extends SectionKind>({ kind }: { readonly kind: Kind }): KindWords<Kind> =>
  KINDS[kind] as KindWords<Kind>;

const kindName = ({ us, uk }: { readonly us: string; readonly uk?: string }, words: Words) =>
  (words === "UK" && uk) || us;

/** Kinds that can be added, by name; what a pattern asks for stands for all of it, and alone. */
export const sectionKinds = (
  words: Words,
): readonly { readonly kind: SectionKind; readonly name: string }[] =>
  Object.entries(KINDS).flatMap(([kind, told]) =>
    kind === "asked" ? [] : [{ kind: kind as SectionKind, name: kindName(told, words) }],
  );

/** The name of a section. Example: a ground is called by its stitch, "Rib, k2 p2". */
export function sectionName(section: ProjectSection, words: Words): string {
  const told = kindOf(section);
  return told.tell?.(section as never, words) ?? kindName(told, words);
}

/** Rows and stitches. Example: "19 rows, 98 st", or "98 → 116 st" where they change; twice for two sides. */
export function tellWorked(worked: readonly SeenSection[]): string {
  const [first] = worked;
  if (!first) return "left out";
  const { from, to, rows } = first;
  const stitches = from === to || from === 0 ? `${to} st` : to === 0 ? `${from} st` : `${from} → ${to} st`;
  const all = rows > 0 ? `${countOf(rows, "row")}, ${stitches}` : stitches;
  return worked.length > 1 ? `2 × ${all}` : all;
}
