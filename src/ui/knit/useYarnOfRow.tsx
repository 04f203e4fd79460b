"use client";
import { useState, type ReactNode } from "react";
import type { KnitRow } from "@/core/knitting/knitRows";
import { useProject } from "@/state/project/projectStore";
import { Select } from "@/ui/parts/Select";

/** Which yarn is meant: that of the row in hand, unless another is chosen; nothing is asked where there is but one. */
export function useYarnOfRow(row: KnitRow | null): { readonly yarnId: string; readonly choice: ReactNode } {
  const { yarns } = useProject();
  const [yarnId, setYarnId] = useState(row?.yarnIds[0] ?? yarns[0]?.id ?? "");
  const choice = yarns.length > 1 && (
    <Select
      label="Yarn"
      options={yarns.map(({ id, name }) => ({ value: id, label: name }))}
      value={yarnId}
      onChange={setYarnId}
    />
  );
  return { yarnId, choice };
}
