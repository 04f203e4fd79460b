"use client";
import { Button } from "@/ui/parts/Button";
import { useRef, useState, type KeyboardEvent } from "react";
import type { ChartAct } from "@/core/instructions/editChart";
import type { Chart, ChartRow } from "@/core/panels/chart";
import type { Selection } from "@/core/panels/edit";
import { crossingMeant } from "@/core/stitches/crossingNames";
import { openGlossary } from "@/state/chosen/glossary";
import { explain } from "@/state/chosen/how";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";
import { ACTS, PLACINGS } from "./chartKeys";
import { ChartView } from "./ChartView";
import { EditButton } from "./EditButton";
import { StitchPalette } from "./StitchPalette";

interface ChartEditorProps {
  readonly chart: Chart;
  readonly name: string;
  readonly text: string;
  /** Null where the chart is only to be looked at. */
  readonly onText: ((text: string) => void) | null;
  /** False where a row of the text is not on the chart. */
  readonly complete: boolean;
}

/** Crossings over all that is selected have buttons of their own beside the stitches. */
const CROSSED = Object.fromEntries(Object.entries(PLACINGS).filter(([, { id }]) => id === undefined));

/** What stands under the cursor: a crossing with its steps, anything else in the glossary. */
function explainRun({ name }: ChartRow["runs"][number]) {
  const crossing = crossingMeant(name);
  if (crossing) explain({ crossing });
  else openGlossary(name);
}

/** The chart with a cursor: arrows move, Shift and arrows select, letters place; the text follows. */
export function ChartEditor({ chart, name, text, onText, complete }: ChartEditorProps) {
  const [anchor, setAnchor] = useState(0);
  const [cursor, setCursor] = useState({ row: 1, column: 0 });
  const { naming, words } = useSettings();
  const copied = useRef("");
  const search = useRef<HTMLInputElement>(null);
  const view = useRef<HTMLDivElement>(null);
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
  const act = async (what: ChartAct) => {
    onText(await reader().editChart(text, selection, what, { naming, words }));
  };
  const copy = async () => {
    copied.current = await reader().copyFromChart(text, selection, { naming, words });
  };
  const paste = () => act({ type: "paste", copied: copied.current });
  const press = (event: KeyboardEvent) => {
    const { key, shiftKey } = event;
    if (event.ctrlKey || event.metaKey || event.altKey) {
      if (key === "c") void copy();
      else if (key === "v") void paste();
      return;
    }
    // Columns count from the right, so left is one more.
    const steps: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [0, 1],
      ArrowRight: [0, -1],
      ArrowUp: [1, 0],
      ArrowDown: [-1, 0],
    };
    const step = steps[key];
    const placed = PLACINGS[key];
    const done = ACTS.find((one) => one.key === key);
    if (key === "/") {
      event.preventDefault();
      search.current?.focus();
      return;
    }
    if (!step && !placed && !done) return;
    event.preventDefault();
    event.stopPropagation();
    if (step) go(at.row + step[0], at.column + step[1], shiftKey);
    else if (placed) void act({ type: "place", placing: placed.placing });
    else if (done) void act({ type: done.type });
  };
  const { from, to, row } = selection;
  const under = chart.rows[row - 1]?.runs.find(
    ({ column, width }) => column <= at.column && at.column < column + width,
  );
  return (
    <div ref={view} className="min-w-0">
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
            <Button onClick={() => explainRun(under)} look="link">
              {under.name}, {under.words}
            </Button>
          </>
        )}
      </p>
      {!complete && (
        <p className="text-sm text-weld">
          A row is not on the chart, since it could not be read. Fix it in the text; then the chart can be
          edited.
        </p>
      )}
      <StitchPalette
        wording={{ naming, words }}
        disabled={!complete}
        onPlace={(id) => void act({ type: "stitch", id })}
        search={search}
        onLeave={() => view.current?.querySelector<HTMLElement>("[role=region]")?.focus()}
      />
      <div className="mt-2 flex flex-wrap gap-1.5 text-sm">
        {Object.entries(CROSSED).map(([key, { placing, does }]) => (
          <EditButton
            key={key}
            does={does}
            shortcut={/[A-Z]/.test(key) ? `Shift ${key}` : key.toUpperCase()}
            disabled={!complete || to - from < 2}
            onClick={() => act({ type: "place", placing })}
          />
        ))}
        {ACTS.map(({ type, does, key }) => (
          <EditButton
            key={type}
            does={does}
            shortcut={key}
            disabled={!complete}
            onClick={() => act({ type })}
          />
        ))}
        <EditButton does="copy" shortcut="Ctrl C" disabled={false} onClick={copy} />
        <EditButton does="paste" shortcut="Ctrl V" disabled={!complete} onClick={paste} />
      </div>
    </div>
  );
}
