"use client";
import { useMemo, useState } from "react";
import type { Freed, SectionPlace } from "@/core/order/ladder";
import type { HandOf, UsedUp, UseUpAsked } from "@/core/order/useUp";
import { fullName, isSameYarn } from "@/core/project/label";
import type { Project } from "@/core/project/project";
import { hasAsked, isFabric } from "@/core/project/sectionKinds";
import { metres, millimetres } from "@/core/units/brands";
import { formatChance, formatSize, formatYarn } from "@/core/units/format";
import { say } from "@/core/words/message";
import { countOf } from "@/core/words/things";
import { readYarnInHand } from "@/core/yarn/inHand";
import type { PutUp } from "@/core/yarn/putUp";
import { useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { useDrafts } from "@/state/chosen/startDraft";
import { openUseUp } from "@/state/chosen/useUpSheet";
import { useAnswer } from "@/state/engine/answer";
import { useAsked } from "@/state/engine/asked";
import { useOmissions } from "@/state/engine/omissions";
import { withFigures } from "@/core/engine/basis";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { replace, useProject, useShelf } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Select } from "@/ui/parts/Select";
import { Sheet } from "@/ui/parts/Sheet";
import { Tick } from "@/ui/parts/Tick";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";
import { NotWhole } from "@/ui/frame/LeftOut";
import { sectionName } from "@/ui/pieces/sectionWords";
import { StepCurve } from "./StepCurve";
import { tellInHand } from "./tellInHand";

/** Makes something of the open project as long, as many or as large as the yarn at hand lasts. */
export function UseUpSheet() {
  return (
    <Sheet open onOpenChange={openUseUp} title="As long as the yarn lasts">
      <UseUp />
    </Sheet>
  );
}

const BY = [
  { value: "length", label: "the length of some sections" },
  { value: "times", label: "how often a piece is worked" },
  { value: "size", label: "all of it, in its shape" },
  { value: "sizes", label: "which of its sizes" },
] as const;
type By = (typeof BY)[number]["value"];

/** Sizes are one way only where there are some. */
const waysOf = ({ sizes }: Project) => (sizes.length > 1 ? BY : BY.filter(({ value }) => value !== "sizes"));

const placeOf = ({ pieceId, sectionId }: SectionPlace): SectionPlace => ({ pieceId, sectionId });
const keyOf = ({ pieceId, sectionId }: SectionPlace) => `${pieceId} ${sectionId}`;

function UseUp() {
  const project = useProject();
  const words = useSettings((settings) => settings.words);
  const whole = useOmissions().length === 0;
  const piece = useChosenPiece();
  const section = useChosenSection();
  const fabrics = fabricsOf(project);
  const own = fabrics.find(({ sectionId }) => sectionId === section.id) ?? fabrics[0];
  const onlyAsked = hasAsked(project);
  const [by, setBy] = useState<By>(
    !onlyAsked && own ? "length" : project.sizes.length > 1 ? "sizes" : "size",
  );
  const [freed, setFreed] = useState<readonly string[]>(own ? [keyOf(own)] : []);
  const [pieceId, setPieceId] = useState(piece.id);
  const { hands, fields } = useHands(project);
  const what: Freed =
    by === "length"
      ? { by, sections: fabrics.filter((one) => freed.includes(keyOf(one))).map(placeOf) }
      : by === "times"
        ? { by, pieceId }
        : { by };
  const some = what.by !== "length" || what.sections.length > 0;
  const wish: UseUpAsked = { freed: what, inHand: hands };
  const key = whole && some && hands.length > 0 ? JSON.stringify(wish) : null;
  return (
    <div className="mt-2 grid gap-3">
      {!whole && <NotWhole>How far a yarn goes cannot be told.</NotWhole>}
      <Select label="What varies" options={waysOf(project)} value={by} onChange={setBy} />
      {by === "length" && (
        <ul aria-label="Sections that vary together" className="grid max-h-40 gap-1 overflow-y-auto">
          {fabrics.map((one) => (
            <li key={keyOf(one)}>
              <Tick
                checked={freed.includes(keyOf(one))}
                onChange={(on) =>
                  setFreed(on ? [...freed, keyOf(one)] : freed.filter((key) => key !== keyOf(one)))
                }
              >
                {one.pieceName}: {sectionName(one.section, words)}
              </Tick>
            </li>
          ))}
        </ul>
      )}
      {by === "times" && (
        <Select
          label="Piece"
          options={project.pieces.map(({ id, name }) => ({ value: id, label: name || "Piece" }))}
          value={pieceId}
          onChange={setPieceId}
        />
      )}
      {fields}
      <div aria-live="polite" className="min-h-44 border-t border-line pt-3">
        {key !== null && <Outcome wish={key} project={project} />}
        {key === null && whole && <p className="text-faint">Enter how much yarn you have.</p>}
      </div>
    </div>
  );
}

/** How far the yarn goes by a wish, told as a text: the same one is asked once. */
function Outcome({ wish, project }: { readonly wish: string; readonly project: Project }) {
  const asked = useMemo(() => JSON.parse(wish) as UseUpAsked, [wish]);
  const { told, current, progress, stop } = useAsked("useUp", asked);
  if (!current)
    return (
      <p role="status" className="flex items-center gap-3 text-faint">
        Calculating … {progress !== null && `${Math.round(100 * progress)} %`}
        <Button look="link" onClick={stop}>
          Stop
        </Button>
      </p>
    );
  if (!told)
    return (
      <p className="text-madder">None of this can be lengthened by whole repeats: choose something else.</p>
    );
  return <Told told={told} project={project} />;
}

