"use client";
import { Plus, X } from "lucide-react";
import { COUNTS } from "@/core/project/bounds";
import { colouredBy, Colours, type ProjectSection } from "@/core/project/sections";
import { readCount } from "@/core/units/count";
import {
  addBand,
  carryYarns,
  chooseColours,
  chooseOne,
  countBand,
  editBand,
  moveBorders,
  removeBand,
} from "@/state/project/colours";
import { useProjectPart } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { Select } from "@/ui/parts/Select";
import { ValueField } from "@/ui/parts/ValueField";

const KINDS = [
  { value: "one", label: "one yarn" },
  { value: "stripes", label: "stripes" },
  { value: "areas", label: "areas" },
] as const;
const CARRIED = [
  { value: "carried", label: "carried up" },
  { value: "cut", label: "cut" },
] as const;

const OWN = "";

/** In which yarns a section is worked; offered where the project has more than one. */
export function ColourFields({ section }: { readonly section: ProjectSection }) {
  const yarns = useProjectPart((project) => project.yarns);
  const { kind, bands, carried } = section.colours;
  if (yarns.length < 2 || colouredBy(section) === "nothing") return null;
  const single = colouredBy(section) === "one";
  return (
    <div className="col-span-2 mb-1 border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span aria-hidden>Worked in</span>
        {!single && <Choice label="Colours" options={KINDS} value={kind} onChange={chooseColours} />}
        {kind === "stripes" && (
          <Choice
            label="Yarns between stripes"
            options={CARRIED}
            value={carried ? "carried" : "cut"}
            onChange={(way) => carryYarns(way === "carried")}
          />
        )}
      </div>
      {kind === "one" && (
        <div className="mt-1">
          <Select
            label="Yarn"
            value={bands[0]?.yarnId ?? OWN}
            options={[
              { value: OWN, label: "the piece’s own" },
              ...yarns.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            onChange={(id) => chooseOne(id === OWN ? null : id)}
          />
        </div>
      )}
      {kind !== "one" && <Bands section={section} kind={kind} />}
    </div>
  );
}

interface BandsProps {
  readonly section: ProjectSection;
  readonly kind: Exclude<Colours["kind"], "one">;
}

function Bands({ section, kind }: BandsProps) {
  const yarns = useProjectPart((project) => project.yarns);
  const { bands, moves } = section.colours;
  const things = kind === "stripes" ? "Rows" : "Stitches";
  return (
    <>
      <ol className="mt-1 grid gap-1" aria-label={kind === "stripes" ? "Stripes" : "Areas from the right"}>
        {bands.map(({ yarnId, count }, index) => (
          <li key={index} className="flex items-end gap-1">
            <span
              aria-hidden
              className="mb-6 size-4 shrink-0 rounded-full border border-edge"
              style={{ backgroundColor: yarns.find(({ id }) => id === yarnId)?.colour }}
            />
            <select
              aria-label={`Yarn of ${index + 1}`}
              value={yarnId}
              onChange={({ target }) => editBand(index, { yarnId: target.value })}
              className="mb-3.5 min-w-0 flex-1 rounded-lg border border-edge bg-paper px-2 py-1.5"
            >
              {yarns.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
            <div className="w-24 shrink-0">
              <ValueField<number>
                of={`${section.id} band ${index}`}
                label={`${things}, ${index + 1}`}
                value={count}
                tell={String}
                read={(text) => readCount(text, COUNTS.band)}
                onValue={(value) => value !== null && countBand(index, value)}
              />
            </div>
            <span className="mb-3">
              <IconButton
                label={`Delete ${index + 1}`}
                icon={X}
                disabled={bands.length === 1}
                onClick={() => removeBand(index)}
              />
            </span>
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
        <>
          <p className="mt-1 text-sm text-faint">
            The last area takes what is left of the row; at each border the strands twist round each other.
          </p>
          <Borders id={section.id} moves={moves} />
        </>
      )}
    </>
  );
}

const STANDS = "stands";
const BORDERS = [
  { value: STANDS, label: "stand" },
  { value: "left", label: "move left" },
  { value: "right", label: "move right" },
] as const;

/** Borders between areas that move as the work grows. */
function Borders({ id, moves }: { readonly id: string; readonly moves: Colours["moves"] }) {
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span aria-hidden>Borders</span>
        <Choice
          label="Borders between areas"
          options={BORDERS}
          value={moves?.lean ?? STANDS}
          onChange={(lean) => moveBorders(lean === STANDS ? null : { stitches: 1, every: 2, ...moves, lean })}
        />
      </div>
      {moves && (
        <div className="mt-1 grid grid-cols-2 gap-x-3">
          <ValueField<number>
            of={`${id} moves`}
            label="Stitches"
            value={moves.stitches}
            tell={String}
            read={(text) => readCount(text, COUNTS.shaped)}
            onValue={(stitches) => stitches !== null && moveBorders({ ...moves, stitches })}
          />
          <ValueField<number>
            of={`${id} moves`}
            label="every … rows"
            value={moves.every}
            tell={String}
            read={(text) => readCount(text, COUNTS.every)}
            onValue={(every) => every !== null && moveBorders({ ...moves, every })}
          />
        </div>
      )}
    </div>
  );
}
