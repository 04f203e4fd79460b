/** Which row of the piece is pointed at, on the strand or in the drawing. Not part of the project. */
import { create } from "zustand";

interface Pointer {
  readonly row: number | null;
}

export const usePointer = create<Pointer>()(() => ({ row: null }));
export const pointAt = (row: number | null) => usePointer.setState({ row });
