import type { Says } from "@/core/words/message";
import { TriangleAlert } from "lucide-react";
import { Said } from "@/ui/parts/Said";
import type { ReactNode } from "react";
import type { Reading } from "@/core/typed/reading";

/** The fields of a tool, side by side where there is room. */
export const ToolFields = ({ children }: { readonly children: ReactNode }) => (
  <div className="grid grid-cols-2 gap-x-3">{children}</div>
);

/** What stands in the way of an answer; null while there is one, or while a field is empty. */
export const problemOf = (reading: Reading<unknown> | null) =>
  reading && !reading.ok ? reading.message : null;

interface ResultProps {
  readonly problem: Says | null;
  /** The answer, large; null while a field is empty or wrong. */
  readonly answer: string | null;
  readonly says?: ReactNode;
}

/** What a tool answers: the answer first, then how it comes about. */
export function Result({ problem, answer, says }: ResultProps) {
  return (
    <div role="status" className="rounded-lg border border-line bg-paper px-3 py-2">
      {problem ? (
        <p className="text-madder">
          <TriangleAlert size={15} aria-hidden className="mr-1 inline align-[-2px]" />
          <Said>{problem}</Said>
        </p>
      ) : (
        <>
          {answer && <p className="font-display text-xl select-all">{answer}</p>}
          {says ? (
            <p className="text-sm">{says}</p>
          ) : (
            !answer && <p className="text-faint">Fill in the fields.</p>
          )}
        </>
      )}
    </div>
  );
}
