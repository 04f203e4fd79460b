"use client";
import { ChevronDown } from "lucide-react";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { lazily } from "@/ui/parts/lazily";
import { Button } from "@/ui/parts/Button";

const AnswerSheet = lazily("The answer", () => import("./AnswerSheet").then((file) => file.AnswerSheet), {
  close: ({ onOpenChange }) => onOpenChange(false),
});

/** Whether the page is scrolled past the place where the line stands by itself. */
function useScrolledPast() {
  const mark = useRef<HTMLSpanElement>(null);
  const [past, setPast] = useState(false);
  useEffect(() => {
    if (!mark.current) return;
    const watch = new IntersectionObserver(([entry]) => setPast(entry?.isIntersecting === false));
    watch.observe(mark.current);
    return () => watch.disconnect();
  }, []);
  return { mark, past };
}

interface AnswerLineProps {
  /** The balls. */
  readonly head: ReactNode;
  /** How sure that is. */
  readonly first: ReactNode;
  /** What else there is room for on a desk, under it. */
  readonly second?: ReactNode;
  readonly beside?: ReactNode;
  /** Whether there is more behind it. */
  readonly more: boolean;
  readonly faded: boolean;
}

/**
 * The answer in one line, which stays in sight when the page is scrolled: then it is one line on a desk, too. Its place in
 * the page is as high as before, so that nothing moves under a hand.
 */
export function AnswerLine({ head, first, second, beside, more, faded }: AnswerLineProps) {
  const { mark, past } = useScrolledPast();
  const [open, setOpen] = useState(false);
  return (
    <>
      <span ref={mark} aria-hidden className="block" />
      <div className="group pointer-events-none sticky top-0 z-20 min-h-8 md:min-h-11" data-past={past}>
        <div
          className={`pointer-events-auto -mx-3 flex min-h-8 items-center gap-x-3 bg-paper px-3 group-data-[past=true]:shadow-[0_1px_0_var(--line)] sm:-mx-6 sm:px-6 md:gap-x-6 md:group-data-[past=false]:min-h-11 ${faded ? "text-ink/60" : ""}`}
        >
          <div className="shrink-0 font-display text-2xl leading-none font-semibold whitespace-nowrap md:group-data-[past=false]:text-[2.3rem]">
            {head}
          </div>
          <div className="min-w-0 text-[0.95rem] leading-[1.3]">
            <div>{first}</div>
            {second && <div className="text-faint group-data-[past=true]:hidden max-md:hidden">{second}</div>}
          </div>
          {beside && (
            <div className="min-w-0 flex-1 text-sm leading-[1.3] group-data-[past=true]:hidden max-lg:hidden">
              {beside}
            </div>
          )}
          {more && (
            <Button
              look="bare"
              onClick={() => setOpen(true)}
              className="not-printed ml-auto flex min-h-8 shrink-0 items-center gap-1 rounded-lg px-2 text-sm font-semibold hover:bg-line"
            >
              <span className="max-[22.5rem]:sr-only">More</span> <ChevronDown size={16} aria-hidden />
            </Button>
          )}
        </div>
      </div>
      {open && <AnswerSheet onOpenChange={setOpen} />}
    </>
  );
}

/** Words beside the balls. */
export const Small = ({ children }: { readonly children: ReactNode }) => (
  <span className="font-text text-sm font-normal md:text-base">{children}</span>
);
