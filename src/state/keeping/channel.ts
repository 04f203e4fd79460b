/** Several tabs of one browser tell one another what they have kept. */

export interface Channel {
  /** Tells the other tabs what has been kept anew. */
  readonly tell: (of: string) => void;
  readonly leave: () => void;
}

const NAME = "brenok-kept";
const ALONE: Channel = { tell: () => {}, leave: () => {} };

/** Joins the other tabs; `hear` is told what one of them has kept. A browser without channels leaves each tab alone. */
export function joinTabs(hear: (of: string) => void): Channel {
  if (typeof BroadcastChannel === "undefined") return ALONE;
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = ({ data }: MessageEvent<string>) => hear(data);
  return { tell: (of) => channel.postMessage(of), leave: () => channel.close() };
}
