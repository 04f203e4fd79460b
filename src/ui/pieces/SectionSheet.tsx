"use client";
import { countOf } from "@/core/words/things";
import { useMemo } from "react";
import { MOST_CHARTED } from "@/core/garment/sectionRows";
import { useAsked } from "@/state/engine/asked";
import { useSettings } from "@/state/keeping/settings";
import { ChartView } from "@/ui/panels/ChartView";
import { Sheet } from "@/ui/parts/Sheet";

interface SectionSheetProps {
  readonly pieceId: string;
  readonly sectionId: string;
  readonly name: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

const SIDES = { whole: "", first: "First side: ", second: "Second side: " } as const;
const CHART_PX = 300;

/** Every row of a section, as a chart and as text that can be copied. */
export function SectionSheet({ pieceId, sectionId, name, open, onOpenChange }: SectionSheetProps) {
  const { naming, words } = useSettings();
  const { told: sides } = useAsked(
    "rows",
    useMemo(() => ({ pieceId, sectionId, style: { naming, words } }), [pieceId, sectionId, naming, words]),
  );
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={name} wide>
      {!sides && (
        <p role="status" className="mt-3">
          Writing the rows …
        </p>
      )}
      {sides?.map(({ side, rows, text, chart }) => (
        <div key={side} className="mt-3 grid gap-2">
          <p className="text-sm text-faint">
            {SIDES[side]}
            {countOf(rows, "row")}
            {rows > MOST_CHARTED && `; the chart shows the first ${MOST_CHARTED}`}
          </p>
          <ChartView chart={chart} heightPx={CHART_PX} label={`Chart of ${name}, ${side}`} />
          <pre
            aria-label={`Rows of ${name}, ${side}`}
            tabIndex={0}
            className="max-h-72 overflow-auto rounded-lg border border-line bg-paper p-3 font-text text-sm whitespace-pre-wrap"
          >
            {text}
          </pre>
        </div>
      ))}
    </Sheet>
  );
}
