/** Several tabs of one browser show one project and one shelf: what one tab keeps, the others take up. */
import type { Kept } from "../project/projectStore";

export type KeptPart = keyof Kept;

export interface Tabs {
  /** Tells the other tabs what has been kept anew. */
  readonly tell: (parts: readonly KeptPart[]) => void;
  readonly leave: () => void;
}

const CHANNEL = "brenok";
const ALONE: Tabs = { tell: () => {}, leave: () => {} };

/** Joins the other tabs; `hear` is told what one of them has kept. A browser without channels leaves each tab alone. */
export function joinTabs(hear: (parts: readonly KeptPart[]) => void): Tabs {
  if (typeof BroadcastChannel === "undefined") return ALONE;
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = ({ data }: MessageEvent<readonly KeptPart[]>) => hear(data);
  return {
    tell: (parts) => {
      if (parts.length > 0) channel.postMessage(parts);
    },
    leave: () => channel.close(),
  };
}

interface Hands {
  /** True while something of this tab waits to be kept: it comes first. */
  readonly busy: () => boolean;
  /** What the others have kept, read anew. */
  readonly read: (parts: readonly KeptPart[]) => Promise<Partial<Kept>>;
  readonly take: (kept: Partial<Kept>) => void;
}

export interface TakingUp {
  /** Another tab has kept these. */
  readonly heard: (parts: readonly KeptPart[]) => void;
  /** This tab has kept these, which is newer than what was heard of them. */
  readonly keptHere: (parts: readonly KeptPart[]) => void;
  /** Takes up what was heard, where nothing of this tab waits. */
  readonly goOn: () => Promise<void>;
}

/** Takes up what other tabs keep, as soon as nothing of this one waits to be kept. */
export function takingUp({ busy, read, take }: Hands): TakingUp {
  const waiting = new Set<KeptPart>();
  const goOn = async () => {
    if (busy() || waiting.size === 0) return;
    const parts = [...waiting];
    waiting.clear();
    const kept = await read(parts);
    // Something was changed here meanwhile: it is kept first, and what is older than it is not taken any more.
    if (busy()) parts.forEach((part) => waiting.add(part));
    else take(kept);
  };
  return {
    heard: (parts) => {
      parts.forEach((part) => waiting.add(part));
      void goOn();
    },
    keptHere: (parts) => parts.forEach((part) => waiting.delete(part)),
    goOn,
  };
}
