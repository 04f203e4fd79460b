"use client";
import { Tick } from "@/ui/parts/Tick";
import { ENTERED } from "@/core/project/enteredFigures";
import { Toolbar } from "@/ui/parts/Toolbar";
import type { Candidate } from "@/core/project/candidates";
import { labelSchema, type YarnLabel } from "@/core/project/label";
import { editCandidate } from "@/state/buying/swap";
import { ShopFields } from "@/ui/order/ShopFields";
import { LabelFields } from "@/ui/shelf/LabelFields";
import { Choice } from "@/ui/parts/Choice";
import { Sheet } from "@/ui/parts/Sheet";
import { ValueField } from "@/ui/parts/ValueField";

const STRANDS = [
  { value: "1", label: "1", name: "One strand" },
  { value: "2", label: "2", name: "Two strands" },
  { value: "3", label: "3", name: "Three strands" },
  { value: "4", label: "4", name: "Four strands" },
] as const;

interface CandidateSheetProps {
  readonly candidate: Candidate;
  readonly onClose: () => void;
}

/** A substitute: its label, how many strands, and what is held with it. */
export function CandidateSheet({ candidate, onClose }: CandidateSheetProps) {
  const { id, label, strands, beside, price, seller } = candidate;
  return (
    <Sheet open onOpenChange={(open) => !open && onClose()} title={label.name || "Another yarn"}>
      <div className="mt-3 grid gap-3">
        <Toolbar className="text-sm">
          <span aria-hidden>Strands held together</span>
          <Choice
            label="Strands held together"
            options={STRANDS}
            value={String(strands) as "1"}
            onChange={(value) =>
              editCandidate(id, "strands", (one) => {
                one.strands = Number(value);
              })
            }
          />
        </Toolbar>
        {(strands > 1 || beside) && (
          <p className="border-l-4 border-weld pl-2 text-sm">
            A band speaks of one strand. Held together, the gauge is what such a strand usually knits, until
            you swatch it.
          </p>
        )}
        <LabelFields
          of={id}
          label={label}
          onLabel={(what, part) => editCandidate(id, what, (one) => Object.assign(one.label, part))}
        />
        <div className="grid grid-cols-2 gap-x-3">
          <ValueField
            of={id}
            label="Price of a ball"
            value={price}
            figure={ENTERED.price}
            optional
            example="e.g. 4.90"
            onValue={(value) =>
              editCandidate(id, "price", (one) => {
                one.price = value;
              })
            }
          />
          <ShopFields
            of={id}
            called="Sold by"
            shop={seller}
            onShop={(what, part) =>
              editCandidate(id, `seller ${what}`, (one) => Object.assign(one.seller, part))
            }
          />
        </div>
        <Beside
          of={id}
          beside={beside}
          onBeside={(what, value) =>
            editCandidate(id, `beside ${what}`, (one) => {
              one.beside = value;
            })
          }
        />
      </div>
    </Sheet>
  );
}

interface BesideProps {
  /** The candidate that it is held with. */
  readonly of: string;
  readonly beside: Candidate["beside"];
  readonly onBeside: (what: string, beside: Candidate["beside"]) => void;
}

const LACE: YarnLabel = labelSchema.parse({
  name: "A lace",
  colour: "#ece6d6",
  bandClass: "lace",
  putUp: { massG: 25, lengthM: 210 },
});

/** Another yarn that is held with it. */
function Beside({ of, beside, onBeside }: BesideProps) {
  return (
    <fieldset className="border-t border-line pt-2">
      <Tick
        checked={beside !== null}
        onChange={(on) => onBeside("held", on ? { label: LACE, strands: 1 } : null)}
      >
        held with another yarn, such as a lace
      </Tick>
      {beside && (
        <div className="mt-2 grid gap-2">
          <LabelFields
            of={`${of} beside`}
            label={beside.label}
            onLabel={(what, part) => onBeside(what, { ...beside, label: { ...beside.label, ...part } })}
          />
          <div className="w-40">
            <ValueField
              of={of}
              label="Strands of it"
              value={beside.strands}
              figure={ENTERED.strands}
              onValue={(value) => value !== null && onBeside("strands", { ...beside, strands: value })}
            />
          </div>
        </div>
      )}
    </fieldset>
  );
}
