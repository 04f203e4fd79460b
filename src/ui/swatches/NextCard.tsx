"use client";
import { Said } from "@/ui/parts/Said";
import type { NextMeasure } from "@/core/forecast/nextMeasure";
import { useNextMeasures } from "@/state/engine/questions";
import { Card } from "@/ui/parts/Card";
import { savesWords } from "./nextWords";

const MOST_SHOWN = 5;
/** What leaves more of the doubt than this is not worth the wool. */
const WORTH = 0.97;

/** What could be measured next, and what each would leave of the doubt. */
export function NextCard() {
  const all = useNextMeasures();
  const worth = (all ?? []).filter(({ left }) => left < WORTH);
  return (
    <Card title="What to measure next">
      {all === null && <p className="mt-2 min-h-16 text-sm text-faint">Calculating …</p>}
      {all !== null && worth.length === 0 && (
        <p className="mt-2 text-sm">
          Nothing left to measure would narrow the answer by more than 3 %. The rest is how your knitting
          varies from day to day.
        </p>
      )}
      <ol className="mt-2 grid gap-2">
        {worth.slice(0, MOST_SHOWN).map((one) => (
          <Option key={one.id} option={one} />
        ))}
      </ol>
    </Card>
  );
}

function Option({ option: { says, left, savesChance } }: { readonly option: NextMeasure }) {
  const percent = Math.round(100 * left);
  return (
    <li className="text-sm leading-snug">
      <div className="flex items-baseline justify-between gap-3">
        <span className="first-letter:uppercase">
          <Said>{says}</Said>
        </span>
        <strong className="whitespace-nowrap">{percent} % left</strong>
      </div>
      <div aria-hidden className="mt-0.5 h-2 rounded-full border border-edge">
        <div className="coloured h-full rounded-full bg-woad/60" style={{ width: `${percent}%` }} />
      </div>
      <p className="text-faint">{savesWords(savesChance)}</p>
    </li>
  );
}
