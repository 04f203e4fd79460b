/** Substitutes beside the pattern's yarn: put there, changed, compared, and taken up. */
import { freshId } from "../project/freshId";
import { useMemo } from "react";
import type { Draft } from "immer";
import { candidateSchema, MOST_CANDIDATES, type Candidate, type Keep } from "@/core/project/candidates";
import type { Project } from "@/core/project/project";
import type { Market } from "@/core/order/market";
import { candidateMarkets } from "@/core/swap/markets";
import type { Outcome } from "@/core/swap/outcome";
import { takenUp } from "@/core/swap/takeUp";
import type { ComparedCandidate } from "@/core/swap/compareCandidates";
import type { FoundWays, RankBy, RankedWays } from "@/core/swap/ranked";
import { useAsked } from "../engine/asked";
import { change, replace, useProject, useProjectStore, useShelf } from "../project/projectStore";
import { useSettings } from "../keeping/settings";
import { useShop } from "./shop";

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
  const told = { id: freshId("event"), at: Date.now() };
  replace("take up substitute", takenUp(project, so, { candidateId: id, formerId: newId(), told }));
}

/** Where all yarns of the comparison can be had; the same as long as nothing in it changes. */
export function useMarkets({ name, yarns, swap, order }: Project): Readonly<Record<string, Market>> {
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  return useMemo(
    () => candidateMarkets({ name, yarns, swap, order }, { entries, shop }),
    [name, yarns, swap, order, entries, shop],
  );
}

export interface ComparedCandidates {
  readonly sides: readonly ComparedCandidate[];
  /** Whether some are still being calculated. */
  readonly calculating: boolean;
}

/** All columns of the comparison, each as soon as it is calculated; the former ones stand until then. */
export function useComparedCandidates(): ComparedCandidates {
  const project = useProject();
  const markets = useMarkets(project);
  const pace = useSettings((settings) => settings.pace);
  const { told, current, parts } = useAsked(
    "sides",
    useMemo(() => ({ markets, pace }), [markets, pace]),
  );
  const sides = useMemo(
    () => (current ? (told ?? []) : merged(told ?? [], parts, project)),
    [told, current, parts, project],
  );
  return { sides, calculating: !current };
}

const idOf = ({ compared }: ComparedCandidate) => (compared.ok ? compared.outcome.id : compared.id);

/** Fresh columns in place of the former ones, those of candidates that are gone left out. */
function merged(
  former: readonly ComparedCandidate[],
  fresh: readonly ComparedCandidate[],
  { yarns, swap }: Project,
): readonly ComparedCandidate[] {
  const order = [yarns[0]?.id ?? "", ...swap.candidates.map(({ id }) => id)];
  const all = new Map([...former, ...fresh].map((side) => [idOf(side), side]));
  return order.flatMap((id) => all.get(id) ?? []);
}

export interface Ranking {
  /** What was put in order; null before that. */
  readonly ranked: RankedWays | null;
  /** Those that are looked for; null while they are. */
  readonly found: FoundWays | null;
  /** Share of the ordering that is done; null while none runs. */
  readonly progress: number | null;
  readonly stop: () => void;
}

/** Yarns of the shelf and the shop in order, those with some words in their name. */
export function useRanking(by: RankBy, find: string): Ranking {
  const { entries } = useShelf();
  const shop = useShop(({ list }) => list);
  const {
    told: ranked,
    current,
    progress,
    stop,
  } = useAsked(
    "rank",
    useMemo(() => ({ entries, shop }), [entries, shop]),
  );
  const asked = useMemo(
    () => (ranked && current ? { by, find, of: ranked.number } : undefined),
    [ranked, current, by, find],
  );
  const { told: found } = useAsked("ways", asked);
  return { ranked, found, progress, stop };
}
