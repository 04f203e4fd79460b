"use client";
import { useSaid } from "@/ui/parts/Said";
import { memo, useState } from "react";
import type { KnownSeen } from "@/core/engine/seen";
import { hasCables } from "@/core/project/sectionKinds";
import { grams, metres, toMetres } from "@/core/units/brands";
import { formatMass, formatYarn } from "@/core/units/format";
import { massOf } from "@/core/yarn/putUp";
import { useProject } from "@/state/project/projectStore";
import { useSettings, useUnits } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Drawer } from "@/ui/parts/Drawer";
import { Why } from "@/ui/parts/Why";
import { groupsOf, type GroupedBy } from "./ledgerGroups";
import { Waterfall } from "./Waterfall";

const GROUPINGS = [
  { value: "part", label: "use" },
  { value: "piece", label: "piece" },
  { value: "section", label: "section" },
  { value: "yarn", label: "yarn" },
] as const;

/** Where the yarn goes, step by step from the first loop to what is left in the balls. */
export const LedgerCard = memo(function LedgerCard({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const said = useSaid();
  const words = useSettings((settings) => settings.words);
  const project = useProject();
  const [by, setBy] = useState<GroupedBy>("part");
  const { totalMm, lines } = answer.estimate;
  const totalM = toMetres(totalMm);
  const otherUnits = units === "metric" ? "imperial" : "metric";
  const mass = answer.yarns.reduce((sum, { totalMm: mm, yarn }) => sum + massOf(toMetres(mm), yarn.putUp), 0);
  const weighed = answer.yarns.every(({ yarn }) => !yarn.putUp.noMass);
  const reserveMm = answer.yarns.reduce((sum, { leftOver }) => sum + 1000 * leftOver, 0);
  return (
    <Drawer
      title="Where the yarn goes"
      answer={`${formatYarn(totalM, units)}${weighed ? `, ${formatMass(grams(mass), units)}` : ""}`}
      atFirst="openOnDesk"
    >
      <div className="flex items-center gap-2 text-sm">
        <span aria-hidden>by</span>
        <Choice label="Grouped by" options={GROUPINGS} value={by} onChange={setBy} />
      </div>
      <Waterfall groups={groupsOf(by, lines, project, words, said)} reserveMm={Math.max(0, reserveMm)} />
      <p className="mt-2 text-sm">
        Together <Why of={{ figure: "total" }}>{formatYarn(totalM, units)}</Why>,{" "}
        {formatYarn(totalM, otherUnits)}
        {weighed && (
          <>
            ; <Why of={{ figure: "allMass" }}>{formatMass(grams(mass), units)}</Why>
          </>
        )}
        .
      </p>
      {hasCables(project) && <Rule answer={answer} />}
    </Drawer>
  );
});

/** The rule of thumb, beside the calculating and never instead of it. */
function Rule({ answer }: { readonly answer: KnownSeen }) {
  const units = useUnits();
  const { ledger, totalMm } = answer.estimate;
  const cabledMm = ledger.drawIn + ledger.crossings;
  const plainMm = totalMm - cabledMm;
  return (
    <p className="mt-2 text-sm text-faint">
      “Add a quarter for cables” would say {formatYarn(metres((plainMm * 1.25) / 1000), units)}. Yours take{" "}
      {Math.round((100 * cabledMm) / plainMm)} % more than plain fabric of this size.
    </p>
  );
}
