import { Table } from "@/ui/parts/Table";
import { memo } from "react";
import type { AboveRib } from "@/core/estimate/aboveRib";
import type { StitchContent } from "@/core/garment/stitchContent";
import { Drawer } from "@/ui/parts/Drawer";
import { SourceMark } from "@/ui/parts/SourceMark";

interface AboveRibCardProps {
  /** What the cables keep of their width. */
  readonly kept: StitchContent["kept"];
  readonly above: AboveRib;
  /** Whether a swatch has said how far the cables pull in. */
  readonly swatched: boolean;
}

/** How many stitches to add above the rib, so that the cables do not pull the piece in; beside the rules of thumb. */
export const AboveRibCard = memo(function AboveRibCard({ kept, above, swatched }: AboveRibCardProps) {
  const { rib, add, byThirds, byCrossings } = above;
  const rules = [
    {
      rule: "One for every three stitches of rib",
      adds: `${byThirds}`,
      why: "takes every cable to pull in by a quarter, whatever it is.",
    },
    {
      rule: "One or two for each crossing side by side",
      adds: byCrossings.least > 0 ? `${byCrossings.least} to ${byCrossings.most}` : "none",
      why: "counts the crossings, and neither how wide they are nor the purls that fold beside them.",
    },
  ];
  return (
    <Drawer
      title="Above the rib"
      answer={add > 0 ? `add ${add}, to ${rib + add} stitches` : "add none"}
      atFirst="shut"
    >
      <p>
        <strong className="font-display text-3xl">{add > 0 ? `add ${add}` : "add none"}</strong>{" "}
        {add > 0 ? `over a rib of ${rib}, and the width holds.` : "These panels keep their width."}
      </p>
      <p className="mt-1 text-sm">
        <SourceMark source={kept.measured === null && !swatched ? "computed" : "measured"} /> These panels
        keep <span className="text-woad">{Math.round(kept.all * 100)} %</span> of their plain width, so a rib
        that stretches to plain width needs that share of the stitches.
      </p>
      <div className="mt-2">
        <Table
          caption="Rules of thumb"
          columns={[
            {
              id: "rule",
              names: true,
              cell: ({ rule, why }) => (
                <>
                  “{rule}” <span className="text-faint">{why}</span>
                </>
              ),
            },
            { id: "adds", right: true, whole: true, className: "font-semibold", cell: ({ adds }) => adds },
          ]}
          rows={rules}
          keyOf={({ rule }) => rule}
        />
      </div>
    </Drawer>
  );
});
