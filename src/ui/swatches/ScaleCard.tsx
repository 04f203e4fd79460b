"use client";
import { Button } from "@/ui/parts/Button";
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
          <Button size="small" onClick={() => void connectSimulated(0.1)}>
            Connect one in steps of 0.1 g
          </Button>
          <Button size="small" onClick={() => void connectSimulated(1)}>
            … of 1 g
          </Button>
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
            <Button size="small" onClick={() => void reconnectScale()}>
              Connect again
            </Button>
            <Button size="small" onClick={disconnectScale}>
              Continue without a scale
            </Button>
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
        <Button disabled={!takeable} onClick={take} look="main" size="small">
          Use this reading
        </Button>
        <Button size="small" onClick={scale.tare}>
          Tare
        </Button>
        <Button
          aria-pressed={reading?.held === true}
          size="small"
          onClick={() => scale.hold(reading?.held !== true)}
        >
          Hold
        </Button>
        <Button size="small" onClick={disconnectScale}>
          Disconnect
        </Button>
      </div>
      <div role="group" aria-label="On the pan" className="mt-3 border-t border-line pt-2">
        <p className="mb-1.5 text-sm text-faint">
          This scale is simulated, and so is what it weighs. Put something on it:
        </p>
        <div className="flex flex-wrap gap-2">
          {PAN.map(({ thing, name }) => (
            <Button
              key={thing}
              aria-pressed={things.includes(thing)}
              size="small"
              onClick={() => togglePan(thing, massOf)}
            >
              {name}
            </Button>
          ))}
          <Button size="small" className="text-madder" onClick={scale.loseConnection}>
            Lose the connection
          </Button>
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
