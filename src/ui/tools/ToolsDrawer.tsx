"use client";
import { Button } from "@/ui/parts/Button";
import { useState, type ComponentType } from "react";
import { openTools, useToolDrawer } from "@/state/chosen/toolDrawer";
import { Sheet } from "@/ui/parts/Sheet";
import { ButtonholeTool, ChangeCountTool, MatchingEndsTool, MixedSeamTool, PickUpTool } from "./RowTools";
import { InHandTool, TailTool } from "./YarnTools";
import { openUseUp } from "@/state/chosen/useUpSheet";

/** Each tool works alone and starts from the open project's figures. One more tool is one more row. */
const TOOLS: readonly { readonly id: string; readonly name: string; readonly tool: ComponentType }[] = [
  { id: "change", name: "Increase or decrease over a row", tool: ChangeCountTool },
  { id: "tail", name: "Tail of a long-tail cast-on", tool: TailTool },
  { id: "hand", name: "Will this ball last the row?", tool: InHandTool },
  { id: "pickUp", name: "Pick up along an edge", tool: PickUpTool },
  { id: "seam", name: "Seam of two edges", tool: MixedSeamTool },
  { id: "holes", name: "Buttonholes", tool: ButtonholeTool },
  { id: "ends", name: "Ends that match", tool: MatchingEndsTool },
];

/** The drawer of small tools, at hand on every bench. What is typed in it changes nothing in the project. */
export function ToolsDrawer() {
  const open = useToolDrawer((state) => state.open);
  return (
    <Sheet open={open} onOpenChange={openTools} title="Tools">
      <Tools />
    </Sheet>
  );
}

function Tools() {
  const [chosen, choose] = useState("change");
  return (
    <>
      <p className="mt-1 text-sm text-faint">
        They begin with the open project’s figures and change nothing in it.
      </p>
      <Button
        look="add"
        className="mt-3"
        onClick={() => {
          openTools(false);
          openUseUp();
        }}
      >
        How far does my yarn go?
      </Button>
      <div className="mt-3 grid">
        {TOOLS.map(({ id, name, tool: Tool }) => (
          <section key={id} aria-label={name} className="border-t border-line">
            <h3>
              <Button
                aria-expanded={id === chosen}
                onClick={() => choose(id === chosen ? "" : id)}
                look="bare"
                className="flex w-full justify-between py-2 text-left text-lg"
              >
                {name}
                <span aria-hidden className="text-faint">
                  {id === chosen ? "–" : "+"}
                </span>
              </Button>
            </h3>
            {id === chosen && (
              <div className="grid gap-2 pb-3">
                <Tool />
              </div>
            )}
          </section>
        ))}
      </div>
    </>
  );
}
