/** How far yarn at hand goes, calculated by the engine when typing rests. */
import { useMemo } from "react";
import type { HowFar } from "@/core/order/howFar";
import { useChosenPiece, useChosenSection } from "../chosen/chosen";
import { useAsked } from "./asked";

/** For the chosen section and its piece's yarn; undefined until it is calculated, null where there is no answer. */
export function useHowFar(lengthM: number | null, balls: number): HowFar | null | undefined {
  const { id: pieceId, yarnId } = useChosenPiece();
  const { id: sectionId } = useChosenSection();
  const asked = useMemo(
    () => (lengthM === null ? undefined : { pieceId, sectionId, yarnId, inHand: { lengthM, balls } }),
    [pieceId, sectionId, yarnId, lengthM, balls],
  );
  const { told, current } = useAsked("howFar", asked);
  return asked && current ? told : undefined;
}
