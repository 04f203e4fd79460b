"use client";
import { ASKS_BY_WORDS, newAsks, type AsksBy } from "@/core/project/asks";
import { ENTERED } from "@/core/project/enteredFigures";
import type { Project } from "@/core/project/project";
import { leastChance } from "@/core/swap/bought";
import type { ComparedCandidate } from "@/core/swap/compareCandidates";
import type { Outcome } from "@/core/swap/outcome";
import { verdictOf } from "@/core/swap/verdict";
import { toReplace, type InHandYarn } from "@/core/templates/toReplace";
import { grams, metres } from "@/core/units/brands";
import { formatChance, formatMass, formatPercent, formatYarn } from "@/core/units/format";
import { say } from "@/core/words/message";
import { useDraft } from "@/state/chosen/startDraft";
import { openStart } from "@/state/chosen/startSheet";
import { useUnits } from "@/state/keeping/settings";
import { useSubstitutes } from "@/state/project/beforehand";
import { startWith } from "@/state/project/newProject";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { ColourDot } from "@/ui/parts/Colour";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Said } from "@/ui/parts/Said";
import { FromShelf } from "./FromShelf";
import { isFine, useDraftField } from "./draftField";

const BY = ASKS_BY_WORDS.map(([value, label]) => ({ value, label }));

const CABLED = [
  { value: "0", label: "none" },
  { value: "30", label: "a panel" },
  { value: "60", label: "about half" },
  { value: "100", label: "all over" },
] as const;
type CabledShare = (typeof CABLED)[number]["value"];

const STRANDS = [
  { value: "0", label: "as it fits" },
  { value: "1", label: "1" },
  { value: "2", label: "2" },
  { value: "3", label: "3" },
] as const;
type Strands = (typeof STRANDS)[number]["value"];

const FROM = [
  { value: "band", label: "off the band" },
  { value: "swatch", label: "my swatch" },
] as const;

/** The pattern's yarn and how much of it, the yarn in hand: balls of each, and what becomes of the fabric. */
export function ReplaceForm({ onDone }: { readonly onDone: () => void }) {
  const [by, setBy] = useDraft<AsksBy>("ask by", "balls");
  const listed = useDraftField("ask balls", ENTERED.ballsBySize);
  const bySize = listed.value ?? [];
  const [size, setSize] = useDraft("ask size", "0");
  const balls = bySize[Number(size)] ?? bySize[0] ?? null;
  const ball = useDraftField("ask ball", ENTERED.ballHolds);
  const length = useDraftField("ask length", ENTERED.yarnAsked);
  const stitches = useDraftField("ask stitches", ENTERED.bandStitches);
  const rows = useDraftField("ask rows", ENTERED.bandRows);
  const [cabled, setCabled] = useDraft<CabledShare>("ask cabled", "60");
  const mine = useDraftField("mine ball", ENTERED.ballHolds);
  const mineStitches = useDraftField("mine stitches", ENTERED.bandStitches);
  const mineRows = useDraftField("mine rows", ENTERED.bandRows);
  const [from, setFrom] = useDraft<(typeof FROM)[number]["value"]>("mine from", "band");
  const [strands, setStrands] = useDraft<Strands>("mine strands", "0");
  const [name, setName] = useDraft("mine name", "");

  const asksEnough = by === "length" ? length.value !== null : (balls ?? 0) > 0;
  const fields = [stitches, rows, mine, mineStitches, mineRows];
  const swatched = from === "swatch" && mineStitches.value !== null;
  const inHand: InHandYarn | null = mine.value && {
    label: {
      putUp: mine.value,
      ...(name !== "" && { name }),
      ...(!swatched && { stitchesPer10Cm: mineStitches.value, rowsPer10Cm: mineRows.value }),
    },
    strands: strands === "0" ? null : Number(strands),
    swatch: swatched ? { stitches: mineStitches.value ?? 0, rows: mineRows.value } : null,
  };
  const project: Project | null =
    asksEnough && ball.value && fields.every(isFine)
      ? toReplace(
          {
            asks: newAsks({
              by,
              balls,
              ball: ball.value,
              lengthM: length.value,
              stitchesPer10Cm: stitches.value,
              rowsPer10Cm: rows.value,
            }),
            cabledPercent: Number(cabled),
            ...(bySize.length > 1 && { bySize }),
          },
          inHand,
        )
      : null;
  const { told, pending } = useSubstitutes(project);
  const go = () => {
    if (!project) return;
    startWith(project);
    onDone();
  };
  return (
    <form
      className="mt-3 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <fieldset className="rounded-lg border border-line p-3">
        <legend className="px-1 font-semibold">The pattern asks for</legend>
        <div className="mb-2 text-sm">
          <Choice label="How the pattern says it" options={BY} value={by} onChange={setBy} />
        </div>
        <div className="grid grid-cols-2 items-start gap-x-3 sm:grid-cols-4">
          {by === "length" ? (
            <MeasureInput label="Yarn" {...length.input} example={say("exampleYarn", { m: 640 })} />
          ) : (
            <MeasureInput label="Balls" {...listed.input} example="e.g. 9, or 9 (10, 12)" />
          )}
          <MeasureInput label="A ball holds" {...ball.input} example={say("exampleBall")} />
          <MeasureInput
            label="Its stitch gauge"
            {...stitches.input}
            example={say("exampleGauge", { count: 18, counted: "stitches" })}
          />
          <MeasureInput
            label="Its row gauge"
            {...rows.input}
            example={say("exampleGauge", { count: 25, counted: "rows" })}
          />
        </div>
        {bySize.length > 1 && by !== "length" && (
          <div className="mb-2 text-sm">
            <p aria-hidden>Your size, with its balls</p>
            <Choice
              label="Your size"
              options={bySize.map((count, at) => ({ value: String(at), label: `${at + 1}: ${count}` }))}
              value={bySize[Number(size)] === undefined ? "0" : size}
              onChange={setSize}
            />
          </div>
        )}
        <div className="text-sm">
          <p aria-hidden>Cabled</p>
          <Choice label="How much is cabled" options={CABLED} value={cabled} onChange={setCabled} />
        </div>
      </fieldset>
      <fieldset className="rounded-lg border border-line p-3">
        <legend className="px-1 font-semibold">You have, or would like</legend>
        <div className="grid grid-cols-2 items-start gap-x-3 sm:grid-cols-3">
          <MeasureInput label="A ball of yours holds" {...mine.input} example={say("exampleBall")} />
          <MeasureInput label="Your stitch gauge" {...mineStitches.input} example="if you know it" />
          <MeasureInput label="Your row gauge" {...mineRows.input} example="if you know it" />
        </div>
        <div className="flex flex-wrap gap-x-4 gap-y-2 text-sm">
          <div>
            <p aria-hidden>This gauge is</p>
            <Choice label="Where your gauge is from" options={FROM} value={from} onChange={setFrom} />
          </div>
          <div>
            <p aria-hidden>Strands together</p>
            <Choice label="Strands together" options={STRANDS} value={strands} onChange={setStrands} />
          </div>
        </div>
        <div className="mt-2">
          <FromShelf
            of="mine"
            onYarn={({ entry, ballText, gaugeText }) => {
              mine.input.onText(ballText);
              mineStitches.input.onText(gaugeText);
              setName(entry.label.name);
            }}
          />
        </div>
      </fieldset>
      <div aria-live="polite" className={pending && told ? "opacity-60" : ""}>
        {!project && (
          <p className="text-sm text-faint">
            The answer comes with the pattern’s balls and what one of them holds; gauge and your own yarn make
            it better.
          </p>
        )}
        {project && !told && <p className="text-faint">Calculating …</p>}
        {told && <Substitutes sides={told} asked={by === "length" ? null : balls} />}
      </div>
      <div className="flex flex-wrap items-center justify-end gap-3">
        <Button
          disabled={!project}
          onClick={() => {
            go();
            openStart();
          }}
        >
          Describe the garment
        </Button>
        <Button submits look="main" size="large" disabled={!project}>
          Continue with these
        </Button>
      </div>
    </form>
  );
}

