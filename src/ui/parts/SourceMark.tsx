import type { Source } from "@/core/garment/projectGauge";

/** Computed: it follows from the model, and a swatch would replace it. */
type Told = Source | "computed";

const MARKS: { readonly [From in Told]: { readonly words: string; readonly look: string } } = {
  measured: { words: "measured", look: "border-moss text-moss border-solid" },
  band: { words: "from the band", look: "border-woad text-woad border-solid" },
  computed: { words: "computed", look: "border-woad text-woad border-dashed" },
  assumed: { words: "assumed", look: "border-weld text-weld border-dashed" },
};

/** Where a figure comes from, wherever a figure is told. */
export function SourceMark({ source }: { readonly source: Told }) {
  const { words, look } = MARKS[source];
  return <span className={`rounded-full border px-1.5 text-xs whitespace-nowrap ${look}`}>{words}</span>;
}
