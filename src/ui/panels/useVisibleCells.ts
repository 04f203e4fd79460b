import { useEffect, useRef, useState, type RefObject } from "react";
import type { Cell } from "./ChartPatterns";

/** Rows and columns drawn around what is in sight; the window moves on in steps of as many. */
const SPARE = 8;

/** Rows from the top, columns from the right: the first of each in sight and how many. */
interface Sight {
  readonly row: number;
  readonly rows: number;
  readonly column: number;
  readonly columns: number;
}

/** Which cells of a scrolling chart are in sight; `right` is where the first column begins. */
export function useVisibleCells(cell: Cell, right: number) {
  const place = useRef<HTMLDivElement>(null);
  const [sight, setSight] = useState<Sight>({ row: 0, rows: 4 * SPARE, column: 0, columns: 4 * SPARE });
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const step = (pixels: number, size: number) => Math.floor(pixels / size / SPARE) * SPARE;
    const look = () => {
      const next = {
        row: step(element.scrollTop, cell.height) - SPARE,
        rows: step(element.clientHeight, cell.height) + 4 * SPARE,
        column: step(right - element.scrollLeft - element.clientWidth, cell.width) - SPARE,
        columns: step(element.clientWidth, cell.width) + 4 * SPARE,
      };
      setSight((former) => (JSON.stringify(former) === JSON.stringify(next) ? former : next));
    };
    const sized = new ResizeObserver(look);
    sized.observe(element);
    element.addEventListener("scroll", look, { passive: true });
    return () => {
      sized.disconnect();
      element.removeEventListener("scroll", look);
    };
  }, [cell, right]);
  return { place, sight };
}

/** Keeps a cell of a scrolling chart in sight: the first one at the start, then the one that is given. */
export function useCellInSight(
  place: RefObject<HTMLDivElement | null>,
  { left, top, cell }: { readonly left: number; readonly top: number; readonly cell: Cell },
) {
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const near = (start: number, shown: number, at: number, size: number) =>
      Math.max(at + 2 * size - shown, Math.min(start, at - size));
    element.scrollTo(
      near(element.scrollLeft, element.clientWidth, left, cell.width),
      near(element.scrollTop, element.clientHeight, top, cell.height),
    );
  }, [place, left, top, cell]);
}
