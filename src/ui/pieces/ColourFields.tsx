"use client";
import { Minus, Plus, X } from "lucide-react";
import type { FabricSection } from "@/core/files/sections";
import { addBand, carryYarns, chooseColours, countBand, editBand, removeBand } from "@/state/colours";
import { useProjectPart } from "@/state/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";

const KINDS = [
  { value: "one", label: "one yarn" },
  { value: "stripes", label: "stripes" },
  { value: "areas", label: "areas" },
] as const;
const CARRIED = [
  { value: "carried", label: "carried up" },
  { value: "cut", label: "cut" },
] as const;

/** In which yarns a fabric is worked; offered where the project has more than one. */
export function ColourFields({ section }: { readonly section: FabricSection }) {
  const yarns = useProjectPart((project) => project.yarns);
  const { kind, bands, carried } = section.colours;
  if (yarns.length < 2) return null;
  return (
    <div className="col-span-2 mb-1 border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span aria-hidden>Worked in</span>
        <Choice label="Colours" options={KINDS} value={kind} onChange={chooseColours} />
        {kind === "stripes" && (
          <Choice
            label="Yarns between stripes"
            options={CARRIED}
            value={carried ? "carried" : "cut"}
            onChange={(way) => carryYarns(way === "carried")}
          />
        )}
      </div>
      {kind !== "one" && (
        <>
          <ol
            className="mt-1 grid gap-1"
            aria-label={kind === "stripes" ? "Stripes" : "Areas from the right"}
          >
            {bands.map(({ yarnId, count }, index) => (
              <li key={index} className="flex items-center gap-1">
                <span
                  aria-hidden
                  className="size-4 shrink-0 rounded-full border border-edge"
                  style={{ backgroundColor: yarns.find(({ id }) => id === yarnId)?.colour }}
                />
                <select
                  aria-label={`Yarn of ${index + 1}`}
                  value={yarnId}
                  onChange={({ target }) => editBand(index, { yarnId: target.value })}
                  className="min-w-0 flex-1 rounded-lg border border-edge bg-paper px-2 py-1"
                >
                  {yarns.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
                <IconButton
                  label={`Fewer in ${index + 1}`}
                  icon={Minus}
                  onClick={() => countBand(index, count - 1)}
                />
                <span className="w-16 text-center text-sm">
                  {count} {kind === "stripes" ? (count === 1 ? "row" : "rows") : "st"}
                </span>
                <IconButton
                  label={`More in ${index + 1}`}
                  icon={Plus}
                  onClick={() => countBand(index, count + 1)}
                />
                <IconButton
                  label={`Take ${index + 1} out`}
                  icon={X}
                  disabled={bands.length === 1}
                  onClick={() => removeBand(index)}
                />
              </li>
            ))}
          </ol>
          <button
            type="button"
            onClick={addBand}
            className="mt-1 flex items-center gap-1 rounded-lg border border-edge px-2.5 py-1 text-sm font-semibold hover:bg-line"
          >
            <Plus size={15} aria-hidden /> Another {kind === "stripes" ? "stripe" : "area"}
          </button>
          {kind === "areas" && (
            <p className="mt-1 text-sm text-faint">
              The last area takes what is left of the row; at each border the strands twist round each other.
            </p>
          )}
        </>
      )}
    </div>
  );
}