/** The pattern's yarn and its substitutes, one under the other. */
function Substitutes({
  sides,
  asked,
}: {
  readonly sides: readonly ComparedCandidate[];
  /** Balls that the pattern itself asks for. */
  readonly asked: number | null;
}) {
  const [first] = sides;
  const own = first?.compared.ok ? first.compared.outcome : null;
  if (!own)
    return <p className="text-madder">What the pattern asks for cannot be worked: look at its gauge.</p>;
  return (
    <ul aria-label="Yarns side by side" className="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
      {sides.map(({ compared, own: isOwn }) => (
        <li
          key={compared.ok ? compared.outcome.id : compared.id}
          className={`rounded-lg border p-3 ${isOwn ? "border-ink bg-paper" : "border-line"}`}
        >
          {compared.ok ? (
            <Substitute outcome={compared.outcome} own={own} asked={isOwn ? asked : null} isOwn={isOwn} />
          ) : (
            <>
              <p className="font-display text-lg font-semibold">{compared.name}</p>
              <p className="text-madder">
                <Said>{compared.message}</Said>
              </p>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

interface SubstituteProps {
  readonly outcome: Outcome;
  readonly own: Outcome;
  readonly isOwn: boolean;
  readonly asked: number | null;
}

/** Counts beside the one that is told: what the pattern asks for, one ball fewer, one more. */
function otherCounts({ balls, chances }: Outcome, asked: number | null): Outcome["chances"] {
  const wanted = new Set([asked, balls - 1, balls + 1]);
  return chances.filter((one) => one.balls !== balls && wanted.has(one.balls));
}

function Substitute({ outcome, own, isOwn, asked }: SubstituteProps) {
  const units = useUnits();
  const { name, colour, strands, balls, needM, spreadM, weighed, next } = outcome;
  const ballG = strands[0]?.ballG ?? 0;
  const others = otherCounts(outcome, asked);
  return (
    <>
      <p className="font-display text-lg leading-tight font-semibold">
        <ColourDot colour={colour} /> {name}
      </p>
      <p>
        <strong className="font-display text-3xl">{balls}</strong> × {formatMass(grams(ballG), units)},{" "}
        {formatChance(leastChance(outcome), weighed)}
      </p>
      {others.length > 0 && (
        <p className="text-sm">
          {others.map((one, index) => (
            <span key={one.balls}>
              {index > 0 && "; "}
              {one.balls === asked ? `the pattern’s ${one.balls}` : `with ${one.balls}`}:{" "}
              {formatChance(one.chance, weighed)}
            </span>
          ))}
        </p>
      )}
      <p className="text-sm text-faint">
        {formatYarn(metres(needM), units)}, between {formatYarn(metres(spreadM[0]), units)} and{" "}
        {formatYarn(metres(spreadM[1]), units)}
      </p>
      <div className="mt-1 text-sm">
        {isOwn ? (
          <p>What the pattern is knitted in.</p>
        ) : (
          verdictOf(outcome, own, "size").map((says) => (
            <p key={says.code}>
              <Said>{says}</Said>
            </p>
          ))
        )}
        {next && next.left < 0.97 && (
          <p className="text-faint">
            To be surer: <Said>{next.says}</Said>; {formatPercent(1 - next.left)} of the doubt would go.
          </p>
        )}
      </div>
    </>
  );
}
