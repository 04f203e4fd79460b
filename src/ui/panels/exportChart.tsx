/** A chart as a picture to keep: all of it, in the colours of the page. */
import { createRoot } from "react-dom/client";
import { flushSync } from "react-dom";
import type { Chart } from "@/core/panels/chart";
import { fileStem } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import { chartBox, RepeatFrame, StitchNumbers } from "./ChartFrame";
import { ChartPatterns } from "./ChartPatterns";
import { MARGIN, RowCrossings, RowGround, RowPlace } from "./ChartRows";

const IDS = "chart";

function WholeChart({ chart, name }: { readonly chart: Chart; readonly name: string }) {
  const { cell, right, width, height } = chartBox(chart);
  const rows = chart.rows.length;
  const all = { right, cell, from: 0, to: chart.columns };
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      fontFamily="sans-serif"
    >
      <title>{name}</title>
      <rect width={width} height={height} fill="var(--card)" />
      <ChartPatterns ids={IDS} cell={cell} left={MARGIN} />
      {chart.rows.map((row) => (
        <RowPlace key={row.place} row={row} rows={rows} cell={cell}>
          <RowGround row={row} {...all} ids={IDS} />
        </RowPlace>
      ))}
      {chart.rows.map((row) => (
        <RowPlace key={row.place} row={row} rows={rows} cell={cell}>
          <RowCrossings row={row} {...all} />
        </RowPlace>
      ))}
      <StitchNumbers columns={chart.columns} y={rows * cell.height} cell={cell} />
      {chart.repeat && <RepeatFrame repeat={chart.repeat} {...{ right, rows, cell }} />}
    </svg>
  );
}

/** The chart as a picture that stands by itself: colours of the page are written in, since it leaves the page. */
function chartSvg(chart: Chart, name: string): string {
  const place = document.createElement("div");
  const root = createRoot(place);
  flushSync(() => root.render(<WholeChart chart={chart} name={name} />));
  const drawn = place.innerHTML;
  root.unmount();
  const look = getComputedStyle(document.documentElement);
  return drawn.replaceAll(/var\((--[\w-]+)\)/g, (_, colour: string) => look.getPropertyValue(colour).trim());
}

const nameOf = (name: string, ending: string) => `${fileStem(name) || "chart"}-chart.${ending}`;

export function keepChartSvg(chart: Chart, name: string) {
  download(nameOf(name, "svg"), new Blob([chartSvg(chart, name)], { type: "image/svg+xml" }));
}

/** Sharp enough to be printed; no side longer than browsers can draw. */
const SHARPNESS = 2;
const LONGEST_PX = 8000;

/** A chart as pixels. Rejects where the browser cannot draw it. */
export async function chartPng(chart: Chart, name: string): Promise<Blob> {
  const { width, height } = chartBox(chart);
  const scale = Math.min(SHARPNESS, LONGEST_PX / Math.max(width, height));
  const picture = new Image();
  const address = URL.createObjectURL(new Blob([chartSvg(chart, name)], { type: "image/svg+xml" }));
  try {
    picture.src = address;
    await picture.decode();
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [Math.round(width * scale), Math.round(height * scale)];
    canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((resolve) => {
      canvas.toBlob(resolve, "image/png");
    });
    if (!blob) throw new Error("The browser cannot draw this chart.");
    return blob;
  } finally {
    URL.revokeObjectURL(address);
  }
}

export const keepChartPng = async (chart: Chart, name: string) =>
  download(nameOf(name, "png"), await chartPng(chart, name));
