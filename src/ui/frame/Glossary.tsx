"use client";
import { Table } from "@/ui/parts/Table";
import { lookUp } from "@/core/stitches/glossary";
import { closeGlossary, lookFor, openGlossary, useGlossary } from "@/state/chosen/glossary";
import { useSettings } from "@/state/keeping/settings";
import { Sheet } from "@/ui/parts/Sheet";
import { SearchField } from "@/ui/parts/SearchField";

/** Operations and crossings explained, searched by any of their names; at hand on every bench. */
export function Glossary() {
  const { open, wanted } = useGlossary();
  const british = useSettings(({ words }) => words === "UK");
  const found = open ? lookUp(wanted) : [];
  return (
    <Sheet open={open} onOpenChange={(to) => (to ? openGlossary(wanted) : closeGlossary())} title="Glossary">
      <SearchField
        labelHidden
        label="Find a stitch or a crossing"
        example="k2tog, C4F, yarn over …"
        value={wanted}
        onText={lookFor}
      />
      <div className="mt-3">
        <Table
          className=""
          caption="Stitches and crossings"
          columns={[
            {
              id: "name",
              head: "Name",
              names: true,
              whole: true,
              cell: ({ name, also }) => (
                <>
                  <strong>{name}</strong>
                  {also && <span className="text-faint"> or {also}</span>}
                </>
              ),
            },
            { id: "what", head: "What it is", cell: ({ us, uk }) => (british ? uk : us) },
            {
              id: "stitches",
              head: "Stitches",
              whole: true,
              className: "text-faint",
              cell: ({ counts }) => counts,
            },
          ]}
          rows={found}
          keyOf={({ name }) => name}
        />
      </div>
      {found.length === 0 && <p className="py-4 text-faint">Nothing by that name. Try part of the word.</p>}
    </Sheet>
  );
}
