"use client";
import { useEffect, useId, useState } from "react";
import { finishedOf } from "@/core/estimate/finished";
import { readGrading, writeGrading } from "@/core/files/gradingTable";
import { writeTable } from "@/core/files/tableText";
import { hasAsked } from "@/core/project/sectionKinds";
import { isByBalls, type GradedSize } from "@/core/project/sizes";
import { ballsParagraph, type SizeCell } from "@/core/swap/sizeTable";
import { metres, millimetres, type UnitSystem } from "@/core/units/brands";
import { formatChance, formatSize, formatYarn, tellPutUp } from "@/core/units/format";
import { formatMoney } from "@/core/units/money";
import type { PutUp } from "@/core/yarn/putUp";
import { useAnswer } from "@/state/engine/answer";
import { useOmissions } from "@/state/engine/omissions";
import { useUnits } from "@/state/keeping/settings";
import { useProject } from "@/state/project/projectStore";
import { setSizes, useSizeTable } from "@/state/project/sizes";
import { openShop } from "@/state/buying/shop";
import { NotWhole } from "@/ui/frame/LeftOut";
import { Button } from "@/ui/parts/Button";
import { toClipboard } from "@/ui/parts/clipboard";
import { download } from "@/ui/parts/download";
import { Said } from "@/ui/parts/Said";
import { Sheet } from "@/ui/parts/Sheet";
import { Table, type Column } from "@/ui/parts/Table";
import { toast } from "@/ui/parts/toast";
import { WhichSize } from "./WhichSize";

/** All sizes side by side, in the pattern's yarn and in its substitutes. */
export function SizesSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Sheet open onOpenChange={onClose} title="Sizes side by side" wide>
      <Sizes />
    </Sheet>
  );
}

const byBalls = (sizes: readonly GradedSize[]) => sizes.length > 0 && sizes.every(isByBalls);

function Sizes() {
  const id = useId();
  const units = useUnits();
  const whole = useOmissions().length === 0;
  const project = useProject();
  const { sizes, size } = project;
  const asked = hasAsked(project);
  const answer = useAnswer();
  const now = answer.known ? finishedOf(project, answer) : null;
  const [text, setText] = useState(() => writeGrading(sizes, units));
  const read = readGrading(text, units);
  useEffect(() => void openShop(), []);
  return (
    <div className="mt-2 grid gap-3">
      {!whole && <NotWhole>No balls are told for a size that leaves something out.</NotWhole>}
      <div className="grid gap-3 sm:grid-cols-[2fr_1fr]">
        <div>
          <label htmlFor={id} className="text-sm">
            One size a line: its name, the measure round or across, the length, and the pattern’s balls if it
            tells them. Or as it prints them, each line for all sizes: 9 (10, 12) balls.
          </label>
          <textarea
            id={id}
            value={text}
            rows={Math.min(10, Math.max(4, text.split("\n").length + 1))}
            spellCheck={false}
            placeholder={
              units === "metric" ? "S; 92 cm; 58 cm\nM; 100 cm; 60 cm" : "S; 36 in; 23 in\nM; 40 in; 24 in"
            }
            aria-invalid={text.trim() !== "" && !read.ok ? true : undefined}
            onChange={({ target }) => {
              setText(target.value);
              const now = readGrading(target.value, units);
              if (now.ok) setSizes(now.sizes);
              else if (target.value.trim() === "") setSizes([]);
            }}
            className="mt-0.5 block w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5"
          />
          <p aria-live="polite" className="min-h-5 text-sm">
            {read.ok && read.passedOver && (
              <span className="text-faint">
                Columns after the third are passed over, but for one that says balls.
              </span>
            )}
            {text.trim() !== "" && !read.ok && (
              <span className="text-madder">
                Line {read.line}: <Said>{read.message}</Said>
              </span>
            )}
          </p>
        </div>
        <p className="self-center text-sm text-faint">
          {byBalls(sizes)
            ? asked && "Each is worked out by the balls that the pattern asks for in it."
            : size.easeMm === 0
              ? "No ease is added; enter it under Size."
              : `${formatSize(millimetres(size.easeMm), units)} of ease are added to each, as entered under Size.`}
          {now &&
            ` As it is, it comes out at ${formatSize(millimetres(now.acrossMm), units)} × ${formatSize(millimetres(now.alongMm), units)}${size.around > 1 ? ", all round" : ""}.`}
        </p>
      </div>
      {asked && <WhichSize />}
      {sizes.length > 0 && <SizesTold whole={whole} />}
    </div>
  );
}

