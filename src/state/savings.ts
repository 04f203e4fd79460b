/** What leaving parts out would save, reckoned in the worker when the typing rests. */
import { useEffect, useState } from "react";
import type { Leavable } from "@/core/files/project";
import { useProject } from "./projectStore";
import { reckoner } from "./workers";

const SETTLE_MS = 200;

/** Yarn in mm for each part; empty until it has been reckoned. */
export function useSavings(): ReadonlyMap<Leavable, number> {
  const project = useProject();
  const [savings, setSavings] = useState<ReadonlyMap<Leavable, number>>(new Map());
  useEffect(() => {
    let current = true;
    const ask = async () => {
      const found = await reckoner().savingsOf(project);
      if (current) setSavings(found);
    };
    const timer = setTimeout(() => void ask(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [project]);
  return savings;
}
