"use client";
import { BESIDE, takenBy } from "@/core/knitting/techniques";
import { english } from "@/core/words/english";
import { techniques, type TechniqueId } from "@/core/words/english/techniques";
import { say } from "@/core/words/message";
import { tellerIn } from "@/core/words/tell";
import { explain } from "@/state/chosen/how";
import { useAnswer } from "@/state/engine/answer";
import { useSettings } from "@/state/keeping/settings";
import { Button } from "@/ui/parts/Button";
import { Said } from "@/ui/parts/Said";
import { TechniqueDrawing } from "./TechniqueDrawing";

/** What things are called, and their steps, in the words and units of the day. */
export function useTechniques() {
  const units = useSettings((settings) => settings.units);
  const words = useSettings((settings) => settings.words);
  const teller = tellerIn({ units, words }, english);
  return (id: TechniqueId) => techniques[id](teller);
}

/** How something is done that is no stitch: in short steps, with what it takes of the project's yarn. */
export function TechniqueHow({ technique }: { readonly technique: TechniqueId }) {
  const wordsOf = useTechniques();
  const answer = useAnswer();
  const { name, steps, mind } = wordsOf(technique);
  const takes = answer.known ? takenBy(technique, answer.estimate.lines) : null;
  const beside = BESIDE[technique] ?? [];
  return (
    <>
      <div className="mt-3">
        <TechniqueDrawing of={technique} name={name} />
      </div>
      <ol className="mt-3 grid list-decimal gap-1 pl-6">
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p className="mt-3 border-l-4 border-weld pl-2">{mind}</p>
      {takes && (
        <p className="mt-2 text-sm text-faint">
          <Said>{say("techniqueTakes", { m: takes.mm / 1000, each: takes.each })}</Said>
        </p>
      )}
      {beside.length > 0 && (
        <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-sm">
          <span className="text-faint">See also</span>
          {beside.map((id) => (
            <Button key={id} look="link" onClick={() => explain({ technique: id })}>
              {wordsOf(id).name}
            </Button>
          ))}
        </p>
      )}
    </>
  );
}
