import { Said } from "@/ui/parts/Said";
import Link from "next/link";
import type { Doubt } from "@/core/forecast/doubt";
import { WORTH_NAMING } from "@/core/forecast/worthNaming";
import { useNextMeasures } from "@/state/engine/questions";
import { useProjectPart } from "@/state/project/projectStore";
import { savesWords } from "@/ui/swatches/nextWords";
import { FieldLink } from "@/ui/parts/FieldLink";
import { formatPercent } from "@/core/units/format";

/** The one thing that would sharpen the answer most, of what can be done now, and what it would save. */
export function NextStepHint({ doubts: [largest] }: { readonly doubts: readonly Doubt[] }) {
  const swatched = useProjectPart(({ swatches }) => swatches.length > 0);
  const usual = useProjectPart(({ yarns }) => yarns[0]?.putUpFrom === "usual");
  const [best] = useNextMeasures() ?? [];
  if (usual && largest?.id === "putUp")
    return (
      <p className="leading-snug">
        {formatPercent(largest.share)} of the doubt is how much your ball holds:{" "}
        <FieldLink field="putUp">read it off the band</FieldLink>.
      </p>
    );
  if (!best) return null;
  if (best.left > WORTH_NAMING)
    return !swatched ? null : (
      <p className="leading-snug">
        Your swatches have told all they can: <Where>see what they say</Where>.
      </p>
    );
  return (
    <p className="leading-snug">
      To be surer,{" "}
      <Where>
        <Said>{best.says}</Said>
      </Where>
      : {formatPercent(1 - best.left)} of the doubt would go.{" "}
      <span className="text-faint">{savesWords(best.savesChance)}</span>
    </p>
  );
}

const Where = ({ children }: { readonly children: React.ReactNode }) => (
  <Link href="/swatches" className="text-woad underline">
    {children}
  </Link>
);
