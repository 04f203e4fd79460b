"use client";
import { useEffect, useRef } from "react";
import type { Cabled } from "@/core/garment/fit";
import type { Making, ToUseUp } from "@/core/order/makings";
import { ENTERED } from "@/core/project/enteredFigures";
import { START_LIST, type StartId } from "@/core/templates/startList";
import { metres, millimetres } from "@/core/units/brands";
import { formatChance, formatSize, formatYarn } from "@/core/units/format";
import { say } from "@/core/words/message";
import { countOf } from "@/core/words/things";
import { readYarnInHand } from "@/core/yarn/inHand";
import { useDraft } from "@/state/chosen/startDraft";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { lookHome, useHome } from "@/state/keeping/home";
import { useMadeAgain, useMaking } from "@/state/project/beforehand";
import { startWith } from "@/state/project/newProject";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { StepCurve } from "@/ui/useUp/StepCurve";
import { useDraftField, isFine } from "./draftField";
import { CabledChoice } from "./CabledChoice";
import { FromShelf } from "./FromShelf";
import { ShapeChoice } from "./ShapeChoice";
import { thingOf, useMeasures, usualOf } from "./useMeasures";

/** What grows with its yarn comes first, then what has a size of its own. */
const THINGS = START_LIST.filter(({ id }) => id !== "empty").toSorted(
  (a, b) => Number(a.grows === null) - Number(b.grows === null),
);
const IDS = THINGS.map(({ id }) => id);

/** Yarn at hand: what can be made of it, and how large. */
export function UseUpForm({ onDone }: { readonly onDone: () => void }) {
  const pace = useSettings((settings) => settings.pace);
  const ball = useDraftField("use ball", ENTERED.ballHolds);
  const [amount, setAmount] = useDraft("use amount", "");
  const stitches = useDraftField("use stitches", ENTERED.bandStitches);
  const [cabled, setCabled] = useDraft<Cabled>("use cabled", "half");
  const [start, setStart] = useDraft<StartId | "">("use what", "");
  const chosen = useRef<HTMLDivElement>(null);
  const reading = ball.value && amount.trim() !== "" ? readYarnInHand(amount, ball.value) : null;
  const toUse: ToUseUp | null =
    ball.value && reading?.ok && isFine(stitches)
      ? {
          yarn: { name: "", putUp: ball.value, stitchesPer10Cm: stitches.value, rowsPer10Cm: null },
          inHand: reading.value,
          certainty: "steady",
          cabled,
          pace,
        }
      : null;
  return (
    <div className="mt-3 grid gap-3">
      <div className="grid items-start gap-x-3 sm:grid-cols-3">
        <MeasureInput label="A ball of it holds" {...ball.input} example={say("exampleBall")} />
        <MeasureInput
          id="use-amount"
          label="You have"
          text={amount}
          onText={setAmount}
          example={say("exampleAtHand")}
          wrong={reading && !reading.ok ? reading.message : undefined}
          says="balls, weights or lengths; several are added up"
        />
        <MeasureInput
          label="Its stitch gauge"
          {...stitches.input}
          example="as such a yarn usually has"
          says="plain, off the band or your swatch"
        />
      </div>
      <FromShelf
        onYarn={({ ballText, amountText, gaugeText }) => {
          ball.input.onText(ballText);
          setAmount(amountText);
          stitches.input.onText(gaugeText);
        }}
      />
      <CabledChoice value={cabled} onChange={setCabled} />
      <h2 className="border-t border-line pt-3 text-xl">
        {toUse ? "It is enough for" : "What it could become"}
      </h2>
      {!toUse && (
        <p className="-mt-2 text-sm text-faint">
          Enter what a ball holds and how much you have to see what it is enough for.
        </p>
      )}
      <ShapeChoice
        label="What to make"
        among={IDS}
        value={start === "" ? null : start}
        onChange={(id) => {
          setStart(id);
          requestAnimationFrame(() => chosen.current?.scrollIntoView({ block: "nearest" }));
        }}
        {...(toUse && { says: (id: StartId) => <ThingSays toUse={toUse} start={id} /> })}
      />
      {toUse && <MadeBefore toUse={toUse} onDone={onDone} />}
      <div ref={chosen}>
        {start !== "" && <ChosenThing key={start} start={start} toUse={toUse} onDone={onDone} />}
      </div>
    </div>
  );
}

