"use client";
import { techniqueOf } from "@/core/knitting/techniques";
import type { FinishingItem } from "@/core/knitting/finishingList";
import type { Progress } from "@/core/progress/places";
import { useAsked } from "@/state/engine/asked";
import { tellLog } from "@/state/project/log";
import { HowLink } from "@/ui/how/HowLink";
import { Card } from "@/ui/parts/Card";
import { Said } from "@/ui/parts/Said";
import { Tick } from "@/ui/parts/Tick";

/** What is left to do behind the last row, each ticked off; the log keeps it, on every device. */
const HowOfItem = ({ what, how }: Pick<FinishingItem, "what" | "how">) => (
  <span className="py-0.5">
    <HowLink of={how && techniqueOf(how) ? how : what} />
  </span>
);

export function FinishingListCard({ ticked }: { readonly ticked: Progress["ticked"] }) {
  const { told } = useAsked("finishing", null);
  if (!told || told.length === 0) return null;
  const done = told.filter(({ key }) => ticked.has(key)).length;
  return (
    <Card title="Finishing list" aside={`${done} of ${told.length} done`}>
      <ul className="mt-1">
        {told.map(({ key, what, how }) => {
          const by = ticked.get(key);
          return (
            <li key={key} className="flex items-start justify-between gap-2">
              <Tick
                checked={by !== undefined}
                onChange={() =>
                  tellLog(by === undefined ? { kind: "ticked", of: key } : { kind: "takenBack", of: by })
                }
              >
                <span className="min-w-0 py-0.5 wrap-anywhere">
                  <span className={by === undefined ? "" : "text-faint line-through"}>
                    <Said>{what}</Said>
                  </span>
                  {how && (
                    <span className="block text-sm text-faint">
                      <Said>{how}</Said>
                    </span>
                  )}
                </span>
              </Tick>
              <HowOfItem what={what} how={how} />
            </li>
          );
        })}
      </ul>
    </Card>
  );
}
