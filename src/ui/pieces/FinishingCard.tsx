"use client";
import { Tick } from "@/ui/parts/Tick";
import { memo } from "react";
import { countOf } from "@/core/words/things";
import { JOINS } from "@/core/estimate/balls";
import { JOIN_IDS } from "@/core/project/finishing";
import { LEAVABLE, type Leavable } from "@/core/project/project";
import type { KnownSeen } from "@/core/engine/seen";
import { millimetres, toMetres } from "@/core/units/brands";
import { formatSize, formatYarn } from "@/core/units/format";
import { joinBalls } from "@/state/project/finishing";
import { change, useProjectPart } from "@/state/project/projectStore";
import { useSavings } from "@/state/engine/questions";
import { useUnits } from "@/state/keeping/settings";
import { Drawer } from "@/ui/parts/Drawer";
import { MeasureField } from "@/ui/parts/MeasureField";
import { Select } from "@/ui/parts/Select";
import { ExtraList } from "./ExtraList";
import { SeamList } from "./SeamList";

const JOIN_OPTIONS = JOIN_IDS.map((value) => ({ value, label: JOINS[value].name }));

/** How the pieces are sewn, what else the yarn has to hold, and what leaving something out would save. */
export const FinishingCard = memo(function FinishingCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const join = useProjectPart((project) => project.join);
  return (
    <Drawer title="Finishing" answer={<InShort answer={answer} />} atFirst="shut">
      <SeamList answer={answer} />
      <ExtraList answer={answer} />
      <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1 border-t border-line pt-2">
        <Select
          label="Balls joined by"
          options={JOIN_OPTIONS}
          value={join}
          says={`${formatSize(millimetres(JOINS[join].mm), units)} for each join`}
          onChange={joinBalls}
        />
        <MeasureField field="swatch" label="Swatch, its side" example="not counted in" />
      </div>
      <Savings />
    </Drawer>
  );
});

/** What is to be done, and what it takes. Example: "2 seams, 1 extra: 4.3 m". */
function InShort({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const seams = useProjectPart((project) => project.seams.length);
  const extras = useProjectPart((project) => project.extras.length);
  const { ledger } = answer.estimate;
  const takes = formatYarn(toMetres(millimetres(ledger.seams + ledger.extras)), units);
  const what = [seams > 0 && countOf(seams, "seam"), extras > 0 && countOf(extras, "extra")].filter(Boolean);
  return what.length > 0 ? `${what.join(", ")}: ${takes}` : "no seams, no extras";
}

const NAMES: { readonly [Part in Leavable]: string } = {
  bobbles: "bobbles and nupps",
  hems: "folding the hems",
  swatch: "the swatch",
  seams: "the seams",
  extras: "the extras",
};

/** What can be left out; each says what that saves. Parts that the project does not have are not offered. */
function Savings() {
  const units = useUnits();
  const without = useProjectPart((project) => project.without);
  const savings = useSavings();
  const offered = LEAVABLE.filter((part) => without.includes(part) || (savings.get(part) ?? 0) > 0.5);
  if (offered.length === 0) return null;
  return (
    <fieldset className="mt-2 border-t border-line pt-1">
      <legend className="sr-only">Leave out</legend>
      <p aria-hidden className="text-sm">
        Leave out …
      </p>
      {offered.map((part) => {
        const off = without.includes(part);
        const saved = formatYarn(toMetres((savings.get(part) ?? 0) as Parameters<typeof toMetres>[0]), units);
        return (
          <Tick
            key={part}
            className="py-0.5"
            checked={off}
            onChange={() =>
              change(`without ${part}`, (draft) => {
                draft.without = off ? draft.without.filter((one) => one !== part) : [...draft.without, part];
              })
            }
          >
            <span className="flex-1">{NAMES[part]}</span>
            <span className="text-sm text-faint">{off ? `saves ${saved}` : `would save ${saved}`}</span>
          </Tick>
        );
      })}
    </fieldset>
  );
}
