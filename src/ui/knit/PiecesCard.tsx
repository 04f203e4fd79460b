import type { Pace } from "@/core/progress/pace";
import { say } from "@/core/words/message";
import { Said } from "@/ui/parts/Said";
import type { Remark, Told } from "@/core/progress/places";
import { keyOfPlace } from "@/core/progress/inHand";
import { countOf } from "@/core/words/things";
import { usePhoto } from "@/state/keeping/photos";
import { takeInHand } from "@/state/chosen/inHand";
import type { Piece } from "@/state/engine/knitting";
import { InHandSettings } from "./InHandSettings";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";

interface PiecesCardProps {
  readonly pieces: readonly Piece[];
  readonly chosen: string;
  readonly pace: Pace | null;
  readonly notes: readonly Told<Remark>[];
}

const stands = ({ rows, all, finished }: Piece) =>
  finished ? "finished" : rows === 0 ? "not begun" : rows >= all ? "all rows done" : `${rows} of ${all}`;

/** A note as it was written, a needle, or a picture where this browser has it. */
function Remarked({ event }: { readonly event: Told<Remark>["event"] }) {
  if (event.kind === "note") return event.text;
  if (event.kind === "photo") return <WorkPhoto id={event.id} />;
  return <Said>{say("needleNow", { needleMm: event.needleMm })}</Said>;
}

function WorkPhoto({ id }: { readonly id: string }) {
  const { url } = usePhoto(id);
  if (!url) return <span className="text-faint">a photo, in the browser that took it</span>;
  // eslint-disable-next-line @next/next/no-img-element -- it lies in this browser, no server can make it smaller
  return <img src={url} alt="Photo of the work" className="my-1 max-h-48 rounded-lg" />;
}

/** Every piece, how far each is, and what was noted of the one in hand. */
export function PiecesCard({ pieces, chosen, pace, notes }: PiecesCardProps) {
  const piece = pieces.find(({ key }) => key === chosen);
  const mine = notes.filter(({ event }) => keyOfPlace(event) === chosen);
  return (
    <Card title="Pieces in hand">
      <ul className="mt-2 grid gap-1.5">
        {pieces.map((piece) => (
          <li key={piece.key}>
            <Button
              look="bare"
              aria-pressed={piece.key === chosen}
              onClick={() => takeInHand(piece)}
              className={`w-full rounded-lg border px-3 py-2 text-left ${piece.key === chosen ? "border-ink bg-paper" : "border-line"}`}
            >
              <span className="flex items-baseline justify-between gap-2">
                <strong className="min-w-0 wrap-anywhere">{piece.name}</strong>
                <span className="text-sm text-faint">{stands(piece)}</span>
              </span>
              <span aria-hidden className="coloured mt-1 block h-1.5 rounded-full bg-line">
                <span
                  className="block h-full rounded-full bg-moss"
                  style={{ width: `${(100 * Math.min(piece.rows, piece.all)) / Math.max(1, piece.all)}%` }}
                />
              </span>
              {piece.behind && (
                <span className="mt-0.5 block text-sm text-weld">
                  {countOf(piece.behind.rows, "row")} behind {piece.behind.name}
                </span>
              )}
            </Button>
          </li>
        ))}
      </ul>
      {pace && piece && piece.rows < piece.all && (
        <p className="mt-2 text-sm text-faint">
          <Said>
            {say("paceTold", {
              rowsAnHour: pace.rowsAnHour,
              stitchesAnHour: pace.rowsAnHour * piece.stitches,
              rows: piece.all - piece.rows,
              quickMs: pace.rowMs.quick,
              slowMs: pace.rowMs.slow,
            })}
          </Said>
        </p>
      )}
      {mine.length > 0 && (
        <ul aria-label="Notes" className="mt-3 grid gap-1 border-t border-line pt-2 text-sm">
          {mine.toReversed().map(({ event, row }) => (
            <li key={event.id}>
              <span className="text-faint">row {row}:</span> <Remarked event={event} />
            </li>
          ))}
        </ul>
      )}
      <InHandSettings />
    </Card>
  );
}
