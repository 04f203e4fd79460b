/** Which piece is in hand on this device, and how far its row has been read. Not part of the project. */
import { create } from "zustand";
import { keyOfPlace, type InHand } from "@/core/progress/inHand";

interface Hand {
  /** `keyOfPlace` of the piece; null where nobody chose, and then it is what was worked on last. */
  readonly key: string | null;
  /** Stretches of the row in hand that are tapped off, and of which row they are. */
  readonly tapped: { readonly of: string; readonly stretches: readonly number[] };
}

export const useHand = create<Hand>()(() => ({ key: null, tapped: { of: "", stretches: [] } }));

export const takeInHand = (of: InHand) => useHand.setState({ key: keyOfPlace(of) });

/** Taps a stretch of a row off, or on again. `of` names the piece and its row. */
export const tapStretch = (of: string, stretch: number) =>
  useHand.setState(({ tapped }) => {
    const before = tapped.of === of ? tapped.stretches : [];
    const stretches = before.includes(stretch)
      ? before.filter((one) => one !== stretch)
      : [...before, stretch];
    return { tapped: { of, stretches } };
  });
