"use client";
import { useId, useState } from "react";
import type { ChartInSigns } from "@/core/signs/readSigns";
import { useToldOf } from "@/state/engine/toldOf";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";
import { useSignLinks } from "@/state/keeping/signLinks";
import { PATTERN_FILES } from "./patternFile";
import { OpeningBar, useOpening } from "./useOpening";
import { Button } from "@/ui/parts/Button";
import { FileButton } from "@/ui/parts/FileButton";
import { Sheet } from "@/ui/parts/Sheet";
import type { DrawnChart } from "@/workers/reader.worker";
import { ChartSigns } from "./ChartSigns";
import { ChartView } from "@/ui/panels/ChartView";

const EXAMPLE = `4  - - v v v v - -
   - - A A A A - -  3
2  - - v v v v - -
   - - v v v v - -  1
v = knit, - = purl, A = 2/2 LC`;

interface SignsSheetProps {
  /** A text that looked like a chart. */
  readonly text?: string;
  readonly onClose: () => void;
  readonly onMade: (name: string, rows: string) => void;
}

/** A chart drawn in letters and signs, typed, pasted or out of a file, beside the chart that it is read as. */
export function SignsSheet({ text: given = "", onClose, onMade }: SignsSheetProps) {
  const id = useId();
  const [text, setText] = useState(given);
  const { opening, take } = useOpening(setText);
  const { links, between } = useSignLinks();
  const { naming, words } = useSettings();
  const key = JSON.stringify([text, links, between, naming, words]);
  const heard = useToldOf(
    key,
    text.trim() === ""
      ? null
      : () => reader().readCharts(text, { links, between, wording: { naming, words } }),
    120,
  );
  const charts = text.trim() === "" ? null : (heard?.told ?? null);
  return (
    <Sheet open onOpenChange={(isOpen) => !isOpen && onClose()} title="A chart in letters and signs" wide>
      <div className="mt-3 grid items-start gap-4 md:grid-cols-2">
        <div>
          <label htmlFor={id} className="text-sm">
            Paste the chart as it stands, with its key: one sign for each stitch, row 1 at the bottom, each
            row as it shows on the right side.
          </label>
          <textarea
            id={id}
            value={text}
            onChange={({ target }) => setText(target.value)}
            placeholder={EXAMPLE}
            rows={12}
            spellCheck={false}
            wrap="off"
            className="mt-1 block w-full overflow-auto rounded-lg border border-edge bg-paper px-2.5 py-1.5 font-mono text-base leading-snug whitespace-pre"
          />
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <FileButton label="File of a chart" accept={PATTERN_FILES} onFile={(file) => void take(file)}>
              Open a file
            </FileButton>
            {text === "" && (
              <Button look="link" onClick={() => setText(EXAMPLE)}>
                Show me one
              </Button>
            )}
          </div>
          <OpeningBar opening={opening} />
        </div>
        <div aria-live="polite" className="grid min-w-0 gap-4">
          {charts === null && <p className="text-faint">What it is read as stands here.</p>}
          {charts?.length === 0 && (
            <p className="text-madder">
              No chart is found in this text: its rows have to stand one above the other, each with as many
              signs as the others.
            </p>
          )}
          {charts?.map((drawn, index) => (
            <Found
              key={index}
              drawn={drawn}
              name={charts.length > 1 ? `Chart ${index + 1}` : "Chart"}
              onMade={onMade}
            />
          ))}
        </div>
      </div>
    </Sheet>
  );
}

interface FoundProps {
  readonly drawn: DrawnChart;
  readonly name: string;
  readonly onMade: SignsSheetProps["onMade"];
}

/** One chart of the text: what is still to be said of it, and how it is read. */
function Found({ drawn: { signs, study }, name, onMade }: FoundProps) {
  const open = signs.signs.filter(({ from }) => from === null).length;
  return (
    <section aria-label={name}>
      <h3 className="font-semibold">
        {name}, {tellSize(signs)}
      </h3>
      <div className="mt-1.5">
        <ChartSigns chart={signs} />
      </div>
      {signs.rows === null ? (
        <p className="mt-2 text-sm">
          {open > 0 ? "It is drawn as soon as each sign has its stitch." : "It is not read yet."}
        </p>
      ) : (
        <>
          {study?.chart && (
            <div className="mt-2 overflow-x-auto">
              <ChartView chart={study.chart} heightPx={260} label={`${name} as it is read`} />
            </div>
          )}
          <p className="mt-1 text-sm text-faint">
            Read {signs.round ? "in the round" : "flat"}, from the bottom up
            {study?.castOn ? `, on ${study.castOn} stitches` : ""}.
          </p>
          <Button look="main" className="mt-2" onClick={() => onMade(name, signs.rows ?? "")}>
            Take it as a panel
          </Button>
        </>
      )}
    </section>
  );
}

const tellSize = ({ columns, height }: ChartInSigns) => `${columns} × ${height}`;
