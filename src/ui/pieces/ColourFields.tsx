"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Button } from "@/ui/parts/Button";
import { Plus, X } from "lucide-react";
import type { Colours } from "@/core/project/sections";
import { colouredBy } from "@/core/project/sectionKinds";
import type { ProjectSection } from "@/core/project/sections";
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
      <Toolbar className="text-sm">
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
      </Toolbar>
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
              className="coloured mb-6 size-4 shrink-0 rounded-full border border-edge"
              style={{
                backgroundColor: yarns.find(({ id }) => id === yarnId)?.colour,
              }}
            />
            <div className="mb-3.5 min-w-0 flex-1">
              <Select
                labelHidden
                label={`Yarn of ${index + 1}`}
                options={yarns.map(({ id, name }) => ({ value: id, label: name }))}
                value={yarnId}
                onChange={(id) => editBand(index, { yarnId: id })}
              />
            </div>
            <div className="w-24 shrink-0">
              <ValueField
                of={`${section.id} band ${index}`}
                label={`${things}, ${index + 1}`}
                value={count}
                figure={ENTERED.bandCount}
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
      <Button onClick={addBand} size="small" className="mt-1">
        <Plus size={15} aria-hidden /> Another {kind === "stripes" ? "stripe" : "area"}
      </Button>
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
      <Toolbar className="text-sm">
        <span aria-hidden>Borders</span>
        <Choice
          label="Borders between areas"
          options={BORDERS}
          value={moves?.lean ?? STANDS}
          onChange={(lean) => moveBorders(lean === STANDS ? null : { stitches: 1, every: 2, ...moves, lean })}
        />
      </Toolbar>
      {moves && (
        <div className="mt-1 grid grid-cols-2 gap-x-3">
          <ValueField
            of={`${id} moves`}
            label="Stitches"
            value={moves.stitches}
            figure={ENTERED.borderStitches}
            onValue={(stitches) => stitches !== null && moveBorders({ ...moves, stitches })}
          />
          <ValueField
            of={`${id} moves`}
            label="every … rows"
            value={moves.every}
            figure={ENTERED.borderRows}
            onValue={(every) => every !== null && moveBorders({ ...moves, every })}
          />
        </div>
      )}
    </div>
  );
}
