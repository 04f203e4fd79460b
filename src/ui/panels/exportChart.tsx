/** A chart as a picture to keep: all of it, in light colours, as it is printed. */
import { createRoot } from "react-dom/client";
import { flushSync } from "react-dom";
import type { Chart } from "@/core/panels/chart";
import { fileStem } from "@/core/files/projectFile";
import { download } from "@/ui/parts/download";
import { chartBox, PRINTED_MM, printedMm, RepeatFrame, StitchNumbers } from "./ChartFrame";
import { ChartPatterns } from "./ChartPatterns";
import { MARGIN, RowCrossings, RowGround, RowPlace } from "./ChartRows";

const IDS = "chart";

interface WholeChartProps {
  readonly chart: Chart;
  readonly name: string;
  /** How wide a stitch is on paper. */
  readonly stitchMm: number;
}

function WholeChart({ chart, name, stitchMm }: WholeChartProps) {
  const { cell, right, width, height } = chartBox(chart);
  const printed = printedMm(chart, stitchMm);
  const rows = chart.rows.length;
  const all = { right, cell, from: 0, to: chart.columns };
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${printed.width.toFixed(2)}mm`}
      height={`${printed.height.toFixed(2)}mm`}
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

/** The colours of the page when it is light: a dark picture would be printed in a pool of ink. */
function lightColours(names: ReadonlySet<string>): ReadonlyMap<string, string> {
  const page = document.documentElement;
  const { theme } = page.dataset;
  // It is turned back before it is drawn again: nobody sees it.
  page.dataset.theme = "light";
  const look = getComputedStyle(page);
  const colours = new Map([...names].map((name) => [name, look.getPropertyValue(name).trim()]));
  if (theme) page.dataset.theme = theme;
  else delete page.dataset.theme;
  return colours;
}

const COLOUR = /var\((--[\w-]+)\)/g;

/** The chart as a picture that stands by itself: colours of the page are written in, since it leaves the page. */
function chartSvg(chart: Chart, name: string, stitchMm: number): string {
  const place = document.createElement("div");
  const root = createRoot(place);
  flushSync(() => root.render(<WholeChart {...{ chart, name, stitchMm }} />));
  const drawn = place.innerHTML;
  root.unmount();
  const colours = lightColours(new Set([...drawn.matchAll(COLOUR)].map(([, name = ""]) => name)));
  return drawn.replaceAll(COLOUR, (_, name: string) => colours.get(name) ?? "");
}

const nameOf = (name: string, ending: string) => `${fileStem(name) || "chart"}-chart.${ending}`;

export function keepChartSvg(chart: Chart, name: string, stitchMm: number) {
  download(nameOf(name, "svg"), new Blob([chartSvg(chart, name, stitchMm)], { type: "image/svg+xml" }));
}

/** Pixels to an inch and to a millimetre of paper; no side longer than browsers can draw. */
export const PX_PER_INCH = 300;
const PX_PER_MM = PX_PER_INCH / 25.4;
const LONGEST_PX = 8000;

/** A chart as pixels. Rejects where the browser cannot draw it. */
export async function chartPng(
  chart: Chart,
  name: string,
  stitchMm: number = PRINTED_MM.usual,
): Promise<Blob> {
  const { width, height } = printedMm(chart, stitchMm);
  const scale = Math.min(PX_PER_MM, LONGEST_PX / Math.max(width, height));
  const picture = new Image();
  const address = URL.createObjectURL(new Blob([chartSvg(chart, name, stitchMm)], { type: "image/svg+xml" }));
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

export const keepChartPng = async (chart: Chart, name: string, stitchMm: number) =>
  download(nameOf(name, "png"), await chartPng(chart, name, stitchMm));
