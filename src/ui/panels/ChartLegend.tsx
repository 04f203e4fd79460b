import { signsOf, type Chart } from "@/core/panels/chart";
import { ChartSign } from "./ChartSign";

/** What the signs of a chart mean: those that occur, and no others. */
export function ChartLegend({ chart }: { readonly chart: Chart }) {
  return (
    <ul aria-label="Signs of this chart" className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
      {signsOf(chart).map((run) => (
        <li key={run.name} className="flex items-center gap-1.5">
          <ChartSign run={run} />
          <strong>{run.name}</strong> <span className="text-faint">{run.words}</span>
        </li>
      ))}
    </ul>
  );
}
