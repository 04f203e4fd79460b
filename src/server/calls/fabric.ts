/** How far a written panel draws in, and what its crossings eat. */
import { plainly } from "@/core/words/plainly";
import { z } from "zod";
import { BLOCKING_IDS } from "@/core/fabric/blocking";
import { relaxPanel } from "@/core/fabric/relax";
import { isWrong } from "@/core/instructions/findings";
import { readPattern } from "@/core/instructions/read";
import { stitchesOf, type Panel } from "@/core/panels/panel";
import { USUAL_ASPECT } from "@/core/yarn/thickness";
import { answered, unanswerable, type Answered, type Diagnostic } from "../answered";
import { askedIn } from "../json";

const ask = z.strictObject({
  /** Rows as text. */
  instructions: z.string().min(1, "Write at least one row, such as: Row 1: P2, C4F, P2."),
  blocking: z.enum(BLOCKING_IDS).default("asKnit"),
  /** Height of a plain row over the width of a plain stitch. */
  aspect: z.number().min(0.3).max(1.5).default(USUAL_ASPECT),
});

/** What one answer may take: a panel, not a whole garment. */
const MOST_ACROSS = 600;
const MOST_STITCHES = 40_000;

/** The panel of a text, or why there is none. */
function read(instructions: string): Panel | readonly Diagnostic[] {
  const { panel, complete, findings } = readPattern(instructions);
  const wrong = findings.filter(isWrong);
  if (wrong.length > 0)
    return wrong.map(({ line, column, row, message, mends }) => ({
      line,
      column,
      message: plainly(message),
      ...(row !== null && { row }),
      ...(mends.length > 0 && {
        mends: mends.map(({ label, edit }) => ({ label: plainly(label), ...edit })),
      }),
    }));
  if (panel && complete) return panel;
  return [{ line: 1, column: 1, message: "No row could be read. Write rows as: Row 1: P2, C4F, P2." }];
}

/** Why a panel is too large for one answer; null where it is not. */
function tooLarge({ rows }: Panel): string | null {
  const across = Math.max(...rows.map(stitchesOf));
  if (across > MOST_ACROSS) return `A row has ${across} stitches: send at most ${MOST_ACROSS} across.`;
  if (across * rows.length > MOST_STITCHES)
    return `The panel has ${across * rows.length} stitches: send at most ${MOST_STITCHES}, one repeat is enough.`;
  return null;
}

/** Example: a rope of four between two purls on each side is some two thirds as wide as its stitches. */
export function fabricOf(text: string): Answered {
  const asked = askedIn(text, ask);
  if (!asked.ok) return asked.refusal;
  const { instructions, blocking, aspect } = asked.value;
  const panel = read(instructions);
  if (!("rows" in panel)) return unanswerable("The instructions cannot be read.", panel);
  const large = tooLarge(panel);
  if (large) return unanswerable("The panel is too large.", [{ path: "instructions", message: large }]);
  const fabric = relaxPanel(panel, { blocking, aspect });
  if (!fabric.ok)
    return unanswerable("The panel cannot be relaxed.", [
      { path: "instructions", message: plainly(fabric.message) },
    ]);
  const { stitches, rows, widthFactor, heightFactor, crossingExtra } = fabric;
  return answered({ stitches, rows, widthFactor, heightFactor, crossingExtra });
}
