"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { Button } from "@/ui/parts/Button";
import { lazily } from "@/ui/parts/lazily";
import { useDeferredValue } from "react";
import { useAnswer } from "@/state/engine/answer";
import { useChosenSwatch } from "@/state/chosen/chosen";
import { addPatternSwatch, addPlainSwatch, cabledSection } from "@/state/project/swatches";
import { useProject } from "@/state/project/projectStore";
import { Card } from "@/ui/parts/Card";
import { BeliefCard } from "./BeliefCard";
import { MeasuresCard } from "./MeasuresCard";
import { NextCard } from "./NextCard";
import { SchoolCard } from "./SchoolCard";
import { SwatchCard } from "./SwatchCard";
import { EmptyState } from "@/ui/parts/EmptyState";

/** About as high as it will be: what lies under it does not jump. */
const ChanceCard = lazily("Chance", () => import("./ChanceCard").then((file) => file.ChanceCard), {
  waiting: <div className="h-[29rem] rounded-xl border border-line bg-card" />,
});
const MadeBefore = lazily("What you made before", () =>
  import("./MadeBefore").then((file) => file.MadeBefore),
);
const ScaleCard = lazily("Scale", () => import("./ScaleCard").then((file) => file.ScaleCard));

/** What was swatched, what it says, and how sure the answer is by it. */
export function SwatchesBench() {
  const answer = useAnswer();
  const settled = useDeferredValue(answer);
  const swatch = useChosenSwatch();
  return (
    <div className="grid items-start gap-3 md:grid-cols-2 lg:grid-cols-[minmax(20rem,24rem)_minmax(20rem,1fr)_minmax(19rem,24rem)]">
      <div className="grid gap-3">
        {swatch ? (
          <Boundary name="Swatch">
            <SwatchCard swatch={swatch} answer={answer} />
          </Boundary>
        ) : (
          <NoSwatch />
        )}
        {settled.known && (
          <Boundary name="What to measure next">
            <NextCard />
          </Boundary>
        )}
        {settled.known && (
          <Boundary name="School">
            <SchoolCard answer={settled} />
          </Boundary>
        )}
        {settled.known && (
          <Boundary name="What you made before">
            <MadeBefore answer={settled} />
          </Boundary>
        )}
      </div>
      <div className="grid gap-3">
        {swatch && (
          <Boundary name="Measures">
            <MeasuresCard swatch={swatch} answer={answer} />
          </Boundary>
        )}
        {swatch && <ScaleCard swatch={swatch} answer={settled} />}
      </div>
      {settled.known && (
        <div className="grid gap-3 md:max-lg:col-span-2 md:max-lg:grid-cols-2">
          <ChanceCard answer={settled} />
          <Boundary name="What the swatches say">
            <BeliefCard answer={settled} />
          </Boundary>
        </div>
      )}
    </div>
  );
}

function NoSwatch() {
  const cabled = cabledSection(useProject()) !== null;
  return (
    <Card title="No swatch yet">
      <EmptyState
        acts={
          <>
            <Button onClick={addPlainSwatch} look="main">
              Add a plain swatch
            </Button>
            {cabled && <Button onClick={addPatternSwatch}>Add a pattern swatch</Button>}
          </>
        }
      >
        Without one, the answer rests on the ball band and on what is usual. One swatch that is measured and
        weighed usually cuts the doubt by half or more.
      </EmptyState>
    </Card>
  );
}
