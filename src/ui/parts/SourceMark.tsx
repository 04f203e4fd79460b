import type { FigureSource } from "@/core/reasons/expression";

const MARKS: { readonly [From in FigureSource]: { readonly words: string; readonly look: string } } = {
  measured: { words: "measured", look: "border-moss text-moss border-solid" },
  band: { words: "from the band", look: "border-woad text-woad border-solid" },
  computed: { words: "computed", look: "border-woad text-woad border-dashed" },
  counted: { words: "yours", look: "border-ink text-ink border-solid" },
  listed: { words: "as listed", look: "border-ink text-ink border-dotted" },
  constant: { words: "fixed", look: "border-faint text-faint border-dotted" },
  assumed: { words: "assumed", look: "border-weld text-weld border-dashed" },
};

/** Where a figure comes from, wherever a figure is told. */
export function SourceMark({ source }: { readonly source: FigureSource }) {
  const { words, look } = MARKS[source];
  return <span className={`rounded-full border px-1.5 text-xs whitespace-nowrap ${look}`}>{words}</span>;
}
