"use client";
import { say } from "@/core/words/message";
import { useSaid } from "@/ui/parts/Said";
import { END_MM, TAIL_RULES, tailLength, type TailRule } from "@/core/estimate/longTail";
import { inHand } from "@/core/estimate/inHand";
import { plainStitch } from "@/core/stitches/plainStitch";
import { gaugeOrUsual } from "@/core/garment/projectGauge";
import { metres, millimetres } from "@/core/units/brands";
import { tellSize } from "@/core/units/format";
import { useAnswer, usePieceIn } from "@/state/engine/answer";
import { useProject } from "@/state/project/projectStore";
import { useUnits } from "@/state/keeping/settings";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Result, ToolFields } from "./Result";
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
