"use client";
import { lookUp } from "@/core/stitches/glossary";
import { closeGlossary, lookFor, openGlossary, useGlossary } from "@/state/chosen/glossary";
import { useSettings } from "@/state/keeping/settings";
import { Sheet } from "@/ui/parts/Sheet";

/** Operations and crossings explained, searched by any of their names; at hand on every bench. */
export function Glossary() {
  const { open, wanted } = useGlossary();
  const british = useSettings(({ words }) => words === "UK");
  const found = open ? lookUp(wanted) : [];
  return (
    <Sheet open={open} onOpenChange={(to) => (to ? openGlossary(wanted) : closeGlossary())} title="Glossary">
      <input
        type="search"
        aria-label="Find a stitch or a crossing"
        placeholder="k2tog, C4F, yarn over …"
        value={wanted}
        onChange={({ target }) => lookFor(target.value)}
        className="mt-3 w-full rounded-lg border border-edge bg-paper px-3 py-2 placeholder:text-faint"
      />
      <table className="mt-3 w-full text-left">
        <thead className="text-sm text-faint">
          <tr>
            <th scope="col" className="font-normal">
              Name
            </th>
            <th scope="col" className="font-normal">
              What it is
            </th>
            <th scope="col" className="font-normal">
              Stitches
            </th>
          </tr>
        </thead>
        <tbody>
          {found.map(({ name, also, us, uk, counts }) => (
            <tr key={name} className="border-t border-line align-baseline">
              <th scope="row" className="py-1.5 pr-3 whitespace-nowrap">
                {name}
                {also && <span className="font-normal text-faint"> or {also}</span>}
              </th>
              <td className="py-1.5">{british ? uk : us}</td>
              <td className="py-1.5 pl-3 whitespace-nowrap text-faint">{counts}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.length === 0 && <p className="py-4 text-faint">Nothing by that name. Try part of the word.</p>}
    </Sheet>
  );
}
