/** What is being explained: how a crossing is worked, or how something else is done. Not part of the project. */
import { create } from "zustand";
import type { Crossing } from "@/core/stitches/crossings";
import type { TechniqueId } from "@/core/words/english/techniques";

/** Columns of a row, from the right, counted from 1. */
export interface Columns {
  readonly from: number;
  readonly to: number;
}

export type Asked =
  { readonly crossing: Crossing; readonly columns?: Columns } | { readonly technique: TechniqueId };

export const useHow = create<{ readonly asked: Asked | null }>()(() => ({ asked: null }));

export const explain = (asked: Asked | null) => useHow.setState({ asked });
