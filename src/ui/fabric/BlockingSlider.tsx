"use client";
import { Button } from "@/ui/parts/Button";
import { useId } from "react";
import { BLOCKINGS, BLOCKING_IDS } from "@/core/fabric/blocking";

interface BlockingSliderProps {
  /** Share of the ribs' pull that is left: 1 as knit. */
  readonly ribPull: number;
  readonly onChange: (ribPull: number) => void;
}

const [LOOSEST, TIGHTEST] = [BLOCKINGS.wetBlocked.ribPull, BLOCKINGS.asKnit.ribPull];
const STEP = 0.01;

/** The named state that the slider stands on: nearer than the next step of a key. */
const namedAt = (ribPull: number) =>
  BLOCKING_IDS.find((id) => Math.abs(BLOCKINGS[id].ribPull - ribPull) < STEP / 2);
const placeOf = (ribPull: number) => `${(100 * (TIGHTEST - ribPull)) / (TIGHTEST - LOOSEST)}%`;

/** From as knit to wet-blocked, and anything between. */
export function BlockingSlider({ ribPull, onChange }: BlockingSliderProps) {
  const id = useId();
  const named = namedAt(ribPull);
  return (
    <div className="min-w-60 flex-1 text-sm">
      <label htmlFor={id}>
        Finished: <strong>{named ? BLOCKINGS[named].name : "in between"}</strong>
      </label>
      <input
        id={id}
        type="range"
        min={0}
        max={TIGHTEST - LOOSEST}
        step={STEP}
        value={TIGHTEST - ribPull}
        aria-valuetext={named ? BLOCKINGS[named].name : `${Math.round(100 * ribPull)} % of the ribs’ pull`}
        onChange={({ target }) => {
          const wanted = TIGHTEST - Number(target.value);
          const near = namedAt(wanted);
          onChange(near ? BLOCKINGS[near].ribPull : wanted);
        }}
        className="mt-1 block w-full accent-ink"
      />
      <div className="relative mx-2 h-5 text-xs">
        {BLOCKING_IDS.map((one) => (
          <Button
            key={one}
            tabIndex={-1}
            onClick={() => onChange(BLOCKINGS[one].ribPull)}
            look="bare"
            className={`absolute whitespace-nowrap ${named === one ? "text-ink" : "text-faint"} ${
              one === "asKnit" ? "" : one === "wetBlocked" ? "-translate-x-full" : "-translate-x-1/2"
            }`}
            style={{ left: placeOf(BLOCKINGS[one].ribPull) }}
          >
            {BLOCKINGS[one].name}
          </Button>
        ))}
      </div>
    </div>
  );
}
