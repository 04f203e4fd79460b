"use client";
import { Toolbar } from "@/ui/parts/Toolbar";
import { lazily } from "@/ui/parts/lazily";
import type { ReactNode } from "react";
import type { Mend } from "@/core/instructions/findings";
import { showPanelsAs, useSettings } from "@/state/keeping/settings";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { ChartEditor } from "./ChartEditor";
import { ChartLegend } from "./ChartLegend";
import { ChartSave } from "./ChartSave";
import { FindingList } from "./FindingList";
import { usePatternAnalysis } from "./usePatternAnalysis";

const RowTextEditor = lazily("Editor", () => import("./RowTextEditor").then((file) => file.RowTextEditor), {
  waiting: <p className="text-faint max-md:h-80">Opening the editor …</p>,
});

const FabricView = lazily("Fabric", () => import("@/ui/fabric/FabricView").then((file) => file.FabricView), {
  waiting: <p className="min-h-80 text-faint">Opening the fabric …</p>,
});

const SIGHTS = [
  { value: "chart", label: "Chart" },
  { value: "fabric", label: "Fabric" },
] as const;

interface PanelViewProps {
  readonly name: string;
  readonly text: string;
  /** What the library says of it: how it lies, what it needs at its sides. */
  readonly told?: readonly string[];
  readonly readOnly: boolean;
  readonly onText: (text: string) => void;
  readonly children: ReactNode;
}

const NONE: readonly never[] = [];

/** One panel: its rows as text and as a chart, and what is to say of them. */
export function PanelView({ name, text, told = [], readOnly, onText, children }: PanelViewProps) {
  const study = usePatternAnalysis(text);
  const sight = useSettings(({ panelsAs }) => panelsAs);
  const findings = study?.findings ?? NONE;
  const mend = ({ edit }: Mend) => onText(text.slice(0, edit.from) + edit.text + text.slice(edit.to));
  const { chart, castOn, multiple } = study ?? {};
  const counts = [
    castOn && `${castOn} stitches`,
    chart && `${chart.rows.length} rows`,
    multiple && `multiple of ${multiple.of}${multiple.plus > 0 ? ` + ${multiple.plus}` : ""}`,
  ].filter(Boolean);
  return (
    <Card title={name || "Panel without a name"} aside={counts.join(" · ") || " "}>
      <Toolbar className="mt-2 text-sm">{children}</Toolbar>
      {told.length > 0 && <p className="mt-2 text-sm text-faint">{told.join(" ")}</p>}
      <div className="mt-3 grid items-start gap-4 lg:grid-cols-2">
        <div className="grid min-w-0 gap-3">
          <RowTextEditor text={text} readOnly={readOnly} findings={findings} onChange={onText} />
          {study && <FindingList findings={findings} onMend={readOnly ? null : mend} />}
        </div>
        <div className="grid min-w-0 gap-2">
          <div>
            <Choice label="Show" options={SIGHTS} value={sight} onChange={showPanelsAs} />
          </div>
          {!chart ? (
            <p className="rounded-lg border border-dashed border-edge p-6 text-faint">
              The chart is drawn as soon as a row can be read, such as: Row 1 (RS): P2, C4F, P2.
            </p>
          ) : sight === "fabric" ? (
            <FabricView name={name} text={text} chart={chart} />
          ) : (
            <>
              <ChartEditor
                chart={chart}
                name={name}
                text={text}
                onText={readOnly ? null : onText}
                complete={study?.complete ?? false}
              />
              <ChartLegend chart={chart} />
              <ChartSave chart={chart} name={name} text={text} />
            </>
          )}
        </div>
      </div>
    </Card>
  );
}
