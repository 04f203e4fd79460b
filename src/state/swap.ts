/** Substitutes beside the pattern's yarn: put there, changed, compared, and taken up. */
import { freshId } from "./freshId";
import { proxy } from "comlink";
import { useCallback, useEffect, useMemo, useState } from "react";
import type { Draft } from "immer";
import { candidateSchema, MOST_CANDIDATES, type Candidate, type Keep } from "@/core/files/candidates";
import type { Project } from "@/core/files/project";
import type { Market } from "@/core/order/market";
import { gather } from "@/core/swap/gather";
import { candidateMarkets } from "@/core/swap/markets";
import type { Outcome } from "@/core/swap/outcome";
import type { Ranked } from "@/core/swap/rank";
import { takenUp } from "@/core/swap/takeUp";
import type { Side } from "@/core/swap/sideBySide";
import { nextJob, useJob, type Job } from "./jobs";
import { change, replace, useProject, useProjectStore, useShelf } from "./projectStore";
import { useSettings } from "./settings";
import { useShop } from "./shop";
import { reckoner } from "./workers";

const newId = () => freshId("candidate");

export const keepInSwap = (keep: Keep) =>
  change("keep", (draft) => {
    draft.swap.keep = keep;
  });

/** Puts a candidate beside the others; gives its id, or null where there is no room. */
export function addCandidate(given: Partial<Candidate>): string | null {
  if (useProjectStore.getState().project.swap.candidates.length >= MOST_CANDIDATES) return null;
  const id = newId();
  const label = { name: "", colour: "#8a7b5c", putUp: null };
  const candidate = candidateSchema.parse({ label, ...given, id });
  change("add candidate", (draft) => {
    draft.swap.candidates.push(candidate);
  });
  return id;
}

export function editCandidate(id: string, what: string, recipe: (candidate: Draft<Candidate>) => void) {
  change(`candidate ${what} ${id}`, (draft) => {
    const candidate = draft.swap.candidates.find((one) => one.id === id);
    if (candidate) recipe(candidate);
  });
}

/** Takes a candidate out; its swatches stay in the file, and speak again when it is put back by undo. */
export const removeCandidate = (id: string) =>
  change("remove candidate", (draft) => {
    draft.swap.candidates = draft.swap.candidates.filter((one) => one.id !== id);
  });

type OwnYarn = Pick<Project["yarns"][number], "name" | "colour" | "fibres" | "plies" | "dyed">;

/** What is said of the pattern's own yarn. */
export const editOwnYarn = (part: Partial<OwnYarn>) =>
  change(`own yarn ${Object.keys(part).join()}`, (draft) => {
    Object.assign(draft.yarns[0] ?? {}, part);
  });

/** The project is knitted in this yarn from now on, and the former one stands beside it. */
export function takeUp({ id, project: so }: Outcome) {
  const { project } = useProjectStore.getState();
  replace("take up substitute", takenUp(project, so, { candidateId: id, formerId: newId() }));
}

/** What a comparison stands on; a change of anything else leaves it. */
const BASIS = [
  "yarns",
  "pieces",
  "gauge",
  "needleMm",
  "size",
  "swatchMm",
  "seams",
  "extras",
  "join",
  "panels",
  "swatches",
  "school",
  "without",
  "certainty",
  "swap",
] as const;

/** Where all yarns of the comparison can be had; the same as long as nothing in it changes. */
function useMarkets({ name, yarns, swap, order }: Project): Readonly<Record<string, Market>> {
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  return useMemo(
    () => candidateMarkets({ name, yarns, swap, order }, { entries, shop }),
    [name, yarns, swap, order, entries, shop],
  );
}

const SETTLE_MS = 250;

export interface Sides {
  readonly sides: readonly Side[];
  /** Whether some are still being reckoned. */
  readonly reckoning: boolean;
}

/** All columns of the comparison, each as soon as it is reckoned; the former ones stand until then. */
export function useSides(): Sides {
  const project = useProject();
  const markets = useMarkets(project);
  const pace = useSettings((settings) => settings.pace);
  const [told, setTold] = useState<Sides>({ sides: [], reckoning: true });
  const basis = useStable(BASIS.map((part) => project[part]));
  useEffect(() => {
    const job = nextJob();
    let current = true;
    const fresh: Side[] = [];
    const onSide = (side: Side) => {
      if (!current) return;
      fresh.push(side);
      setTold(({ sides }) => ({ reckoning: true, sides: merged(sides, fresh, project) }));
    };
    const ask = async () => {
      setTold(({ sides }) => ({ sides, reckoning: true }));
      const sides = await reckoner().compareCandidates(job, project, { markets, pace }, proxy(onSide));
      if (!current || !sides) return;
      // Columns told one by one may come behind the last word: by then nobody listens.
      current = false;
      setTold({ sides, reckoning: false });
    };
    const timer = setTimeout(() => void ask(), SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
      void reckoner().stopJob(job);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the basis holds all of the project that is compared
  }, [basis, markets, pace]);
  return told;
}

const idOf = ({ compared }: Side) => (compared.ok ? compared.outcome.id : compared.id);

/** Fresh columns in place of the former ones, those of candidates that are gone left out. */
function merged(former: readonly Side[], fresh: readonly Side[], { yarns, swap }: Project): readonly Side[] {
  const order = [yarns[0]?.id ?? "", ...swap.candidates.map(({ id }) => id)];
  const all = new Map([...former, ...fresh].map((side) => [idOf(side), side]));
  return order.flatMap((id) => all.get(id) ?? []);
}

/** The same list as before as long as each of its parts is the same. */
function useStable<Part>(parts: readonly Part[]): readonly Part[] {
  const [kept, setKept] = useState(parts);
  const same = parts.every((part, index) => part === kept[index]);
  if (!same) setKept(parts);
  return same ? kept : parts;
}

/** Yarns of the shelf and the shop in order, the nearest first. */
export function useRanking(): Job<readonly Ranked[]> {
  const project = useProject();
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  return useJob<readonly Ranked[]>(
    useCallback(
      (job, onProgress) => {
        const candidates = gather(project.yarns[0]?.name ?? "", { entries, shop });
        return reckoner().rankCandidates(job, project, candidates, onProgress);
      },
      [project, entries, shop],
    ),
  );
}
