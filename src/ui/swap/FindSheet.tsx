"use client";
import { countOf } from "@/core/words/things";
import { Button } from "@/ui/parts/Button";
import { useState } from "react";
import { toast } from "@/ui/parts/toast";
import { candidateName, MOST_CANDIDATES } from "@/core/project/candidates";
import type { RankBy, Ranked } from "@/core/swap/ranked";
import { grams, metres, type UnitSystem } from "@/core/units/brands";
import { formatMass, formatYarn, plain } from "@/core/units/format";
import { BARE_SPAN_MM } from "@/core/units/brands";
import { formatMoney } from "@/core/units/money";
import { useUnits } from "@/state/keeping/settings";
import { addCandidate, useRanking } from "@/state/buying/swap";
import { ColourDot } from "@/ui/parts/Colour";
import { Choice } from "@/ui/parts/Choice";
import { SearchField } from "@/ui/parts/SearchField";
import { Sheet } from "@/ui/parts/Sheet";
import { SourceMark } from "@/ui/parts/SourceMark";
import { ShopStatus } from "@/ui/order/ShopStatus";

const ORDERS = [
  { value: "near", label: "nearest" },
  { value: "cheap", label: "cheapest" },
  { value: "clear", label: "clearest cables" },
  { value: "light", label: "lightest" },
] as const;

/** Yarns of the shelf and the shop, in one to four strands and with a lace, those that would do first. */
export function FindSheet({ onClose }: { readonly onClose: () => void }) {
  const units = useUnits();
  const [by, setBy] = useState<RankBy>("near");
  const [find, setFind] = useState("");
  const { ranked, found, progress, stop } = useRanking(by, find);
  const put = ({ candidate }: Ranked) => {
    const { label, strands, beside, from, price } = candidate;
    if (addCandidate({ label, strands, beside, from, price: from === "typed" ? price : null }) === null)
      toast.warning(`At most ${MOST_CANDIDATES} can be compared at once: delete one first.`);
    else toast.success(`${candidateName(candidate)} is beside the pattern’s yarn now`);
  };
  return (
    <Sheet wide open onOpenChange={(open) => !open && onClose()} title="Find another yarn">
      <ShopStatus />
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <SearchField label="Find a yarn" value={find} onText={setFind} />
        <Choice label="Order" options={ORDERS} value={by} onChange={setBy} />
        {progress !== null && (
          <span className="flex items-center gap-2">
            <progress aria-label="Yarns put in order" value={progress} max={1} className="w-32" />
            <Button size="small" onClick={stop}>
              Stop
            </Button>
          </span>
        )}
      </div>
      <p className="mt-2 text-sm text-faint">
        {ranked ? `${ranked.ways} ways, roughly estimated;` : progress === null ? "" : "Calculating …"}{" "}
        compared with the pattern’s yarn, each is calculated stitch by stitch.
        {ranked && ranked.passedOver > 0 && (
          <>
            {" "}
            Of yarns held with a lace those that come nearest in thickness are looked at, {
              ranked.passedOver
            }{" "}
            others not.
          </>
        )}
      </p>
      <ul aria-label="Yarns that could do" className="mt-2 max-h-[50dvh] overflow-y-auto">
        {found?.shown.map((one) => (
          <Way key={one.candidate.id} one={one} units={units} onPut={() => put(one)} />
        ))}
        {found?.found === 0 && <li>Nothing on the shelf or in the shop matches that.</li>}
        {found && found.found > found.shown.length && (
          <li className="text-faint">and {found.found - found.shown.length} more: find one by its name</li>
        )}
      </ul>
    </Sheet>
  );
}

const widthWords = (wider: number) =>
  Math.abs(wider - 1) < 0.015
    ? "the same stitches"
    : `${Math.round(100 * Math.abs(wider - 1))} % ${wider > 1 ? "wider" : "narrower"} stitches`;

function Way({
  one,
  units,
  onPut,
}: {
  readonly one: Ranked;
  readonly units: UnitSystem;
  readonly onPut: () => void;
}) {
  const { candidate, stitchesPer10Cm, fromBand, wider, needM, grams: mass, balls, cost, clarity } = one;
  const name = candidateName(candidate);
  return (
    <li className="grid grid-cols-[1fr_auto] items-center gap-3 border-t border-line py-1.5">
      <div className="min-w-0 text-sm leading-snug">
        <p className="text-base font-semibold">
          <ColourDot colour={candidate.label.colour} /> {name}{" "}
          <span className="font-normal text-faint">{candidate.from === "shelf" ? "shelf" : "shop"}</span>
        </p>
        <p>
          {plain((stitchesPer10Cm * BARE_SPAN_MM[units]) / 100, 1)} st{" "}
          <SourceMark source={fromBand ? "band" : "assumed"} /> {widthWords(wider)};{" "}
          {formatYarn(metres(needM), units)}, {formatMass(grams(mass), units)}, about {countOf(balls, "ball")}
          {cost !== null && `, ${formatMoney(cost)}`}; cables {clarity} of 100
        </p>
      </div>
      <Button onClick={onPut} aria-label={`Compare ${name}`} size="small">
        Compare
      </Button>
    </li>
  );
}
