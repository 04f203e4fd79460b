"use client";
import type { Cabled } from "@/core/garment/fit";
import { ENTERED } from "@/core/project/enteredFigures";
import { START_LIST, type StartId } from "@/core/templates/startList";
import { grams, metres, millimetres } from "@/core/units/brands";
import { formatMass, formatSize, formatYarn } from "@/core/units/format";
import { say } from "@/core/words/message";
import { countOf } from "@/core/words/things";
import { YARN_CLASSES } from "@/core/yarn/classes";
import { useDraft } from "@/state/chosen/startDraft";
import { useUnits } from "@/state/keeping/settings";
import { addBegun, startWith, useBegun, type Wish } from "@/state/project/newProject";
import { Button } from "@/ui/parts/Button";
import { Caution } from "@/ui/parts/Caution";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said, useSaid } from "@/ui/parts/Said";
import { Select } from "@/ui/parts/Select";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { isFine, useDraftField } from "./draftField";
import { CabledChoice } from "./CabledChoice";
import { ShapeChoice } from "./ShapeChoice";
import { thingOf, useMeasures } from "./useMeasures";

/** What is often knitted for those who sleep in a cot. */
const OFTEN_FOR_BABIES: ReadonlySet<StartId> = new Set(["blanket", "cushion", "hat"]);

const ALL = START_LIST.map(({ id }) => id);
const THICKNESSES = YARN_CLASSES.map((name) => ({ value: name, label: name }));

interface OwnFormProps {
  readonly onDone: () => void;
  /** Whether there is a project that it can be added to. */
  readonly beside: boolean;
}

/** Something of one's own: what, how large, of which yarn, how cabled; and an answer at once. */
export function OwnForm({ onDone, beside }: OwnFormProps) {
  const [start, setStart] = useDraft<StartId>("own what", "hat");
  const kind = thingOf(start);
  const [thickness, setThickness] = useDraft<(typeof YARN_CLASSES)[number]>("own thickness", "aran");
  const [cabled, setCabled] = useDraft<Cabled>("own cabled", "all");
  const { across, ease, along, measures } = useMeasures("own", start);
  const ball = useDraftField("own ball", ENTERED.ballHolds);
  const wish: Wish | null =
    measures && isFine(ball)
      ? {
          start,
          thickness,
          cabled,
          ...measures,
          yarn: ball.value && { name: "", putUp: ball.value, stitchesPer10Cm: null, rowsPer10Cm: null },
        }
      : null;
  const begun = useBegun(wish);
  const said = useSaid();
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
      <ShapeChoice label="What" among={ALL} value={start} onChange={setStart} />
      <div className={start === "empty" ? "hidden" : "grid grid-cols-3 items-start gap-x-3"}>
        <MeasureInput label={kind?.across.name ?? "Width"} {...across.input} />
        <MeasureInput label="Ease" {...ease.input} says="added to it; less than 0 to stretch" />
        <MeasureInput label={kind?.along.name ?? "Length"} {...along.input} />
      </div>
      <div className="flex flex-wrap items-start gap-x-3 gap-y-1">
        <div className="min-w-32 grow">
          <Select label="Yarn" options={THICKNESSES} value={thickness} onChange={setThickness} />
        </div>
        <div className="min-w-40 grow">
          <MeasureInput label="or what your ball holds" {...ball.input} example={say("exampleBall")} />
        </div>
        <CabledChoice value={cabled} onChange={setCabled} />
      </div>
      <div className="min-h-24 border-t border-line pt-3" aria-live="polite">
        {begun && !begun.ok && (
          <p className="text-madder">
            <Said>{begun.message}</Said>
          </p>
        )}
        {begun?.ok && <BegunAnswer answer={begun.value.answer} guessed={ball.value === null} />}
      </div>
      {OFTEN_FOR_BABIES.has(start) && <Caution of="babies" />}
      <div className="flex flex-wrap items-center justify-end gap-3">
        {beside && (
          <Button
            disabled={!wish || start === "empty"}
            onClick={() => {
              if (wish) void add(wish);
            }}
          >
            Add to the open project
          </Button>
        )}
        <Button submits disabled={!begun?.ok} look="main" size="large">
          Start with this
        </Button>
      </div>
    </form>
  );
}

type Begun = Extract<NonNullable<ReturnType<typeof useBegun>>, { ok: true }>["value"];

/** What it comes to: balls first, then how sure that is and why no surer. */
function BegunAnswer({ answer, guessed }: { readonly answer: Begun["answer"]; readonly guessed: boolean }) {
  const units = useUnits();
  if (!answer) return <p className="text-sm text-faint">One rope between two edges; no lengths yet.</p>;
  const [low, middle, high] = answer.needM.map((m) => formatYarn(metres(m), units));
  return (
    <>
      <p>
        <strong className="font-display text-3xl">about {countOf(answer.balls, "ball")}</strong> of{" "}
        {formatMass(grams(answer.ballG), units)}
      </p>
      <p className="mt-1 text-sm">
        {middle}; most likely between {low} and {high}. Comes out at{" "}
        {formatSize(millimetres(answer.acrossMm), units)} by {formatSize(millimetres(answer.alongMm), units)}.
      </p>
      <p className="mt-1 text-sm text-faint">
        A wide range, since {guessed ? "gauge and ball are" : "its gauge is"} only what such a yarn usually
        has. Your swatch{guessed && " and the ball band"} narrow{guessed ? "" : "s"} it.
      </p>
    </>
  );
}