interface FabricOf extends SectionPlace {
  readonly pieceName: string;
  readonly section: Project["pieces"][number]["sections"][number];
}

/** Sections that can grow. */
const fabricsOf = ({ pieces }: Project): readonly FabricOf[] =>
  pieces.flatMap(({ id, name, leftOut, sections }) =>
    leftOut
      ? []
      : sections
          .filter((section) => isFabric(section) && !section.leftOut)
          .map((section) => ({ pieceId: id, sectionId: section.id, pieceName: name || "Piece", section })),
  );

/** How much there is of each yarn that is used: typed, and at first what lies on the shelf. */
function useHands(project: Project) {
  const units = useUnits();
  const answer = useAnswer();
  const { entries } = useShelf();
  const used = answer.known ? answer.yarns.map(({ yarn }) => yarn.id) : [];
  const yarns = project.yarns.filter(({ id }) => used.includes(id));
  const { texts, keep } = useDrafts();
  const first = project.yarns[0]?.putUp as PutUp | null | undefined;
  const each = yarns.map(({ id, name, putUp }) => {
    const key = `hand ${project.id} ${id}`;
    const mine = entries.filter(({ label }) => isSameYarn(fullName(label), name));
    const text = texts[key] ?? tellInHand(mine, units);
    const ball = (putUp as PutUp | null) ?? first ?? null;
    const reading = ball && text.trim() !== "" ? readYarnInHand(text, ball) : null;
    return { id, key, name, text, typed: texts[key] !== undefined, reading };
  });
  const hands = each.flatMap(({ id, reading }): readonly HandOf[] =>
    reading?.ok ? [{ yarnId: id, ...reading.value }] : [],
  );
  const fields = each.map(({ id, key, name, text, typed, reading }) => (
    <MeasureInput
      key={id}
      id={`hand-${id}`}
      label={`${name || "Yarn"} at hand`}
      text={text}
      onText={(next) => keep(key, next)}
      example={say("exampleAtHand")}
      wrong={reading && !reading.ok ? reading.message : undefined}
      says={
        !typed && text !== "" ? "as it lies on your shelf" : "balls, weights or lengths; several are added up"
      }
    />
  ));
  return { hands, fields };
}

function Told({ told, project }: { readonly told: UsedUp; readonly project: Project }) {
  const units = useUnits();
  const answer = useAnswer();
  const weighed = answer.known && answer.weighed;
  const { found, beyond, stop, left, unsaid, unworked, asItIs, by } = told;
  const size = (mm: number) => formatSize(millimetres(mm), units);
  const yarnName = (id: string) => project.yarns.find((yarn) => yarn.id === id)?.name ?? "a yarn";
  const pieceName = project.pieces.find(({ id }) => id === stop?.pieceId)?.name ?? "";
  return (
    <>
      <p className="font-display text-3xl leading-tight font-semibold">
        {!found
          ? "Not enough for any of it"
          : by === "times"
            ? countOf(found.count, "time")
            : found.name !== null
              ? `Size ${found.name}`
              : found.size
                ? `${size(found.size.acrossMm)} × ${size(found.size.alongMm)}`
                : by === "size"
                  ? `${found.count} % of its size`
                  : countOf(found.count, "repeat")}
      </p>
      {found && (
        <p className="mt-1 text-sm">
          {found.name !== null &&
            found.size &&
            `It comes out at ${size(found.size.acrossMm)} × ${size(found.size.alongMm)}: `}
          {by === "length" && stop && `${countOf(found.count, "repeat")}, ${countOf(stop.rows, "row")}: `}
          {formatChance(found.chance, weighed)} that the yarn is enough.{" "}
          {left.map(({ yarnId, m }) => (
            <span key={yarnId}>
              {left.length > 1 && `${yarnName(yarnId)}: `}
              {formatYarn(metres(Math.max(0, m)), units)} most likely left.{" "}
            </span>
          ))}
          {stop && `On the needles that is up to row ${stop.inPiece} of ${pieceName || "its piece"}.`}
        </p>
      )}
      {beyond && (
        <p className="mt-1 text-sm text-faint">
          {found ? (beyond.name === null ? "One step more" : `Size ${beyond.name}`) : "Even the least of it"}:{" "}
          {formatChance(beyond.chance, weighed)}. As the project stands: {formatChance(asItIs, weighed)}.
        </p>
      )}
      {!found && by === "length" && (
        <p className="mt-1 text-sm">
          The rest of the project already takes more than that: let more sections vary, or all of it in its
          shape.
        </p>
      )}
      {unsaid.length > 0 && (
        <p className="mt-1 border-l-4 border-weld pl-2 text-sm">
          No amount is entered for {unsaid.map(yarnName).join(" and ")}: it is assumed to be enough.
        </p>
      )}
      {unworked.length > 0 && (
        <p className="mt-1 border-l-4 border-weld pl-2 text-sm">
          Not looked at, since its measures are missing or it cannot be worked: size {unworked.join(", ")}.
        </p>
      )}
      <StepCurve used={told} weighed={weighed} />
      {told.project && (
        <div className="mt-2 flex justify-end">
          <Button
            look="main"
            onClick={() => {
              if (!told.project) return;
              replace("use up", withFigures(project, told.project));
              openUseUp(false);
              toast.success("Made as long as the yarn lasts", undoable);
            }}
          >
            Make it so
          </Button>
        </div>
      )}
    </>
  );
}