/** Projects of one's own, made again of this yarn; none of the demo, and no more than one looks through. */
function MadeBefore({ toUse, onDone }: { readonly toUse: ToUseUp; readonly onDone: () => void }) {
  const { cards } = useHome();
  useEffect(() => void lookHome(), []);
  const own = (cards ?? [])
    .filter(({ demo, goneAt, need }) => !demo && goneAt === null && need !== null)
    .toSorted((a, b) => b.changedAt - a.changedAt)
    .slice(0, MOST_AGAIN);
  if (own.length === 0) return null;
  return (
    <>
      <h3 className="text-lg">Or again what you have made</h3>
      <ul aria-label="What you have made" className="-mt-2 grid gap-x-4 sm:grid-cols-2">
        {own.map(({ id, name }) => (
          <AgainSays key={id} id={id} name={name || "Untitled project"} toUse={toUse} onDone={onDone} />
        ))}
      </ul>
    </>
  );
}

const MOST_AGAIN = 12;

interface AgainProps {
  readonly id: string;
  readonly name: string;
  readonly toUse: ToUseUp;
  readonly onDone: () => void;
}

function AgainSays({ id, name, toUse, onDone }: AgainProps) {
  const { told } = useMadeAgain(toUse, id);
  const units = useUnits();
  const made = told?.made;
  return (
    <li className="flex flex-wrap items-baseline gap-x-2 border-t border-line py-1.5 text-sm">
      <strong className="min-w-0 wrap-anywhere">{name}</strong>
      {!told ? (
        <span className="text-faint">calculating …</span>
      ) : !made ? (
        <span className="text-faint">not in this yarn</span>
      ) : (
        <>
          <span>
            takes {formatYarn(metres(made.needM), units)}: {formatChance(made.chance, false)} that it is
            enough
          </span>
          <Button
            look="link"
            aria-label={`Start ${name} again`}
            onClick={() => {
              startWith({
                ...made.project,
                id: "",
                name: `${name}, again`.slice(0, 120),
                demo: false,
                log: [],
              });
              onDone();
            }}
          >
            Start
          </Button>
        </>
      )}
    </li>
  );
}

/** How far the yarn goes in one thing of its usual measures, in a line. */
function ThingSays({ toUse, start }: { readonly toUse: ToUseUp; readonly start: StartId }) {
  const { told, pending } = useMaking(toUse, start, usualOf(start));
  const units = useUnits();
  if (!told?.ok) return <span className="text-faint">{told ? "not of this yarn" : "calculating …"}</span>;
  return <span className={pending ? "opacity-60" : ""}>{inALine(told.value, units)}</span>;
}

const sizeOf = (mm: number, units: "metric" | "imperial") => formatSize(millimetres(mm), units);

/** Example: "61 cm long, 20 cm wide", "25 × 25 cm", "not enough: takes about 124 m". */
function inALine({ grows, used, needM, hours }: Making, units: "metric" | "imperial"): string {
  const about = `about ${Math.max(1, Math.round(hours))} h`;
  const size = used?.found?.size;
  if (!used?.found)
    return grows === null
      ? `not enough: it takes ${formatYarn(metres(needM), units)}`
      : "not enough for any of it";
  if (grows === "length" && size)
    return `${sizeOf(size.alongMm, units)} at ${sizeOf(size.acrossMm, units)}, ${about}`;
  if (grows === "size" && size)
    return `${sizeOf(size.acrossMm, units)} × ${sizeOf(size.alongMm, units)}, ${about}`;
  const left = used.left[0]?.m ?? 0;
  return `enough, ${formatYarn(metres(Math.max(0, left)), units)} left, ${about}`;
}

