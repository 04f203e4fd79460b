"use client";
import type { Closing } from "@/core/forecast/closing";
import { say } from "@/core/words/message";
import { openHand } from "@/state/chosen/handSheet";
import { useKnitterHand } from "@/state/keeping/knitterHand";
import { useProject } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Said } from "@/ui/parts/Said";
import { toast } from "@/ui/parts/toast";

/** What a closed project says of the knitter's hand; remembered only where the knitter agrees. */
export function RememberHand({
  closing: { hand, known },
  at,
}: {
  readonly closing: Closing;
  readonly at: number;
}) {
  const { id, name } = useProject();
  const closed = useKnitterHand((kept) => kept.closed);
  const before = closed.find((one) => one.id === id);
  const isSame = before && known && JSON.stringify(before.evidence) === JSON.stringify(known.evidence);
  if (known === null || hand.length === 0)
    return (
      <p className="mt-2 text-sm text-faint">
        It says nothing of your hand yet: open it again, and weigh what is left or measure a piece.
      </p>
    );
  const remember = async () => {
    const { rememberProject } = await import("@/state/keeping/remember");
    rememberProject({ id, name, at, ...known });
    toast.success("Remembered: your next project begins with it");
  };
  return (
    <section className="mt-3 border-t border-line pt-3">
      <h3 className="font-semibold">What it says of your hand</h3>
      <ul className="mt-1 grid gap-1 text-sm">
        {hand.map(({ id: axis, mean, sd }) => (
          <li key={axis}>
            <Said>{say("handThing", { axis })}</Said>:{" "}
            <Said>{say("handLies", { axis, more: Math.exp(mean) - 1, off: sd })}</Said>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
        {isSame ? (
          <span>Remembered.</span>
        ) : (
          <Button look="main" onClick={() => void remember()}>
            {before ? "Remember it anew" : "Remember it for my next projects"}
          </Button>
        )}
        {closed.length > 0 && (
          <Button look="link" onClick={() => openHand()}>
            Your hand in {closed.length === 1 ? "one project" : `${closed.length} projects`}
          </Button>
        )}
      </p>
      <p className="mt-1 text-sm text-faint">
        Kept in this browser alone; you can look at it, change it and erase it.
      </p>
    </section>
  );
}
