"use client";
import type { Says } from "@/core/words/message";
import { countOf } from "@/core/words/things";
import { useState } from "react";
import { toast } from "@/ui/parts/toast";
import { CABLED, CABLED_IDS, type Cabled } from "@/core/garment/fit";
import { YARN_CLASSES, type YarnClass } from "@/core/yarn/classes";
import { grams, metres, millimetres, type UnitSystem } from "@/core/units/brands";
import { formatMass, formatSize, formatYarn } from "@/core/units/format";
import { START_LIST, type StartId } from "@/core/templates/startList";
import { useStartSheet } from "@/state/chosen/startSheet";
import { addBegun, startWith, useBegun, type Wish } from "@/state/project/newProject";
import { useUnits } from "@/state/keeping/settings";
import { useSaid } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import { Caution } from "@/ui/parts/Caution";
import { lazily } from "@/ui/parts/lazily";
import { Choice } from "@/ui/parts/Choice";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Select } from "@/ui/parts/Select";
import { Sheet } from "@/ui/parts/Sheet";
import { undoable } from "@/ui/parts/undoable";
import { ENTERED } from "../../core/project/enteredFigures";

interface StartSheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

const WAYS = [
  { value: "wish", label: "By its measures" },
  { value: "pattern", label: "From a pattern" },
] as const;

const PatternReader = lazily("The reader of patterns", () =>
  import("@/ui/pattern/PatternReader").then((file) => file.PatternReader),
);

/** The ways in: for the impatient what, how large, how thick, how cabled, and an answer at once; or a written pattern. */
export function StartSheet({ open, onOpenChange }: StartSheetProps) {
  const file = useStartSheet((start) => start.file);
  const [way, setWay] = useState<(typeof WAYS)[number]["value"]>(file ? "pattern" : "wish");
  const done = () => onOpenChange(false);
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="New project" wide={way === "pattern"}>
      <div className="mt-2">
        <Choice label="How to begin" options={WAYS} value={way} onChange={setWay} />
      </div>
      {way === "wish" ? <StartForm onDone={done} /> : <PatternReader file={file} onDone={done} />}
    </Sheet>
  );
}

/** What is often knitted for those who sleep in a cot. */
const OFTEN_FOR_BABIES: ReadonlySet<StartId> = new Set(["blanket", "cushion", "hat"]);

const KINDS = START_LIST.map(({ id, name }) => ({ value: id, label: name }));
const THICKNESSES = YARN_CLASSES.map((name) => ({ value: name, label: name }));
const CABLES = CABLED_IDS.map((id) => ({ value: id, label: CABLED[id].name }));

interface Texts {
  readonly across: string;
  readonly ease: string;
  readonly along: string;
}

const usualTexts = (id: StartId, units: UnitSystem): Texts => {
  const start = START_LIST.find((one) => one.id === id);
  return {
    across: ENTERED.across.tell(start?.across.usualMm ?? 0, units),
    ease: ENTERED.ease.tell(start?.easeMm ?? 0, units),
    along: ENTERED.along.tell(start?.along.usualMm ?? 0, units),
  };
};

function StartForm({ onDone }: { readonly onDone: () => void }) {
  const units = useUnits();
  const said = useSaid();
  const [start, setStart] = useState<StartId>("hat");
  const [texts, setTexts] = useState<Texts>(() => usualTexts("hat", units));
  const [thickness, setThickness] = useState<YarnClass>("aran");
  const [cabled, setCabled] = useState<Cabled>("all");
  const across = ENTERED.across.read(texts.across, units);
  const ease = ENTERED.ease.read(texts.ease, units);
  const along = ENTERED.along.read(texts.along, units);
  const wish: Wish | null =
    across.ok && ease.ok && along.ok
      ? { start, thickness, cabled, acrossMm: across.value, easeMm: ease.value, alongMm: along.value }
      : null;
  const begun = useBegun(wish);
  const kind = START_LIST.find(({ id }) => id === start);
  const field = (id: keyof Texts, label: string, wrong: Says | undefined, says?: string) => (
    <MeasureInput
      id={`start-${id}`}
      label={label}
      text={texts[id]}
      onText={(text) => setTexts({ ...texts, [id]: text })}
      wrong={wrong}
      says={says}
    />
  );
  const add = async (wanted: Wish) => {
    const added = await addBegun(wanted);
    if (!added.ok) return void toast.error(said(added.message));
    toast.success(`${kind?.name ?? "It"} added in the project’s own yarn and gauge`, undoable);
    onDone();
  };
  return (
    <form
      className="mt-3 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!begun?.ok) return;
        startWith(begun.value.project);
        onDone();
      }}
    >
      <Select
        label="What"
        options={KINDS}
        value={start}
        onChange={(id) => {
          setStart(id);
          setTexts(usualTexts(id, units));
        }}
      />
      <div className={start === "empty" ? "hidden" : "grid grid-cols-3 gap-x-3"}>
        {field("across", kind?.across.name ?? "Width", across.ok ? undefined : across.message)}
        {field("ease", "Ease", ease.ok ? undefined : ease.message, "added to it; less than 0 to stretch")}
        {field("along", kind?.along.name ?? "Length", along.ok ? undefined : along.message)}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div className="grow">
          <Select label="Yarn" options={THICKNESSES} value={thickness} onChange={setThickness} />
        </div>
        <div className="text-sm">
          <p aria-hidden>Cabled</p>
          <Choice label="How much is cabled" options={CABLES} value={cabled} onChange={setCabled} />
        </div>
      </div>
      <div className="min-h-24 border-t border-line pt-3" aria-live="polite">
        {begun && !begun.ok && <p className="text-madder">{said(begun.message)}</p>}
        {begun?.ok && begun.value.answer && (
          <>
            <p>
              <strong className="font-display text-3xl">
                about {countOf(begun.value.answer.balls, "ball")}
              </strong>{" "}
              of {formatMass(grams(begun.value.answer.ballG), units)}
            </p>
            <p className="mt-1 text-sm">
              {formatYarn(metres(begun.value.answer.needM[1]), units)}; most likely between{" "}
              {formatYarn(metres(begun.value.answer.needM[0]), units)} and{" "}
              {formatYarn(metres(begun.value.answer.needM[2]), units)}. Comes out at{" "}
              {formatSize(millimetres(begun.value.answer.acrossMm), units)} by{" "}
              {formatSize(millimetres(begun.value.answer.alongMm), units)}.
            </p>
            <p className="mt-1 text-sm text-faint">
              A wide range, since gauge and ball are only what such a yarn usually has. Your swatch and the
              ball band narrow it.
            </p>
          </>
        )}
        {begun?.ok && !begun.value.answer && (
          <p className="text-sm text-faint">One rope between two edges; no lengths yet.</p>
        )}
      </div>
      {OFTEN_FOR_BABIES.has(start) && <Caution of="babies" />}
      <div className="flex flex-wrap items-center justify-end gap-3">
        <Button
          disabled={!wish || start === "empty"}
          onClick={() => {
            if (wish) void add(wish);
          }}
        >
          Add to the open project
        </Button>
        <Button submits disabled={!begun?.ok} look="main" size="large">
          Start with this
        </Button>
      </div>
    </form>
  );
}
