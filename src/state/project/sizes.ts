/** The sizes that a project is looked at in, side by side. */
import { useMemo } from "react";
import type { GradedSize } from "@/core/project/sizes";
import type { SizeCell } from "@/core/swap/sizeTable";
import { useMarkets } from "../buying/swap";
import { useAsked } from "../engine/asked";
import { freshId } from "./freshId";
import { change, useProject } from "./projectStore";

/** Puts sizes in place; one that stands where it stood keeps its name of old. */
export const setSizes = (sizes: readonly Omit<GradedSize, "id">[]) =>
  change("sizes", (draft) => {
    draft.sizes = sizes.map((one, place) => ({ ...one, id: draft.sizes[place]?.id ?? freshId("size") }));
  });

interface SizesTold {
  /** Cells that are known, as far as they are. */
  readonly cells: readonly SizeCell[];
  readonly current: boolean;
  readonly progress: number | null;
  readonly stop: () => void;
}

/** Every size in every yarn of the comparison, each as soon as it is calculated. */
export function useSizeTable(): SizesTold {
  const project = useProject();
  const markets = useMarkets(project);
  const asked = useMemo(() => ({ markets }), [markets]);
  const { told, current, parts, progress, stop } = useAsked(
    "sizeTable",
    project.sizes.length > 0 ? asked : undefined,
  );
  return { cells: current ? (told ?? []) : parts, current, progress, stop };
}
