"use client";
import { Table } from "@/ui/parts/Table";
import { crossingMeant } from "@/core/stitches/crossingNames";
import { lookUp } from "@/core/stitches/glossary";
import { closeGlossary, lookFor, openGlossary, useGlossary } from "@/state/chosen/glossary";
import { explain } from "@/state/chosen/how";
import { useSettings } from "@/state/keeping/settings";
import { TechniqueList } from "@/ui/how/TechniqueList";
import { Button } from "@/ui/parts/Button";
import { Sheet } from "@/ui/parts/Sheet";
import { SearchField } from "@/ui/parts/SearchField";

/** The way to how a crossing is worked; nothing for what is none. */
function HowOfCrossing({ name }: { readonly name: string }) {
  const crossing = crossingMeant(name);
  if (!crossing) return null;
  return (
    <Button
      look="link"
      aria-label={`How is ${name} worked?`}
      onClick={() => {
        closeGlossary();
        explain({ crossing });
      }}
    >
      How?
    </Button>
  );
}

/** Operations and crossings explained, searched by any of their names; at hand on every bench. */
export function Glossary() {
  const { open, wanted } = useGlossary();
  const british = useSettings(({ words }) => words === "UK");
  const found = open ? lookUp(wanted) : [];
  return (
    <Sheet open={open} onOpenChange={(to) => (to ? openGlossary(wanted) : closeGlossary())} title="Glossary">
      <SearchField
        labelHidden
        label="Find a stitch, a crossing or a technique"
        example="k2tog, C4F, grafting …"
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
              id: "how",
              head: <span className="sr-only">How it is worked</span>,
              whole: true,
              cell: ({ name }) => <HowOfCrossing name={name} />,
            },
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
      {open && <TechniqueList wanted={wanted} />}
      {found.length === 0 && <p className="py-4 text-faint">Nothing by that name. Try part of the word.</p>}
    </Sheet>
  );
}