interface ChosenProps {
  readonly start: StartId;
  readonly toUse: ToUseUp | null;
  readonly onDone: () => void;
}

/** One thing in its own measures, with its curve; begun by a press. */
function ChosenThing({ start, toUse, onDone }: ChosenProps) {
  const thing = thingOf(start);
  const { across, ease, along, measures } = useMeasures("use", start);
  const freed = thing?.grows === "length";
  const { told, pending } = useMaking(toUse, start, measures);
  return (
    <section aria-label={thing?.name ?? "The thing"} className="rounded-xl border border-ink p-4">
      <h2 className="text-xl">{thing?.name}</h2>
      <div className="mt-2 grid grid-cols-3 items-start gap-x-3">
        <MeasureInput label={thing?.across.name ?? "Width"} {...across.input} />
        <MeasureInput label="Ease" {...ease.input} says="less than 0 to stretch" />
        {!freed && (
          <MeasureInput
            label={thing?.along.name ?? "Length"}
            {...along.input}
            says={thing?.grows === "size" && "in this shape, as large as the yarn lasts"}
          />
        )}
      </div>
      <div aria-live="polite" className={`min-h-40 border-t border-line pt-3 ${pending ? "opacity-60" : ""}`}>
        {!toUse && <p className="text-faint">Enter the yarn first.</p>}
        {told && !told.ok && (
          <p className="text-madder">
            <Said>{told.message}</Said>
          </p>
        )}
        {told?.ok && <MadeSo making={told.value} />}
      </div>
      <div className="flex justify-end">
        <Button
          look="main"
          size="large"
          disabled={!told?.ok || pending}
          onClick={() => {
            if (!told?.ok) return;
            startWith(told.value.project);
            onDone();
          }}
        >
          Start with this
        </Button>
      </div>
    </section>
  );
}

/** What the yarn comes to: the answer large, then how sure, what one step more would be, and what is left. */
function MadeSo({ making }: { readonly making: Making }) {
  const units = useUnits();
  const { grows, used, needM, hours } = making;
  if (!used) return <p className="text-madder">This cannot be worked in this yarn.</p>;
  const { found, beyond, stop, left } = used;
  const size = found?.size;
  const step = grows === "length" ? "One repeat more" : "A little larger";
  return (
    <>
      <p className="font-display text-3xl leading-tight font-semibold">
        {found === null
          ? "Not enough"
          : grows === "length" && size
            ? `${sizeOf(size.alongMm, units)} long`
            : grows === "size" && size
              ? `${sizeOf(size.acrossMm, units)} × ${sizeOf(size.alongMm, units)}`
              : "Enough"}
      </p>
      {found && (
        <p className="mt-1 text-sm">
          {grows === "length" && size && (
            <>
              {sizeOf(size.acrossMm, units)} wide, {countOf(found.count, "repeat")} of its cables
              {stop && `, ${countOf(stop.rows, "row")}`}.{" "}
            </>
          )}
          {formatChance(found.chance, false)} that the yarn is enough
          {left[0] && `; most likely ${formatYarn(metres(Math.max(0, left[0].m)), units)} are left`}. About{" "}
          {Math.max(1, Math.round(hours))} h.
        </p>
      )}
      {found && beyond && grows !== null && (
        <p className="mt-1 text-sm text-faint">
          {step}
          {beyond.alongMm !== null && `, ${sizeOf(beyond.alongMm, units)} long`}:{" "}
          {formatChance(beyond.chance, false)}.
        </p>
      )}
      {found === null && (
        <p className="mt-1 text-sm">
          {grows === null ? "At this size it" : "The least of it"} takes about{" "}
          {formatYarn(metres(needM), units)}: {formatChance(used.asItIs, false)} that this is enough.
        </p>
      )}
      {grows !== null && <StepCurve used={used} weighed={false} />}
    </>
  );
}
