/** Which row of the piece is pointed at, on the strand or in the drawing. Not part of the project. */
import { create } from "zustand";

interface HoveredRow {
  readonly row: number | null;
}

export const useHoveredRow = create<HoveredRow>()(() => ({ row: null }));
export const hoverRow = (row: number | null) => useHoveredRow.setState({ row });
