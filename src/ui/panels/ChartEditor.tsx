"use client";
import { useState, type KeyboardEvent } from "react";
import type { Chart } from "@/core/panels/chart";
import type { Placing, Selection } from "@/core/panels/edit";
import { openGlossary } from "@/state/glossary";
import { reckoner } from "@/state/reckoner";
import { useSettings } from "@/state/settings";
import { ChartView } from "./ChartView";

/** Keys that lay something over the selection. */
const PLACINGS: Readonly<Record<string, { readonly placing: Placing; readonly does: string }>> = {
  k: { placing: "knit", does: "knit" },
  p: { placing: "purl", does: "purl" },
  b: { placing: "bobble", does: "bobble" },
  l: { placing: "crossLeft", does: "cross left" },
  r: { placing: "crossRight", does: "cross right" },
  L: { placing: "crossLeftPurl", does: "cross left over purl" },
  R: { placing: "crossRightPurl", does: "cross right over purl" },
};

interface ChartEditorProps {
  readonly chart: Chart;
  readonly name: string;
  readonly text: string;
  /** Null where the chart is only to be looked at. */
  readonly onText: ((text: string) => void) | null;
  /** False where a row of the text is not on the chart. */
  readonly complete: boolean;
}

/** The chart with a cursor: arrows move, Shift and arrows select, letters place; the text follows. */
export function ChartEditor({ chart, name, text, onText, complete }: ChartEditorProps) {
  const [anchor, setAnchor] = useState(0);
  const [cursor, setCursor] = useState({ row: 1, column: 0 });
  const { naming, words } = useSettings();
  const at = {
    row: Math.min(cursor.row, chart.rows.length),
    column: Math.min(cursor.column, chart.columns - 1),
  };
  const selection: Selection = {
    row: at.row,
    from: Math.min(anchor, at.column),
    to: Math.max(Math.min(anchor, chart.columns - 1), at.column) + 1,
  };
  if (!onText) return <ChartView chart={chart} heightPx={430} label={`Chart of ${name}`} />;

  const go = (row: number, column: number, extend: boolean) => {
    const to = {
      row: Math.max(1, Math.min(chart.rows.length, row)),
      column: Math.max(0, Math.min(chart.columns - 1, column)),
    };
    setCursor(to);
    if (!extend || to.row !== at.row) setAnchor(to.column);
  };
  const place = async (placing: Placing) => {
    onText(await reckoner().editChart(text, selection, placing, { naming, words }));
  };
  const press = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const { key, shiftKey } = event;
    // Columns count from the right, so left is one more.
    const steps: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [0, 1],
      ArrowRight: [0, -1],
      ArrowUp: [1, 0],
      ArrowDown: [-1, 0],
    };
    const step = steps[key];
    const found = PLACINGS[key];
    if (!step && !found) return;
    event.preventDefault();
    event.stopPropagation();
    if (step) go(at.row + step[0], at.column + step[1], shiftKey);
    else if (found) void place(found.placing);
  };
  const { from, to, row } = selection;
  const under = chart.rows[row - 1]?.runs.find(
    ({ column, width }) => column <= at.column && at.column < column + width,
  );
  return (
    <div className="min-w-0">
      <ChartView
        chart={chart}
        heightPx={430}
        label={`Chart of ${name}`}
        selection={selection}
        onKeyDown={press}
        onPick={go}
      />
      <p role="status" className="mt-1 text-sm">
        Row {chart.rows[row - 1]?.number}, {to - from > 1 ? `stitches ${from + 1} to ${to}` : `stitch ${to}`}
        {under && (
          <>
            {": "}
            <button type="button" onClick={() => openGlossary(under.name)} className="text-woad underline">
              {under.name}, {under.words}
            </button>
          </>
        )}
      </p>
      {!complete && (
        <p className="text-sm text-weld">
          A row is not on the chart, since it could not be read. Mend it in the text; then the chart can be
          edited.
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-1.5 text-sm">
        {Object.entries(PLACINGS).map(([key, { placing, does }]) => (
          <button
            key={key}
            type="button"
            disabled={!complete || (placing.startsWith("cross") && to - from < 2)}
            onClick={() => void place(placing)}
            className="rounded-md border border-edge px-2 py-1 disabled:opacity-40"
          >
            {does}{" "}
            <kbd className="font-[inherit] text-xs opacity-80">
              {/[A-Z]/.test(key) ? `Shift ${key}` : key.toUpperCase()}
            </kbd>
          </button>
        ))}
      </div>
    </div>
  );
}
