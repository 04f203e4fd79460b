"use client";
import { useProjectPart } from "@/state/project/projectStore";
import { useEffect } from "react";
import { toast } from "@/ui/parts/toast";
import type { Seen } from "@/core/engine/seen";
import { laidMass } from "@/core/scale/laidMass";
import type { Swatch } from "@/core/project/swatches";
import { grams } from "@/core/units/brands";
import { formatMassFine } from "@/core/units/format";
import { undo } from "@/state/project/projectStore";
import {
  connectSimulated,
  disconnectScale,
  reconnectScale,
  togglePan,
  useOnPan,
  useScale,
} from "@/state/devices/scale";
import { useUnits } from "@/state/keeping/settings";
import { takeWeight } from "@/state/project/swatches";
import { Card } from "@/ui/parts/Card";

const BUTTON =
  "rounded-lg border border-edge px-3 py-1.5 text-sm font-semibold hover:bg-line disabled:opacity-40";

interface ScaleCardProps {
  readonly swatch: Swatch;
  readonly answer: Seen;
}

/** A scale beside the swatch: connected, read when it is steady, and found again when it is lost. */
export function ScaleCard({ swatch, answer }: ScaleCardProps) {
  const { scale, connection } = useScale();
  useEffect(() => disconnectScale, []);
  return (
    <Card title="Scale" aside={scale ? scale.name : "simulated: it comes with Brenok"}>
      {connection.kind === "none" && (
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className={BUTTON} onClick={() => void connectSimulated(0.1)}>
            Connect one in steps of 0.1 g
          </button>
          <button type="button" className={BUTTON} onClick={() => void connectSimulated(1)}>
            … of 1 g
          </button>
        </div>
      )}
      {connection.kind === "connecting" && (
        <p role="status" className="mt-2">
          Looking for the scale …
        </p>
      )}
      {connection.kind === "lost" && (
        <div role="alert" className="mt-2 rounded-lg border-2 border-madder p-2 text-sm">
          <p>
            <strong>The connection is lost.</strong> {connection.why} Your readings are safe.
          </p>
          <div className="mt-1.5 flex gap-2">
            <button type="button" className={BUTTON} onClick={() => void reconnectScale()}>
              Connect again
            </button>
            <button type="button" className={BUTTON} onClick={disconnectScale}>
              Continue without a scale
            </button>
          </div>
        </div>
      )}
      {connection.kind === "connected" && <Connected swatch={swatch} answer={answer} />}
    </Card>
  );
}

function Connected({ swatch, answer }: ScaleCardProps) {
  const units = useUnits();
  const { scale, reading } = useScale();
  const { things } = useOnPan();
  const ballG = useProjectPart(({ yarns }) => yarns[0]?.putUp?.massG);
  if (!scale) return null;
  const steady = reading?.steady === true;
  const takeable = steady && reading.massG > 0;
  const take = () => {
    if (!reading) return;
    takeWeight(reading.massG, scale.stepG);
    toast.success(`${swatch.name || "The swatch"} weighs ${formatMassFine(grams(reading.massG), units)}`, {
      action: { label: "Undo", onClick: undo },
    });
  };
  const seen = answer.known ? answer.belief.swatches.get(swatch.id) : undefined;
  const massOf = (thing: string) =>
    laidMass(thing, { name: swatch.name, expectedG: seen?.expectedG ?? null, ballG: ballG ?? null });
  return (
    <>
      <div className="mt-2 flex items-center justify-between gap-3 rounded-lg border border-edge bg-paper px-3 py-2">
        <output aria-label="Reading" className="font-display text-4xl whitespace-nowrap">
          {reading ? formatMassFine(grams(reading.massG), units) : "…"}
        </output>
        <span className={`text-sm ${steady ? "text-moss" : "text-faint"}`} role="status">
          {reading?.held ? "held" : steady ? "steady" : "settling …"}
        </span>
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          disabled={!takeable}
          onClick={take}
          className="rounded-lg bg-ink px-3 py-1.5 text-sm font-semibold text-paper disabled:opacity-40"
        >
          Use this reading
        </button>
        <button type="button" className={BUTTON} onClick={scale.tare}>
          Tare
        </button>
        <button
          type="button"
          aria-pressed={reading?.held === true}
          className={`${BUTTON} aria-pressed:bg-ink aria-pressed:text-paper`}
          onClick={() => scale.hold(reading?.held !== true)}
        >
          Hold
        </button>
        <button type="button" className={BUTTON} onClick={disconnectScale}>
          Disconnect
        </button>
      </div>
      <div role="group" aria-label="On the pan" className="mt-3 border-t border-line pt-2">
        <p className="mb-1.5 text-sm text-faint">
          This scale is simulated, and so is what it weighs. Put something on it:
        </p>
        <div className="flex flex-wrap gap-2">
          {PAN.map(({ thing, name }) => (
            <button
              key={thing}
              type="button"
              aria-pressed={things.includes(thing)}
              className={`${BUTTON} aria-pressed:bg-ink aria-pressed:text-paper`}
              onClick={() => togglePan(thing, massOf)}
            >
              {name}
            </button>
          ))}
          <button type="button" className={`${BUTTON} text-madder`} onClick={scale.loseConnection}>
            Lose the connection
          </button>
        </div>
      </div>
    </>
  );
}

const PAN = [
  { thing: "swatch", name: "the swatch" },
  { thing: "ball", name: "a ball" },
  { thing: "bowl", name: "a bowl" },
] as const;
