"use client";
import { useSaid } from "@/ui/parts/Said";
import { Button } from "@/ui/parts/Button";
import { ArrowDown, ArrowUp, Minus, Plus, X } from "lucide-react";
import { useEffect, useState } from "react";
import type { AcrossEdits } from "@/state/project/across";
import type { FabricSection, Joined } from "@/core/project/sections";
import type { Taken } from "@/core/panels/across";
import { useTaken } from "@/state/engine/answer";
import { useOwnPanels } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";
import { typed } from "@/state/project/projectStore";
import { useTypedValue } from "@/ui/parts/ValueField";
import { useSettings } from "@/state/keeping/settings";
import { IconButton } from "@/ui/parts/IconButton";
import type { NamedPanel } from "@/workers/reader.worker";
import { ENTERED } from "@/core/project/enteredFigures";

interface RowOfPanelsProps {
  readonly across: FabricSection["across"];
  readonly edits: AcrossEdits;
  /** The piece and the section, or the swatch, that it lies across. */
  readonly pieceId: string;
  readonly sectionId: string;
}

interface TimesInputProps {
  readonly label: string;
  /** Whose it is: together with the label it is where the text is kept. */
  readonly of: string;
  readonly times: number;
  readonly onTimes: (times: number) => void;
}

/** How often a panel comes again, typed; what cannot be read stands, and the last count with it. */
function TimesInput({ label, of, times, onTimes }: TimesInputProps) {
  const said = useSaid();
  const { text, wrong, onText } = useTypedValue<number>({
    label,
    of,
    value: times,
    figure: ENTERED.panelTimes,
    onValue: (count) => count !== null && onTimes(count),
  });
  return (
    <input
      aria-label={label}
      title={wrong ? said(wrong) : label}
      aria-invalid={wrong ? true : undefined}
      inputMode="numeric"
      autoComplete="off"
      value={text}
      onChange={({ target }) => typed(() => onText(target.value))}
      className="w-10 rounded-lg border border-edge bg-paper px-1 py-1 text-center aria-invalid:border-2 aria-invalid:border-madder"
    />
  );
}

/** The panels that lie across, from the right edge to the left, each so many times. */
export function RowOfPanels({ across, edits, pieceId, sectionId }: RowOfPanelsProps) {
  const taken = useTaken(pieceId, sectionId);
  const library = useLibraryNames();
  return (
    <div className="col-span-2 mb-1">
      <p className="text-sm text-faint">From the right edge, as the right side is looked at:</p>
      <ol className="mt-1 grid grid-cols-[minmax(0,1fr)] gap-1">
        {across.map(({ panelId, times, joined }, index) => (
          <li key={index} className="flex flex-wrap items-center gap-1">
            <PanelSelect
              label={`Panel ${index + 1}`}
              library={library}
              value={panelId}
              onChoose={(id) => edits.choose(index, id)}
            />
            <IconButton
              label={`Panel ${index + 1} once less`}
              icon={Minus}
              onClick={() => edits.repeat(index, -1)}
            />
            <TimesInput
              label={`Times of panel ${index + 1}`}
              of={`${sectionId} across ${index}`}
              times={times}
              onTimes={(count) => edits.times(index, count)}
            />
            <IconButton
              label={`Panel ${index + 1} once more`}
              icon={Plus}
              onClick={() => edits.repeat(index, 1)}
            />
            <IconButton
              label={`Panel ${index + 1} further right`}
              icon={ArrowUp}
              disabled={index === 0}
              onClick={() => edits.move(index, -1)}
            />
            <IconButton
              label={`Panel ${index + 1} further left`}
              icon={ArrowDown}
              disabled={index === across.length - 1}
              onClick={() => edits.move(index, 1)}
            />
            <IconButton label={`Delete panel ${index + 1}`} icon={X} onClick={() => edits.remove(index)} />
            <TakenWords
              taken={taken[index]?.panelId === panelId ? taken[index] : undefined}
              joined={joined}
              onJoin={(way) => edits.join(index, way)}
            />
          </li>
        ))}
      </ol>
      <Button onClick={() => edits.add(across.at(-1)?.panelId ?? "honeycomb")} size="small" className="mt-1">
        <Plus size={15} aria-hidden /> Add a panel
      </Button>
    </div>
  );
}

interface TakenWordsProps {
  readonly taken: Taken | undefined;
  readonly joined: Joined;
  readonly onJoin: (joined: Joined) => void;
}

/** How a panel joins itself: stitches of one and of all, whether its edges stand once or each time, and its purls at all. */
function TakenWords({ taken, joined, onJoin }: TakenWordsProps) {
  if (!taken) return null;
  const { repeat, times, stitches, purls, fills } = taken;
  if (fills) return <p className="w-full text-sm text-faint">over {stitches} st</p>;
  const edges = repeat.before + repeat.after;
  const once =
    edges > 0 && joined === "repeat" ? `${repeat.of} again + ${edges} once` : `${stitches / times} each`;
  const ways: readonly { readonly way: Joined; readonly name: string; readonly is: boolean }[] = [
    { way: "repeat", name: "edges once only", is: joined !== "repeat" },
    { way: "whole", name: "edges each time", is: joined === "repeat" && edges > 0 && times > 1 },
    { way: "bare", name: `without its ${purls} purls`, is: joined !== "bare" && purls > 0 },
  ];
  return (
    <p className="w-full text-sm text-faint">
      {stitches} st: {once}
      {ways.map(
        ({ way, name, is }) =>
          is && (
            <span key={way}>
              {" · "}
              <Button look="link" onClick={() => onJoin(way)}>
                {joined === "bare" && way === "repeat" ? "with its purls" : name}
              </Button>
            </span>
          ),
      )}
    </p>
  );
}

function useLibraryNames(): readonly NamedPanel[] {
  const [names, setNames] = useState<readonly NamedPanel[]>([]);
  useEffect(() => {
    let current = true;
    void reader()
      .libraryNames()
      .then((found) => {
        if (current) setNames(found);
      });
    return () => {
      current = false;
    };
  }, []);
  return names;
}

interface PanelSelectProps {
  readonly label: string;
  readonly library: readonly NamedPanel[];
  readonly value: string;
  readonly onChoose: (id: string) => void;
}

/** One of the knitter's own panels or of the library. */
function PanelSelect({ label, library, value, onChoose }: PanelSelectProps) {
  const own = useOwnPanels();
  const british = useSettings(({ words }) => words === "UK");
  const families = [...new Set(library.map(({ family }) => family))];
  const there = [...own, ...library].some(({ id }) => id === value);
  return (
    <select
      aria-label={label}
      value={value}
      onChange={({ target }) => onChoose(target.value)}
      className="w-full rounded-lg border border-edge bg-paper px-2 py-1.5"
    >
      {!there && <option value={value}>{library.length === 0 ? "…" : "a panel that is gone"}</option>}
      {own.length > 0 && (
        <optgroup label="My panels">
          {own.map(({ id, name }) => (
            <option key={id} value={id}>
              {name || "without a name"}
            </option>
          ))}
        </optgroup>
      )}
      {families.map((family) => (
        <optgroup key={family} label={family}>
          {library
            .filter((panel) => panel.family === family)
            .map(({ id, name, uk }) => (
              <option key={id} value={id}>
                {british && uk ? uk : name}
              </option>
            ))}
        </optgroup>
      ))}
    </select>
  );
}
