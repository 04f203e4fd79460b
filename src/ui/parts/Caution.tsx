"use client";
import { TriangleAlert } from "lucide-react";
import { seeCaution, useSettings } from "@/state/keeping/settings";
import { Button } from "./Button";
import { CAUTIONS, type CautionId } from "./cautions";

/** A caution where it belongs, until the knitter has seen it. */
export function Caution({ of }: { readonly of: CautionId }) {
  const seen = useSettings(({ cautionsSeen }) => cautionsSeen.includes(of));
  if (seen) return null;
  return (
    <p role="note" className="mt-2 flex items-start gap-2 rounded-lg border border-line px-3 py-2 text-sm">
      <TriangleAlert size={16} aria-hidden className="mt-0.5 shrink-0 text-weld" />
      <span className="min-w-0 flex-1">{CAUTIONS[of]}</span>
      <Button look="link" aria-label="Got it: do not show this caution again" onClick={() => seeCaution(of)}>
        Got it
      </Button>
    </p>
  );
}
