"use client";
import { Pencil, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import type { Candidate } from "@/core/project/candidates";
import type { Outcome } from "@/core/swap/outcome";
import type { ComparedCandidate } from "@/core/swap/compareCandidates";
import { verdictOf } from "@/core/swap/verdict";
import { useProjectPart } from "@/state/project/projectStore";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { removeCandidate, takeUp } from "@/state/buying/swap";
import { swatchFor } from "@/state/project/swatches";
import { ColourDot } from "@/ui/parts/Colour";
import { IconButton } from "@/ui/parts/IconButton";
import { BallsCell, SWAP_ROWS } from "./swapRows";
import { SwapFabric } from "./SwapFabric";
import { undoable } from "@/ui/parts/undoable";

const FROM = { shelf: "from the shelf", shop: "from the shop", typed: "typed in" } as const;

interface SwapTableProps {
  readonly sides: readonly ComparedCandidate[];
  /** Null is the pattern's own. */
  readonly onEdit: (id: string | null) => void;
  readonly onSwatch: () => void;
}

const keyOf = ({ compared }: ComparedCandidate) => (compared.ok ? compared.outcome.id : compared.id);
const nameOf = ({ compared }: ComparedCandidate) => (compared.ok ? compared.outcome.name : compared.name);

/** Yarns side by side, what decides at the top. */
export function SwapTable({ sides, onEdit, onSwatch }: SwapTableProps) {
  const units = useUnits();
  const { keep, candidates } = useProjectPart(({ swap }) => swap);
  const [first] = sides;
  const whole = useOmissions().length === 0;
  const own = first?.compared.ok ? first.compared.outcome : null;
  if (!own) return null;
  const cell = "px-3 py-1.5 align-top border-t border-line";
  const head = "sticky left-0 z-10 bg-card pr-3 text-left text-sm font-normal text-faint";
  return (
    <div className="mt-2 overflow-x-auto">
      <table
        className="w-full table-fixed border-separate border-spacing-0"
        style={{ minWidth: `${7 + 13 * sides.length}rem` }}
      >
        <caption className="sr-only">Yarns side by side</caption>
        <colgroup>
          <col className="w-28 max-md:w-20" />
        </colgroup>
        <thead>
          <tr>
            <th className={head}>
              <span className="sr-only">What is compared</span>
            </th>
            {sides.map((side) => (
              <th key={keyOf(side)} scope="col" className="px-3 text-left align-top font-normal">
                <Head
                  side={side}
                  candidate={candidates.find(({ id }) => id === keyOf(side))}
                  onEdit={onEdit}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row" className={`${head} ${cell} pl-0`}>
              Balls
            </th>
            {sides.map((side) => (
              <td key={keyOf(side)} className={cell}>
                {side.compared.ok ? (
                  <BallsCell outcome={side.compared.outcome} units={units} whole={whole} />
                ) : (
                  <span className="text-madder">{side.compared.message}</span>
                )}
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row" className={`${head} ${cell} pl-0`}>
              Verdict
            </th>
            {sides.map((side) => (
              <td key={keyOf(side)} className={`${cell} text-[0.95rem] leading-snug`}>
                {side.own
                  ? "What the pattern is knitted in."
                  : side.compared.ok &&
                    side.compared.outcome.leftOut === null &&
                    verdictOf(side.compared.outcome, own, { keep, units }).map((words) => (
                      <p key={words} className="mb-0.5 font-semibold">
                        {words}
                      </p>
                    ))}
              </td>
            ))}
          </tr>
          {SWAP_ROWS.filter(
            ({ when }) => !when || sides.some(({ compared }) => compared.ok && when(compared.outcome)),
          ).map(({ name, show }) => (
            <tr key={name}>
              <th scope="row" className={`${head} ${cell} pl-0`}>
                {name}
              </th>
              {sides.map((side) => (
                <td key={keyOf(side)} className={`${cell} text-[0.95rem] leading-snug`}>
                  {side.compared.ok && show(side.compared.outcome, units, side.own)}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row" className={`${head} ${cell} pl-0`}>
              And now
            </th>
            {sides.map((side) => (
              <td key={keyOf(side)} className={cell}>
                {!side.own && side.compared.ok && (
                  <Acts outcome={side.compared.outcome} onSwatch={onSwatch} />
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

interface HeadProps {
  readonly side: ComparedCandidate;
  readonly candidate: Candidate | undefined;
  readonly onEdit: (id: string | null) => void;
}

/** The fabric of a yarn, and its name. */
function Head({ side, candidate, onEdit }: HeadProps) {
  const name = nameOf(side);
  const colour = candidate?.label.colour ?? (side.compared.ok ? side.compared.outcome.colour : null);
  return (
    <>
      {side.compared.ok && <SwapFabric outcome={side.compared.outcome} />}
      <div className="mt-1 flex items-start gap-1 pb-1">
        <div className="min-w-0 flex-1">
          <p className="font-display text-lg leading-tight font-semibold">
            {colour && <ColourDot colour={colour} />} {name}
          </p>
          <p className="text-sm text-faint">{candidate ? FROM[candidate.from] : "the pattern’s own"}</p>
        </div>
        {!candidate && <IconButton label={`Change ${name}`} icon={Pencil} onClick={() => onEdit(null)} />}
        {candidate && (
          <span className="flex">
            <IconButton label={`Change ${name}`} icon={Pencil} onClick={() => onEdit(candidate.id)} />
            <IconButton
              label={`Delete ${name}`}
              icon={Trash2}
              onClick={() => {
                removeCandidate(candidate.id);
                toast.success(`${name} is deleted`, undoable);
              }}
            />
          </span>
        )}
      </div>
    </>
  );
}

function Acts({ outcome, onSwatch }: { readonly outcome: Outcome; readonly onSwatch: () => void }) {
  return (
    <span className="flex flex-wrap gap-x-4 gap-y-1">
      <button
        type="button"
        className="font-semibold text-woad underline"
        onClick={() => {
          takeUp(outcome);
          toast.success(`The project is in ${outcome.name} now`, undoable);
        }}
      >
        Knit it in this
      </button>
      <button
        type="button"
        className="font-semibold text-woad underline"
        onClick={() => {
          swatchFor(outcome.id, outcome.name);
          onSwatch();
        }}
      >
        Swatch it
      </button>
    </span>
  );
}
