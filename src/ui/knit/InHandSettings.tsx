"use client";
import { useSettings } from "@/state/keeping/settings";
import { Choice } from "@/ui/parts/Choice";
import { Tick } from "@/ui/parts/Tick";
import { AwakeTick } from "./AwakeTick";
import { LearnKey } from "./LearnKey";

const RESTS = [
  { value: "0", label: "never" },
  { value: "20", label: "20 min" },
  { value: "30", label: "30 min" },
  { value: "45", label: "45 min" },
] as const;

const SIZES = [
  { value: "usual", label: "as usual" },
  { value: "large", label: "large" },
  { value: "largest", label: "largest" },
] as const;

/** How the device behaves in the knitter’s hands. */
export function InHandSettings() {
  const { aloud, buzz, restMinutes, rowSize } = useSettings();
  const chosen = RESTS.find(({ value }) => value === String(restMinutes)) ?? RESTS[0];
  return (
    <div className="mt-3 grid gap-1 border-t border-line pt-2 text-sm">
      <AwakeTick />
      <Tick checked={aloud} onChange={(on) => useSettings.setState({ aloud: on })}>
        Read each row aloud when it comes
      </Tick>
      {typeof navigator !== "undefined" && "vibrate" in navigator && (
        <Tick checked={buzz} onChange={(on) => useSettings.setState({ buzz: on })}>
          Buzz when a row with a crossing comes
        </Tick>
      )}
      <div className="flex flex-wrap items-center justify-between gap-x-3">
        <span aria-hidden>Rest for the hands every</span>
        <Choice
          label="Rest for the hands every"
          options={RESTS}
          value={chosen.value}
          onChange={(value) => useSettings.setState({ restMinutes: Number(value) })}
        />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-3">
        <span aria-hidden>The row is written</span>
        <Choice
          label="The row is written"
          options={SIZES}
          value={rowSize}
          onChange={(size) => useSettings.setState({ rowSize: size })}
        />
      </div>
      <LearnKey />
    </div>
  );
}
