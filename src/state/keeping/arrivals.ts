/** A project that has come from elsewhere in another state than the open one: the knitter is asked which is to stand. */
import { create } from "zustand";
import type { Project } from "@/core/project/project";
import type { DifferingPart } from "./differing";
import { replace, useProjectStore } from "../project/projectStore";

interface Arrival {
  /** A project that is open here already in another state; null where nobody need be asked. */
  readonly arrived: Project | null;
  readonly differs: readonly DifferingPart[];
}

export const useArrival = create<Arrival>()(() => ({ arrived: null, differs: [] }));

/** The knitter has chosen: what arrived stands in place of what was here, or what is here stays. Rows stay in any case. */
export function settleArrival(which: "here" | "arrived") {
  const { arrived } = useArrival.getState();
  const { project: here } = useProjectStore.getState();
  if (arrived && which === "arrived") {
    void import("./states").then(({ setDown }) => setDown(here, Date.now())).catch(() => {});
    replace("open", { ...arrived, log: here.log });
  }
  useArrival.setState({ arrived: null, differs: [] });
}
