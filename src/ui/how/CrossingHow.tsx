"use client";
import { widthOf, type Crossing } from "@/core/stitches/crossings";
import { withCableNeedle, withoutCableNeedle, type CrossingStep } from "@/core/stitches/crossingSteps";
import { rowText } from "@/core/instructions/print";
import { joined } from "@/core/panels/panel";
import { operationOf, type Face } from "@/core/stitches/operations";
import type { Wording } from "@/core/stitches/wording";
import { say, type Message } from "@/core/words/message";
import { useSettings } from "@/state/keeping/settings";
import { CrossingMoves } from "./CrossingMoves";
import { Button } from "@/ui/parts/Button";
import { crossingWords } from "@/core/stitches/crossingNames";
import { explain, type Columns } from "@/state/chosen/how";
import { Said } from "@/ui/parts/Said";

/** Stitches as a row would say them. Example: two knit stitches and a purl are "k2, p1". */
const worksOf = (faces: readonly Face[], style: Wording) =>
  rowText(
    joined(faces.map((face) => ({ operation: operationOf(face), times: 1 }))),
    false,
    { rows: [] },
    style,
  );

function told(step: CrossingStep, style: Wording): Message {
  switch (step.does) {
    case "slip":
      return say("stepSlip", step);
    case "giveBack":
      return say("stepGiveBack", step);
    case "work":
      return say("stepWork", { works: worksOf(step.faces, style), from: step.from });
    case "reach":
      return say("stepReach", step);
    case "letGo":
      return say("stepLetGo", step);
    case "catch":
      return say("stepCatch", step);
    case "putBack":
      return say("stepPutBack", step);
  }
}

interface StepsProps {
  readonly title: string;
  readonly steps: readonly CrossingStep[];
  readonly style: Wording;
}

function Steps({ title, steps, style }: StepsProps) {
  return (
    <section className="mt-4">
      <h3 className="text-lg">{title}</h3>
      <ol className="mt-1 grid list-decimal gap-1 pl-6">
        {steps.map((step, index) => (
          <li key={index}>
            <Said>{told(step, style)}</Said>.
          </li>
        ))}
      </ol>
    </section>
  );
}

/** How a crossing is worked: its steps with a cable needle and without, what it looks like, and how slips are mended. */
export function CrossingHow({
  crossing,
  columns,
}: {
  readonly crossing: Crossing;
  /** Where it lies in its row, where that is known. */
  readonly columns?: Columns | undefined;
}) {
  const naming = useSettings((settings) => settings.naming);
  const words = useSettings((settings) => settings.words);
  const style = { naming, words };
  const width = widthOf(crossing);
  const alone = withoutCableNeedle(crossing);
  const { front, back, lean } = crossing;
  // As it lies below the crossing.
  const [right, left] = lean === "left" ? [front, back] : [back, front];
  const mends: readonly Message[] = [
    say("mendFind", { width, from: columns?.from ?? null, to: columns?.to ?? null }),
    say("mendDrop", { width }),
    say("mendHold", { right, left }),
    say("mendCross", { front, lean }),
    say("mendLatch"),
    say("mendBack"),
  ];
  const slips: readonly Message[] = [say("slipTwisted"), say("slipYarn"), say("slipSide", { width })];
  return (
    <>
      <div className="mt-3 flex items-center gap-4">
        <CrossingMoves crossing={crossing} words={crossingWords(crossing)} />
        <p className="text-sm">
          <Said>{say("crossingLooks", { front, lean })}</Said>.
        </p>
      </div>
      <Steps title="With a cable needle" steps={withCableNeedle(crossing)} style={style} />
      {alone && <Steps title="Without one" steps={alone} style={style} />}
      <section className="mt-4">
        <h3 className="text-lg">If it went wrong</h3>
        <ul className="mt-1 grid list-disc gap-1 pl-6 text-sm">
          {slips.map((slip) => (
            <li key={slip.code}>
              <Said>{slip}</Said>.
            </li>
          ))}
          <li>
            The purl beside it is loose:{" "}
            <Button look="link" onClick={() => explain({ technique: "purlBesideCable" })}>
              how to draw it up
            </Button>
            .
          </li>
        </ul>
        <h4 className="mt-2 font-semibold">Seen only some rows later</h4>
        <ol className="mt-1 grid list-decimal gap-1 pl-6 text-sm">
          {mends.map((mend) => (
            <li key={mend.code}>
              <Said>{mend}</Said>.
            </li>
          ))}
        </ol>
      </section>
    </>
  );
}
