/** Heavy work, and whoever does it: a thread of the pool. */
import type { Answered } from "./answered";
import { estimateOf } from "./calls/estimate";
import { fabricOf } from "./calls/fabric";
import { patternOf } from "./calls/pattern";

/** What takes long, by the name of its call. */
const WORK = { estimate: estimateOf, fabric: fabricOf, pattern: patternOf } as const;

export type Call = keyof typeof WORK;

export interface Task {
  readonly call: Call;
  /** The body of the request, as it came. */
  readonly text: string;
}

/** Does a task here and now, on this thread. */
export const workedHere = ({ call, text }: Task): Answered => WORK[call](text);

export interface Heavy {
  /** `patient` work waits behind all other; it is not refused for the length of the queue. */
  do(task: Task, how?: { readonly patient?: boolean }): Promise<Answered>;
}
