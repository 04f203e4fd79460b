"use client";
import { Said } from "@/ui/parts/Said";
import { Table, type Column } from "@/ui/parts/Table";
import { Button } from "@/ui/parts/Button";
import { Pencil, Trash2 } from "lucide-react";
import { toast } from "@/ui/parts/toast";
import type { Candidate, Keep } from "@/core/project/candidates";
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
import type { ReactNode } from "react";

const FROM = { shelf: "from the shelf", shop: "from the shop", typed: "typed in" } as const;

interface SwapTableProps {
  readonly sides: readonly ComparedCandidate[];
  /** Null is the pattern's own. */
  readonly onEdit: (id: string | null) => void;
  readonly onSwatch: () => void;
}

const keyOf = ({ compared }: ComparedCandidate) => (compared.ok ? compared.outcome.id : compared.id);
const nameOf = ({ compared }: ComparedCandidate) => (compared.ok ? compared.outcome.name : compared.name);

/** A line of the comparison, and what it says of a yarn. */
interface Line {
  readonly name: string;
  readonly show: (side: ComparedCandidate) => ReactNode;
}

interface VerdictProps {
  readonly side: ComparedCandidate;
  readonly own: Outcome;
  readonly keep: Keep;
}

function Verdict({ side: { own: isOwn, compared }, own, keep }: VerdictProps) {
  if (isOwn) return "What the pattern is knitted in.";
  if (!compared.ok || compared.outcome.leftOut !== null) return null;
  return verdictOf(compared.outcome, own, keep).map((says) => (
    <p key={says.code} className="mb-0.5 font-semibold">
      <Said>{says}</Said>
    </p>
  ));
}

/** Yarns side by side, what decides at the top. */
export function SwapTable({ sides, onEdit, onSwatch }: SwapTableProps) {
  const units = useUnits();
  const { keep, candidates } = useProjectPart(({ swap }) => swap);
  const [first] = sides;
  const whole = useOmissions().length === 0;
  const own = first?.compared.ok ? first.compared.outcome : null;
  if (!own) return null;
  const rows: readonly Line[] = [
    {
      name: "Balls",
      show: ({ compared }) =>
        compared.ok ? (
          <BallsCell outcome={compared.outcome} units={units} whole={whole} />
        ) : (
          <span className="text-madder">
            <Said>{compared.message}</Said>
          </span>
        ),
    },
    { name: "Verdict", show: (side) => <Verdict side={side} own={own} keep={keep} /> },
    ...SWAP_ROWS.filter(
      ({ when }) => !when || sides.some(({ compared }) => compared.ok && when(compared.outcome)),
    ).map(({ name, show }): Line => ({
      name,
      show: ({ compared, own: isOwn }) => compared.ok && show(compared.outcome, units, isOwn),
    })),
    {
      name: "And now",
      show: ({ own: isOwn, compared }) =>
        !isOwn && compared.ok && <Acts outcome={compared.outcome} onSwatch={onSwatch} />,
    },
  ];
  return (
    <div className="mt-2">
      <Table
        caption="Yarns side by side"
        className="table-fixed border-separate border-spacing-0 text-[0.95rem] leading-snug [&_thead]:align-top"
        minWidth={`${7 + 13 * sides.length}rem`}
        columns={[
          {
            id: "what",
            head: <span className="sr-only">What is compared</span>,
            names: true,
            width: "6.5rem",
            className: "sticky left-0 z-10 bg-card text-sm text-faint",
            cell: ({ name }) => name,
          },
          ...sides.map((side): Column<Line> => ({
            id: keyOf(side),
            head: (
              <Head side={side} candidate={candidates.find(({ id }) => id === keyOf(side))} onEdit={onEdit} />
            ),
            cell: ({ show }) => show(side),
          })),
        ]}
        rows={rows}
        keyOf={({ name }) => name}
      />
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
      {side.compared.ok && side.compared.outcome.fabric && <SwapFabric outcome={side.compared.outcome} />}
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
      <Button
        look="link"
        className="font-semibold"
        onClick={() => {
          takeUp(outcome);
          toast.success(`The project is in ${outcome.name} now`, undoable);
        }}
      >
        Knit it in this
      </Button>
      <Button
        look="link"
        className="font-semibold"
        onClick={() => {
          swatchFor(outcome.id, outcome.name);
          onSwatch();
        }}
      >
        Swatch it
      </Button>
    </span>
  );
}
