import type { Knitted } from "@/core/belief/knitted";
import { say, type Message } from "@/core/words/message";
import { standBy, tellLog } from "@/state/project/log";
import { Button } from "@/ui/parts/Button";
import { Said } from "@/ui/parts/Said";

/** What one reading said, against what was expected before the first. */
function toldOf({ kind, which, from, to, found }: Knitted, expected: number): Message {
  if (kind === "ball") return say("rowsTook", { from, to, found, expected });
  if (kind === "piece") return say("pieceWeighs", { found, expected });
  if (kind === "all") return say("allTook", { found, expected });
  if (which !== null) return say("pieceMeasures", { which, found, expected });
  return say("rowsMeasure", { to, found, expected });
}

/** A reading that is left out: the knitter stands by it, or takes it back. */
function Doubtful({ one }: { readonly one: Knitted }) {
  const { id, question, impossible } = one;
  return (
    <div className="mt-0.5 border-l-4 border-madder pl-2">
      {question !== null && (
        <p>
          Left out: <Said>{question}</Said>
        </p>
      )}
      <p>
        {!impossible && (
          <>
            <Button look="link" onClick={() => standBy(one)}>
              It is right
            </Button>{" "}
            ·{" "}
          </>
        )}
        <Button look="link" onClick={() => tellLog({ kind: "takenBack", of: id })}>
          Take it back
        </Button>
      </p>
    </div>
  );
}

interface ReadingsListProps {
  readonly readings: readonly Knitted[];
  /** What was expected of each before the first, by its name. */
  readonly expected: ReadonlyMap<string, number> | undefined;
}

/** What was weighed and measured, the last first; what disagrees with all else is asked about. */
export const ReadingsList = ({ readings, expected }: ReadingsListProps) => (
  <ul aria-label="Weighed and measured" className="mt-2 grid content-start gap-1 text-sm">
    {readings.toReversed().map((one) => (
      <li key={one.id}>
        <Said>{toldOf(one, expected?.get(one.id) ?? one.expected)}</Said>
        {!one.taken && <Doubtful one={one} />}
      </li>
    ))}
  </ul>
);
