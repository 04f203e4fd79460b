"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { Said } from "@/ui/parts/Said";
import { countOf } from "@/core/words/things";
import { ENTERED } from "@/core/project/enteredFigures";
import { Toolbar } from "@/ui/parts/Toolbar";
import { lazily } from "@/ui/parts/lazily";
import { useRouter } from "next/navigation";
import { Plus, Search } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { keyDifferences } from "@/core/swap/keyDifferences";
import { MOST_CANDIDATES } from "@/core/project/candidates";
import { useAnswer } from "@/state/engine/answer";
import { useOmissions } from "@/state/engine/omissions";
import { useProjectPart } from "@/state/project/projectStore";
import { useRefusedFields } from "@/state/fields/typedTexts";
import { setPace, useSettings } from "@/state/keeping/settings";
import { openShop } from "@/state/buying/shop";
import { addCandidate, keepInSwap, useComparedCandidates } from "@/state/buying/swap";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { ValueField } from "@/ui/parts/ValueField";
import { NotWhole } from "@/ui/frame/LeftOut";
import { SwapTable } from "./SwapTable";
import { EmptyState } from "@/ui/parts/EmptyState";

const SwapCharts = lazily("Charts", () => import("./SwapCharts").then((file) => file.SwapCharts));
const FindSheet = lazily("Find another yarn", () => import("./FindSheet").then((file) => file.FindSheet), {
  close: ({ onClose }) => onClose(),
});
const CandidateSheet = lazily("Yarn", () => import("./CandidateSheet").then((file) => file.CandidateSheet), {
  close: ({ onClose }) => onClose(),
});

const KEEP = [
  { value: "size", label: "keep the size", name: "Keep the finished size" },
  { value: "stitches", label: "keep the stitches", name: "Keep the stitches and rows" },
] as const;

const OwnSheet = lazily("The pattern’s yarn", () => import("./OwnSheet").then((file) => file.OwnSheet), {
  close: ({ onClose }) => onClose(),
});

/** The pattern's yarn and what could stand in for it, side by side. */
export function SwapBench() {
  const answer = useAnswer();
  useEffect(() => void openShop(), []);
  if (!answer.known)
    return (
      <Card title="Compare yarns">
        <EmptyState>There is nothing to compare yet: the project needs an answer first.</EmptyState>
      </Card>
    );
  return <Compared />;
}

function Compared() {
  const router = useRouter();
  const { keep, candidates } = useProjectPart(({ swap }) => swap);
  const { sides, calculating } = useComparedCandidates();
  // The first time all yarns come together: a table that grows column by column moves under the eye.
  const [shown, setShown] = useState(false);
  if (!shown && !calculating && sides.length > 0) setShown(true);
  const [finding, setFinding] = useState(false);
  const [editing, setEditing] = useState<string | null>(null);
  const [own, setOwn] = useState(false);
  const edited = candidates.find(({ id }) => id === editing);
  const whole = useOmissions().length === 0;
  const outcomes = useMemo(
    () => sides.flatMap(({ compared }) => (compared.ok ? [compared.outcome] : [])),
    [sides],
  );
  const differences = whole ? keyDifferences(outcomes.filter(({ leftOut }) => leftOut === null)) : null;
  const full = candidates.length >= MOST_CANDIDATES;
  const refused = useRefusedFields(candidates.flatMap(({ id }) => [id, `${id} beside`]));
  return (
    <Card
      title="Compare yarns"
      aside={calculating ? "calculating …" : countOf(candidates.length + 1, "yarn")}
    >
      <Toolbar className="mt-2">
        <Choice label="What stays the same" options={KEEP} value={keep} onChange={keepInSwap} />
        <div className="ml-auto flex flex-wrap gap-2">
          <Button look="main" onClick={() => setFinding(true)} disabled={full}>
            <Search size={16} aria-hidden /> From shelf or shop
          </Button>
          <Button onClick={() => setEditing(addCandidate({ from: "typed" }))} disabled={full}>
            <Plus size={16} aria-hidden /> Type in a yarn
          </Button>
        </div>
      </Toolbar>
      {!whole && <NotWhole>No yarn is said to be enough.</NotWhole>}
      {refused.length > 0 && (
        <p role="status" className="mt-2 border-l-4 border-madder pl-2">
          What was typed of a yarn here cannot be read ({refused.join(", ")}): the last figure is used.
        </p>
      )}
      <p aria-live="polite" className="mt-2 min-h-6 font-semibold max-md:min-h-24">
        {shown && differences && <Said>{differences}</Said>}
      </p>
      {shown ? (
        <Boundary name="Comparison">
          <SwapTable
            sides={sides}
            onEdit={(id) => (id === null ? setOwn(true) : setEditing(id))}
            onSwatch={() => router.push("/swatches")}
          />
        </Boundary>
      ) : (
        <p role="status" className="min-h-[80dvh] py-12 text-center text-faint">
          Calculating the yarns … {sides.length > 0 && `${sides.length} of ${candidates.length + 1}`}
        </p>
      )}
      {candidates.length === 0 && (
        <EmptyState>
          There is nothing to compare yet. Add a thicker yarn, or a fingering held double: you will see its
          size, its balls, its cost and how clearly the cables show before you buy a gram.
        </EmptyState>
      )}
      {shown && outcomes.length > 1 && <SwapCharts outcomes={outcomes} />}
      <Pace />
      {finding && <FindSheet onClose={() => setFinding(false)} />}
      {own && <OwnSheet onClose={() => setOwn(false)} />}
      {edited && <CandidateSheet candidate={edited} onClose={() => setEditing(null)} />}
    </Card>
  );
}

/** How fast the knitter is: it belongs to the person. */
function Pace() {
  const pace = useSettings((settings) => settings.pace);
  return (
    <div className="mt-3 w-56">
      <ValueField
        of={"pace"}
        label="Your stitches in a minute"
        value={pace}
        figure={ENTERED.pace}
        onValue={(value) => value !== null && setPace(value)}
        says="for the hours; a crossing takes 7 s more"
      />
    </div>
  );
}
