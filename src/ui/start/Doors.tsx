"use client";
import { ArrowLeft } from "lucide-react";
import { useState } from "react";
import { passDoors } from "@/state/chosen/doors";
import type { WayIn } from "@/state/chosen/startSheet";
import { setUnits, useUnits } from "@/state/keeping/settings";
import { pickProjectFile } from "@/ui/frame/projectFiles";
import { UNITS_SHORT } from "@/ui/frame/settingChoices";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { WAYS, WayForm } from "./WayForm";

const IDS = Object.keys(WAYS) as readonly WayIn[];

/** A page of rows, two balls of which one takes the other's place, a ball with its end, a hat. */
const DRAWN: { readonly [Way in WayIn]: readonly [outline: string, within: string] } = {
  pattern: ["M17 4h20l6 6v30H17ZM37 4v6h6", "M22 16h16M22 22h16M22 28h16M22 34h9"],
  replace: [
    "M5 22a10 10 0 1 0 20 0 10 10 0 1 0-20 0M35 22a10 10 0 1 0 20 0 10 10 0 1 0-20 0M26 10q4-4 8 0m-3.500-1.500L34.500 10.500 34 6",
    "M8 17q7 2 10 14M12 13q8 3 10 14M38 17q7 2 10 14M42 13q8 3 10 14",
  ],
  useUp: [
    "M18 20a12 12 0 1 0 24 0 12 12 0 1 0-24 0M30 32q-8 9-22 7",
    "M21 14q9 2 12 17M26 9q10 4 13 18M19 23q10 1 12 9",
  ],
  own: [
    "M13 40V25Q13 8 30 7q17 1 17 18v15ZM30 7a3 3 0 1 0-.1 0Z",
    "M13 34h34M22 34q-1-17 6-26M30 34V8M38 34q1-17-6-26",
  ],
};

function DoorDrawing({ of }: { readonly of: WayIn }) {
  const [outline, within] = DRAWN[of];
  return (
    <svg
      viewBox="0 0 60 44"
      aria-hidden
      className="h-14 w-19 shrink-0"
      fill="none"
      stroke="currentColor"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      <path d={within} strokeWidth={1.4} className="stroke-madder" />
      <path d={outline} strokeWidth={1.6} />
    </svg>
  );
}

/** What a newcomer meets: four ways to an answer, and the demo. */
export function Doors() {
  const units = useUnits();
  const [way, setWay] = useState<WayIn | null>(null);
  return (
    <main id="bench" tabIndex={-1} className="mx-auto max-w-4xl outline-none">
      <div className={`flex items-center justify-between gap-3 py-1 ${way === null ? "sm:mt-[8dvh]" : ""}`}>
        {way === null ? (
          <h1 className="text-3xl tracking-tight">Brenok</h1>
        ) : (
          <Button
            look="bare"
            className="flex items-center gap-1 py-1.5 text-woad"
            onClick={() => setWay(null)}
          >
            <ArrowLeft size={18} aria-hidden /> Back to the start
          </Button>
        )}
        <Choice label="Units" options={UNITS_SHORT} value={units} onChange={setUnits} />
      </div>
      {way === null ? (
        <>
          <p className="mt-1 max-w-prose text-lg leading-snug">
            How many balls of yarn for something with cables, how sure that is, and why. What do you have?
          </p>
          <ul className="mt-5 grid gap-3 sm:grid-cols-2">
            {IDS.map((id) => (
              <li key={id}>
                <Button
                  look="bare"
                  onClick={() => setWay(id)}
                  className="flex h-full w-full items-center gap-4 rounded-xl border border-line bg-card p-4 text-left hover:border-ink"
                >
                  <DoorDrawing of={id} />
                  <span className="min-w-0">
                    <strong className="block font-display text-xl leading-tight">{WAYS[id].name}</strong>
                    <span className="mt-1 block text-sm leading-snug text-faint">{WAYS[id].says}</span>
                  </span>
                </Button>
              </li>
            ))}
          </ul>
          <p className="mt-6 flex flex-wrap gap-x-5 gap-y-1">
            <Button look="link" onClick={passDoors}>
              Look at a demo first
            </Button>
            <Button look="link" onClick={pickProjectFile}>
              Open a project file
            </Button>
          </p>
        </>
      ) : (
        <section
          aria-label={WAYS[way].name}
          className="mt-1 rounded-xl border border-line bg-card p-4 sm:p-6"
        >
          <h1 className="text-2xl">{WAYS[way].name}</h1>
          <WayForm way={way} beside={false} onDone={passDoors} />
        </section>
      )}
    </main>
  );
}