function SizesTold({ whole }: { readonly whole: boolean }) {
  const project = useProject();
  const units = useUnits();
  const answer = useAnswer();
  const weighed = answer.known && answer.weighed;
  const { cells, current, progress, stop } = useSizeTable();
  const { sizes, size, yarns } = project;
  const named = [...new Map(cells.map(({ yarnId, yarn }) => [yarnId, yarn])).entries()];
  const cellOf = (yarnId: string, sizeId: string) =>
    cells.find((cell) => cell.yarnId === yarnId && cell.size.id === sizeId);
  const own = yarns[0]?.id ?? "";
  const mm = (value: number) => formatSize(millimetres(value), units);
  const both = (across: number | null, along: number | null) =>
    across === null || along === null ? "–" : `${mm(across)} × ${mm(along)}`;
  const measures: Column<GradedSize>[] = [
    {
      id: "measures",
      head: size.easeMm === 0 ? "measures" : "measures, with ease",
      whole: true,
      cell: ({ acrossMm, alongMm }) => both(acrossMm === null ? null : acrossMm + size.easeMm, alongMm),
    },
    {
      id: "out",
      head: "comes out",
      whole: true,
      cell: ({ id }) => {
        const told = cellOf(own, id)?.told;
        return told ? both(told.acrossMm, told.alongMm) : "";
      },
    },
  ];
  const columns: Column<GradedSize>[] = [
    { id: "size", head: "Size", names: true, cell: ({ name }) => name || "–" },
    ...(byBalls(sizes) ? [] : measures),
    ...(sizes.some(({ balls }) => balls !== null)
      ? [{ id: "asked", head: "pattern asks", cell: ({ balls }: GradedSize) => balls ?? "" }]
      : []),
    ...named.map(([yarnId, yarn]): Column<GradedSize> => ({
      id: yarnId,
      head: yarn,
      cell: ({ id }) => <Cell cell={cellOf(yarnId, id)} weighed={weighed} units={units} />,
    })),
  ];
  const paragraphs = named.flatMap(([yarnId, yarn]) => {
    const mine = sizes.flatMap(({ id }) => cellOf(yarnId, id) ?? []);
    const told = mine.length === sizes.length ? ballsParagraph(mine) : null;
    return told ? [`Yarn: ${told} balls of ${yarn}${ballOf(project, yarnId, units)}`] : [];
  });
  return (
    <>
      <div aria-live="polite" className="min-h-6 text-sm text-faint">
        {!current && (
          <>
            Calculating … {progress !== null && `${Math.round(100 * progress)} %`}{" "}
            <Button look="link" onClick={stop}>
              Stop
            </Button>
          </>
        )}
      </div>
      <Table
        caption="Sizes side by side"
        columns={columns}
        rows={sizes}
        keyOf={({ id }) => id}
        minWidth={`${(byBalls(sizes) ? 8 : 18) + 9 * named.length}rem`}
      />
      {whole && paragraphs.length > 0 && (
        <div className="rounded-lg border border-line bg-paper p-3">
          {paragraphs.map((line) => (
            <p key={line} className="select-all">
              {line}.
            </p>
          ))}
        </div>
      )}
      <div className="flex flex-wrap justify-end gap-2">
        <Button
          disabled={!current}
          onClick={() => download("sizes.csv", new Blob([asCsv(cells)], { type: "text/csv" }))}
        >
          Save as CSV
        </Button>
        <Button
          look="main"
          disabled={!current || paragraphs.length === 0}
          onClick={() => void copy(`${paragraphs.join(".\n")}.`)}
        >
          Copy the paragraph
        </Button>
      </div>
    </>
  );
}

/** What a ball of a yarn holds, in brackets. */
function ballOf(project: ReturnType<typeof useProject>, yarnId: string, units: UnitSystem): string {
  const candidate = project.swap.candidates.find(({ id }) => id === yarnId);
  const putUp = candidate ? candidate.label.putUp : (project.yarns[0]?.putUp ?? null);
  return putUp ? ` (${tellPutUp(putUp as PutUp, units)})` : "";
}

interface CellProps {
  readonly cell: SizeCell | undefined;
  readonly weighed: boolean;
  readonly units: UnitSystem;
}

function Cell({ cell, weighed, units }: CellProps) {
  if (!cell) return <span className="text-faint">…</span>;
  const { told } = cell;
  if (!told)
    return (
      <span className="text-madder">
        {cell.size.acrossMm === null ? "its measures are missing" : "cannot be worked completely"}
      </span>
    );
  return (
    <>
      <strong className="font-display text-lg">{told.balls}</strong>
      <span className="block text-faint">
        {formatChance(told.chance, weighed)}
        <br />
        {formatYarn(metres(told.needM), units)}
        {told.cost !== null && `, ${formatMoney(told.cost)}`}
      </span>
    </>
  );
}

const cm = (mm: number | null | undefined) => (typeof mm === "number" ? (mm / 10).toFixed(1) : "");

/** Metric numbers with the unit in the head, whatever units are shown. */
const asCsv = (cells: readonly SizeCell[]) =>
  writeTable([
    [
      "size",
      "across cm",
      "along cm",
      "pattern asks balls",
      "comes out across cm",
      "comes out along cm",
      "yarn",
      "balls",
      "chance",
      "yarn m",
      "cost",
    ],
    ...cells.map(({ size, yarn, told }) => [
      size.name,
      cm(size.acrossMm),
      cm(size.alongMm),
      size.balls === null ? "" : String(size.balls),
      cm(told?.acrossMm),
      cm(told?.alongMm),
      yarn,
      told ? String(told.balls) : "",
      told ? told.chance.toFixed(3) : "",
      told ? told.needM.toFixed(1) : "",
      told && told.cost !== null ? told.cost.toFixed(2) : "",
    ]),
  ]);

async function copy(text: string) {
  if (await toClipboard(text)) toast.success("Copied");
  else toast.warning("This browser does not let Brenok copy: mark the paragraph and copy it.");
}
