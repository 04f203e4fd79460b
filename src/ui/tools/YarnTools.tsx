"use client";
import { TAIL_SCHOOLS, tailLength, type TailSchool } from "@/core/estimate/castOn";
import { inHand } from "@/core/estimate/inHand";
import { plainStitch } from "@/core/fabric/plainStitch";
import { LENGTHS } from "@/core/files/bounds";
import { gaugeOrUsual } from "@/core/garment/projectGauge";
import { metres, millimetres, toMetres } from "@/core/units/brands";
import { formatFine, formatYarn, tellSize } from "@/core/units/format";
import { useAnswer, usePieceIn } from "@/state/answer";
import { useProject } from "@/state/projectStore";
import { useUnits } from "@/state/settings";
import { MeasureInput } from "@/ui/parts/MeasureInput";
import { Result, ToolFields } from "./Result";
import { useCountField, useSizeField, useYarnField } from "./useToolField";

const THICKNESS = {
  least: 0.3,
  most: 30,
  tooSmall: "No knitting yarn is thinner than 0.3 mm: check the unit.",
  tooLarge: "No knitting yarn is thicker than 3 cm: check the unit.",
};

/** The tail of a long-tail cast-on by the three schools. */
export function TailTool() {
  const units = useUnits();
  const basis = usePieceIn(useAnswer())?.estimate.tailBasis;
  const stitches = useCountField(basis?.stitches ?? 96, "stitches");
  const needle = useSizeField(formatFine(basis?.needleMm ?? millimetres(5)), LENGTHS.needle, 1);
  const thickness = useSizeField(formatFine(basis?.thicknessMm ?? millimetres(2.8)), THICKNESS, 1);
  const twenty = useSizeField(tellSize(basis?.twentyMm ?? millimetres(400), units), LENGTHS.twenty);
  const width = useSizeField(tellSize(basis?.finishedWidthMm ?? millimetres(480), units), LENGTHS.width);
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
  const others = (["twenty", "widths"] as const satisfies readonly TailSchool[]).map(
    (school) => lengths && `${TAIL_SCHOOLS[school].name}: ${tellSize(tailLength(school, lengths), units)}`,
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
        says={lengths && `${others.join("; ")}. Each with 15 cm for the end.`}
      />
    </>
  );
}

/** What is left of a ball against the rows and the cast-off to come. */
export function InHandTool() {
  const piece = usePieceIn(useAnswer());
  const units = useUnits();
  const plain = plainStitch(gaugeOrUsual(useProject()));
  const left = useYarnField(units === "metric" ? "10 m" : "11 yd");
  const stitches = useCountField(piece?.estimate.stitches ?? 96, "stitches");
  const width = useSizeField(tellSize(piece?.estimate.widthMm ?? millimetres(480), units), LENGTHS.width);
  const hand =
    left.value !== null && stitches.value !== null && width.value !== null
      ? inHand(metres(left.value / 1000), stitches.value, plain, millimetres(width.value))
      : null;
  const tell = (mm: number) => formatYarn(toMetres(millimetres(mm)), units);
  return (
    <>
      <ToolFields>
        <MeasureInput label="Yarn left" {...left.input} />
        <MeasureInput label="Stitches in a row" {...stitches.input} />
        <MeasureInput label="Width of the piece" {...width.input} />
      </ToolFields>
      <Result
        problem={null}
        answer={
          hand &&
          `${hand.rows} ${hand.rows === 1 ? "row" : "rows"}, or ${hand.rowsBeforeCastOff} and the cast-off`
        }
        says={
          hand &&
          `A row takes ${tell(hand.rowMm)}, the cast-off ${tell(hand.castOffMm)} with its end. By the rule of three widths a row (${tell(hand.byWidthsMm)}) it would be ${hand.rowsByWidths}.`
        }
      />
    </>
  );
}
