/** Remembering a knitter's hand: each act works out anew what the next project begins with. */
import { handBy, MOST_PROJECTS, readHand, type ClosedProject, type Remembered } from "@/core/files/handFile";
import type { HandId } from "@/core/project/hand";
import type { Message } from "@/core/words/message";
import { useKnitterHand } from "./knitterHand";

const keep = ({ closed, said }: Remembered) =>
  useKnitterHand.setState({ closed, said, hand: handBy({ closed, said }) });

/** Remembers a finished project; told again of the same one, it takes what that says now. */
export function rememberProject(project: ClosedProject): void {
  const { closed, said } = useKnitterHand.getState();
  const others = closed.filter(({ id }) => id !== project.id);
  const all = [...others, project].toSorted((a, b) => a.at - b.at);
  keep({ closed: all.slice(-MOST_PROJECTS), said });
}

/** Forgets one project. */
export function forgetProject(id: string): void {
  const { closed, said } = useKnitterHand.getState();
  keep({ closed: closed.filter((one) => one.id !== id), said });
}

/** The knitter says one thing of the hand; null lets the projects speak again. */
export function sayOfHand(id: HandId, one: { readonly mean: number; readonly sd: number } | null): void {
  const { closed, said } = useKnitterHand.getState();
  const { [id]: before, ...others } = said;
  void before;
  keep({ closed, said: one ? { ...others, [id]: one } : others });
}

/** Forgets everything; the result brings it back. */
export function forgetHand(): () => void {
  const { closed, said } = useKnitterHand.getState();
  keep({ closed: [], said: {} });
  return () => keep({ closed, said });
}

/** Takes a file in, its projects beside those that are known; null where all went well. */
export function takeHandFile(text: string): Message | null {
  const read = readHand(text);
  if (!read.ok) return read.message;
  const { closed, said } = useKnitterHand.getState();
  const ids = new Set(read.remembered.closed.map(({ id }) => id));
  const both = [...closed.filter(({ id }) => !ids.has(id)), ...read.remembered.closed];
  keep({
    closed: both.toSorted((a, b) => a.at - b.at).slice(-MOST_PROJECTS),
    said: { ...said, ...read.remembered.said },
  });
  return null;
}
