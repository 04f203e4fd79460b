"use client";
import { say } from "@/core/words/message";
import { useSaid } from "@/ui/parts/Said";
import { useState } from "react";
import { END_MM, TAIL_RULES, tailLength, type TailRule } from "@/core/estimate/longTail";
import { inHand } from "@/core/estimate/inHand";
import { plainStitch } from "@/core/stitches/plainStitch";
import { gaugeOrUsual } from "@/core/garment/projectGauge";
import type { Finished } from "@/core/estimate/finished";
import { readYarnInHand } from "@/core/yarn/inHand";
import type { PutUp } from "@/core/yarn/putUp";
import { metres, millimetres } from "@/core/units/brands";
import { formatChance, formatSize, tellSize } from "@/core/units/format";
import { useAnswer, usePieceIn } from "@/state/engine/answer";
import { useChosenPiece, useChosenSection } from "@/state/chosen/chosen";
import { useProject } from "@/state/project/projectStore";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { useHowFar } from "@/state/engine/howFar";
import { useOmissions } from "@/state/engine/omissions";
import { sectionName } from "@/ui/pieces/sectionWords";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { problemOf, Result, ToolFields } from "./Result";
import { ENTERED } from "@/core/project/enteredFigures";
import { useEntered } from "@/ui/parts/useEntered";

/** The tail of a long-tail cast-on by the three schools. */
export function TailTool() {
  const units = useUnits();
  const basis = usePieceIn(useAnswer())?.estimate.tailBasis;
  const stitches = useEntered(ENTERED.stitches, basis?.stitches ?? 96);
  const needle = useEntered(ENTERED.needle, basis?.needleMm ?? 5);
  const thickness = useEntered(ENTERED.thickness, basis?.thicknessMm ?? 2.8);
  const twenty = useEntered(ENTERED.twenty, basis?.twentyMm ?? 400);
  const width = useEntered(ENTERED.across, basis?.finishedWidthMm ?? 480);
  const lengths =
    stitches.value !== null &&
    needle.value !== null &&
    thickness.value !== null &&
    twenty.value !== null &&
    width.value !== null
      ? {
          stitches: stitches.value,
          needleMm: millimetres(needle.value),
          thicknessMm: millimetres(thickness.value),
          twentyMm: millimetres(twenty.value),
          finishedWidthMm: millimetres(width.value),
        }
      : null;
  const others = (["twenty", "widths"] as const satisfies readonly TailRule[]).map(
    (school) => lengths && `${TAIL_RULES[school].name}: ${tellSize(tailLength(school, lengths), units)}`,
  );
  return (
    <>
      <ToolFields>
        <MeasureInput label="Stitches to cast on" {...stitches.input} />
        <MeasureInput label="Needle" {...needle.input} />
        <MeasureInput label="Thickness of the yarn" {...thickness.input} />
        <MeasureInput label="Twenty stitches took" {...twenty.input} />
        <MeasureInput label="Finished width" {...width.input} />
      </ToolFields>
      <Result
        problem={null}
        answer={lengths && `${tellSize(tailLength("wraps", lengths), units)} by wraps`}
        says={lengths && `${others.join("; ")}. Each with ${tellSize(END_MM, units)} for the end.`}
      />
    </>
  );
}

/** How far the yarn at hand goes: the chosen section longer or shorter, or all of it in another size. */
export function HowFarTool() {
  const units = useUnits();
  const words = useSettings((settings) => settings.words);
  const project = useProject();
  const piece = useChosenPiece();
  const section = useChosenSection();
  const weighed = useAnswer();
  const yarn = project.yarns.find(({ id }) => id === piece.yarnId) ?? project.yarns[0];
  const [text, setText] = useState("3");
  const putUp = yarn?.putUp as PutUp | null | undefined;
  const reading = putUp ? readYarnInHand(text, putUp) : null;
  const whole = useOmissions().length === 0;
  const inHand = whole && reading?.ok ? reading.value : null;
  const far = useHowFar(inHand?.lengthM ?? null, inHand?.balls ?? 0);
  const size = ({ acrossMm, alongMm }: Finished) =>
    `${formatSize(millimetres(acrossMm), units)} × ${formatSize(millimetres(alongMm), units)}`;
  const problem = !putUp
    ? "Say first what a ball holds, on the Pieces bench."
    : whole
      ? problemOf(reading)
      : "Something is left out of the project: fix it first, or say to leave it out.";
  return (
    <>
      <MeasureInput
        id="yarn-at-hand"
        label={`${yarn?.name ?? "Yarn"} at hand`}
        text={text}
        onText={setText}
        example={say("exampleAtHand")}
        says="whole balls, weights or lengths; several are added up"
      />
      <Result
        problem={problem ?? (far && !far.long && !far.shape ? "It is not enough for any of it." : null)}
        answer={
          far?.long
            ? `${far.long.rows} rows: ${size(far.long.size)}`
            : far?.shape
              ? size(far.shape)
              : inHand && far === undefined
                ? "Calculating …"
                : null
        }
        says={
          far && (
            <>
              {far.long && <>So long {sectionName(section, words)} can be at that width. </>}
              {far.shape && <>In the same shape all of it can be {size(far.shape)}. </>}
              As it stands, {formatChance(far.asItIs, weighed.known && weighed.weighed)} that it is enough.
            </>
          )
        }
      />
    </>
  );
}

/** What is left of a ball against the rows and the cast-off to come. */
export function InHandTool() {
  const said = useSaid();
  const piece = usePieceIn(useAnswer());
  const units = useUnits();
  const plain = plainStitch(gaugeOrUsual(useProject()));
  const left = useEntered(ENTERED.yarnLeft, units === "metric" ? "10 m" : "11 yd");
  const stitches = useEntered(ENTERED.stitches, piece?.estimate.stitches ?? 96);
  const width = useEntered(ENTERED.across, piece?.estimate.widthMm ?? 480);
  const hand =
    left.value !== null && stitches.value !== null && width.value !== null
      ? inHand(metres(left.value / 1000), stitches.value, plain, millimetres(width.value))
      : null;
  return (
    <>
      <ToolFields>
        <MeasureInput label="Yarn left" {...left.input} />
        <MeasureInput label="Stitches in a row" {...stitches.input} />
        <MeasureInput label="Width of the piece" {...width.input} />
      </ToolFields>
      <Result
        problem={null}
        answer={hand && said(say("rowsLeft", { rows: hand.rows, before: hand.rowsBeforeCastOff }))}
        says={
          hand &&
          said(
            say("rowsLeftWhy", {
              rowMm: hand.rowMm,
              castOffMm: hand.castOffMm,
              byWidthsMm: hand.byWidthsMm,
              byWidths: hand.rowsByWidths,
            }),
          )
        }
      />
    </>
  );
}
