"use client";
import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { showStep, useFirstSteps } from "@/state/chosen/firstSteps";
import { Button } from "@/ui/parts/Button";

interface Step {
  readonly path: string;
  readonly title: string;
  readonly text: string;
}

const STEPS: readonly Step[] = [
  {
    path: "/",
    title: "The answer",
    text: "It stands at the top of every bench: how many balls, and how likely they are to last. The strand above it is all the yarn, ball by ball; its colours say what it is used for.",
  },
  {
    path: "/",
    title: "Change something",
    text: "Type another number of rows for a section, or another gauge. Every figure follows at once, and Undo takes it back.",
  },
  {
    path: "/swatches",
    title: "Measure a swatch",
    text: "Weigh and measure a swatch, and the answer becomes surer. The bench says what to measure next, and how much it would help.",
  },
  {
    path: "/swap",
    title: "Compare yarns",
    text: "Put a thinner or thicker yarn beside the pattern’s, also two strands held together: balls, price, size, weight, and how clearly the cables show.",
  },
  {
    path: "/order",
    title: "Buy",
    text: "From your shelf first, then from the shop, in as few dye lots as possible. One ball more is shown with what it costs and what it saves.",
  },
  {
    path: "/knit",
    title: "Knit",
    text: "Tap off row by row. Weigh the ball now and then: Brenok says how far it goes and where to join the next. Your own project begins with N.",
  },
];

/** Six short steps on the demo, one after the other; left at any point. */
export function FirstSteps() {
  const step = useFirstSteps((shown) => shown.step) ?? 0;
  const { push } = useRouter();
  const heading = useRef<HTMLHeadingElement>(null);
  const one = STEPS[step];
  useEffect(() => {
    if (one) push(one.path);
    heading.current?.focus();
  }, [one, push]);
  if (!one) return null;
  return (
    <section
      aria-label="First steps"
      className="fixed inset-x-3 bottom-20 z-20 mx-auto max-w-md rounded-2xl border border-ink bg-card p-4 shadow-lg md:right-6 md:bottom-6 md:left-auto"
    >
      <p className="text-sm text-faint">
        Step {step + 1} of {STEPS.length}
      </p>
      <h2 ref={heading} tabIndex={-1} className="text-xl outline-none">
        {one.title}
      </h2>
      <p className="mt-1" aria-live="polite">
        {one.text}
      </p>
      <div className="mt-3 flex flex-wrap justify-end gap-2">
        <Button look="link" className="mr-auto" onClick={() => showStep(null)}>
          Leave
        </Button>
        <Button disabled={step === 0} onClick={() => showStep(step - 1)}>
          Back
        </Button>
        <Button look="main" onClick={() => showStep(step + 1 < STEPS.length ? step + 1 : null)}>
          {step + 1 < STEPS.length ? "Next" : "Done"}
        </Button>
      </div>
    </section>
  );
}
