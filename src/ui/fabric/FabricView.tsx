"use client";
import { Said } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import { useMemo, useState } from "react";
import { toast } from "@/ui/parts/toast";
import { BLOCKINGS } from "@/core/fabric/blocking";
import type { Chart } from "@/core/panels/chart";
import { plainStitch } from "@/core/stitches/plainStitch";
import { aspectOf, gaugeOrUsual } from "@/core/garment/projectGauge";
import { characterOf, PLAIN_CHARACTER } from "@/core/yarn/character";
import { thicknessOf } from "@/core/yarn/thickness";
import type { PutUp } from "@/core/yarn/putUp";
import { useChosenPiece } from "@/state/chosen/chosen";
import { useProject } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { BlockingSlider } from "./BlockingSlider";
import { keepAsPng, keepAsSvg } from "./exportFabric";
import { FabricFigures } from "./FabricFigures";
import { drawnThickness, type FabricMode } from "./fabricLook";
import { FabricStage } from "./FabricStage";
import { useWoven } from "./useWoven";
import { WeavingProgress } from "./WeavingProgress";
import { YarnLegend } from "./YarnLegend";

const MODES = [
  { value: "dyed", label: "Yarn colour" },
  { value: "yarn", label: "Yarn used", name: "Coloured by the yarn in each stitch" },
] as const;

interface FabricViewProps {
  readonly name: string;
  readonly text: string;
  readonly chart: Chart;
}

/** A panel as it will lie: its yarn drawn loop by loop, drawn in as far as the mesh says. */
export function FabricView({ name, text, chart }: FabricViewProps) {
  const project = useProject();
  const [yarn] = project.yarns;
  const [mode, setMode] = useState<FabricMode>("dyed");
  const [ribPull, setRibPull] = useState<number>(BLOCKINGS[useChosenPiece().blocking].ribPull);
  const { woven, progress, stop } = useWoven(text, { aspect: aspectOf(project), blocking: ribPull });
  const { widthMm: stitchMm, loopMm } = plainStitch(gaugeOrUsual(project));
  const colour = yarn?.colour ?? "#888888";
  const putUp = yarn?.putUp as PutUp | null | undefined;
  const thickness = drawnThickness(putUp ? thicknessOf(putUp) : null, stitchMm);
  const [least, most] = woven?.ok ? [woven.leastYarn, woven.mostYarn] : [1, 1];
  const look = useMemo(
    () => ({
      thickness,
      character: mode === "yarn" || !yarn ? PLAIN_CHARACTER : characterOf(yarn),
      dye: mode === "yarn" ? { least, most } : colour,
    }),
    [thickness, mode, least, most, colour, yarn],
  );
  const keepPng = async () => {
    if (woven?.ok && !(await keepAsPng(woven.path, look, name)))
      toast.error("This browser cannot draw the PNG. The SVG holds the same picture.");
  };
  return (
    <div className="min-w-0">
      <div className="flex flex-wrap items-end gap-3">
        <BlockingSlider ribPull={ribPull} onChange={setRibPull} />
        <Choice label="Colours" options={MODES} value={mode} onChange={setMode} />
      </div>
      <div className="relative">
        {/* Over the picture: there it is seen, and nothing moves when it comes and goes. */}
        <div className="absolute inset-x-2 top-2 z-20 rounded-lg border border-line bg-card px-2 pb-2 shadow empty:hidden">
          <WeavingProgress progress={progress} onStop={stop} />
        </div>
        {woven?.ok ? (
          <FabricStage {...{ woven, look, chart, stitchMm, loopMm, name }} />
        ) : (
          <p role="status" className="mt-3 rounded-lg border border-dashed border-edge p-6 text-faint">
            {woven ? <Said>{woven.message}</Said> : "Relaxing the fabric …"}
          </p>
        )}
      </div>
      {woven?.ok && (
        <>
          {mode === "yarn" && <YarnLegend least={least} most={most} />}
          <FabricFigures figures={woven.figures} stitchMm={stitchMm} />
          <div className="mt-2 flex gap-2">
            <Button size="small" onClick={() => void keepPng()}>
              Save as PNG
            </Button>
            <Button size="small" onClick={() => keepAsSvg(woven.path, look, stitchMm, name)}>
              Save as SVG
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
