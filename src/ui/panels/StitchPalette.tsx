"use client";
import { useMemo, useState, type Ref } from "react";
import { signOf } from "@/core/panels/chart";
import { FAMILIES, findPlaceable, tellPlaceable, type Family, type Placeable } from "@/core/panels/placeable";
import type { Wording } from "@/core/stitches/wording";
import { Button } from "@/ui/parts/Button";
import { FIELD_LOOK } from "@/ui/parts/fieldLook";
import { Pill } from "@/ui/parts/Pills";
import { PLACINGS } from "./chartKeys";
import { ChartSign } from "./ChartSign";

interface StitchPaletteProps {
  readonly wording: Wording;
  readonly disabled: boolean;
  readonly onPlace: (id: string) => void;
  /** The field in which a stitch is looked for: the chart's key goes there. */
  readonly search: Ref<HTMLInputElement>;
  /** Back to the chart. */
  readonly onLeave: () => void;
}

/** Every stitch there is, by families and by name: what is pressed is laid over the selection. */
export function StitchPalette({ wording, disabled, onPlace, search, onLeave }: StitchPaletteProps) {
  const [wanted, setWanted] = useState("");
  const [family, setFamily] = useState<Family>("Plain");
  const found = useMemo(() => findPlaceable(wanted, wording), [wanted, wording]);
  const shown = wanted.trim() === "" ? found.filter((one) => one.family === family) : found;
  return (
    <section aria-label="Stitches" className="mt-2 rounded-lg border border-line p-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <input
          ref={search}
          type="search"
          aria-label="Find a stitch"
          aria-keyshortcuts="/"
          placeholder="k2tog, C6F, bobble"
          value={wanted}
          onChange={({ target }) => setWanted(target.value)}
          onKeyDown={(event) => {
            const [first] = shown;
            if (event.key === "Escape") {
              setWanted("");
              onLeave();
            } else if (event.key === "Enter" && first && !disabled) onPlace(first.id);
            else return;
            event.preventDefault();
            event.stopPropagation();
          }}
          className={`max-w-52 text-sm ${FIELD_LOOK}`}
        />
        {wanted.trim() === "" &&
          FAMILIES.map((name) => (
            <Pill key={name} chosen={name === family} onChoose={() => setFamily(name)}>
              {name}
            </Pill>
          ))}
      </div>
      <ul className="mt-2 flex max-h-44 flex-wrap gap-1.5 overflow-y-auto">
        {shown.map((one) => (
          <li key={one.id}>
            <PlaceButton one={one} wording={wording} disabled={disabled} onPlace={onPlace} />
          </li>
        ))}
        {shown.length === 0 && (
          <li role="status" className="text-sm text-faint">
            No stitch has this name. Write it into the text, with its key.
          </li>
        )}
      </ul>
    </section>
  );
}

/** Those that a key lays, too. */
const KEYS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(PLACINGS).flatMap(([key, { id }]) => (id === undefined ? [] : [[id, key.toUpperCase()]])),
);

interface PlaceButtonProps extends Pick<StitchPaletteProps, "wording" | "disabled" | "onPlace"> {
  readonly one: Placeable;
}

function PlaceButton({ one, wording, disabled, onPlace }: PlaceButtonProps) {
  const { name, words } = tellPlaceable(one, wording);
  const sign = signOf(one.work, wording);
  const key = KEYS[one.id];
  return (
    <Button
      size="small"
      title={words}
      aria-label={`Lay ${name}, ${words}`}
      aria-keyshortcuts={key}
      disabled={disabled}
      onClick={() => onPlace(one.id)}
    >
      {sign && <ChartSign run={sign} />}
      {name}
      {key && <kbd className="font-[inherit] text-xs opacity-80">{key}</kbd>}
    </Button>
  );
}
