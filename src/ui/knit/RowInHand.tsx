"use client";
import { useState } from "react";
import type { KnitRow } from "@/core/knitting/knitRows";
import { nameOf } from "@/core/stitches/wording";
import { explain } from "@/state/chosen/how";
import { useHand, tapStretch } from "@/state/chosen/inHand";
import { type Piece } from "@/state/engine/knitting";
import { useProject } from "@/state/project/projectStore";
import { useSettings } from "@/state/keeping/settings";
import { sectionName } from "@/ui/pieces/sectionWords";
import { Button } from "@/ui/parts/Button";
import { Said } from "@/ui/parts/Said";
import { readAloud } from "./readAloud";
import { HowLink } from "@/ui/how/HowLink";
import { RowStrip } from "./RowStrip";

const SIDES = { whole: "", first: ", first side", second: ", second side" } as const;

/** What is done before a row, or behind the last one. */
export const Acts = ({ acts }: { readonly acts: KnitRow["before"] }) =>
  acts.map((act) => (
    <p key={act.code} className="mt-2 border-l-4 border-woad pl-2 text-lg">
      <Said>{act}</Said> <HowLink of={act} />
    </p>
  ));

/** A row with where it lies, what is done before it, its stretches and what is to come. */
export function RowInHand({
  piece,
  row,
  meanings,
}: {
  readonly piece: Piece;
  readonly row: KnitRow;
  readonly meanings: readonly string[];
}) {
  const project = useProject();
  const words = useSettings((settings) => settings.words);
  const naming = useSettings((settings) => settings.naming);
  const [mute, setMute] = useState(false);
  const section = project.pieces
    .find(({ id }) => id === piece.pieceId)
    ?.sections.find(({ id }) => id === row.sectionId);
  const named = row.yarnIds.map((id) => project.yarns.find((yarn) => yarn.id === id)?.name ?? "");
  return (
    <>
      <div className="flex items-end gap-3">
        <strong className="font-display text-5xl leading-none md:text-6xl">{row.row}</strong>
        <p className="min-w-0 text-sm leading-snug">
          <strong className="text-base max-md:hidden">{piece.name}</strong>
          <span className="text-faint">
            {" "}
            of {piece.all} · {section ? sectionName(section, words) : ""}
            {SIDES[row.side]}, row {row.inSection} of {row.ofSection}
            <br />
            {row.wrongSide === null ? "round" : row.wrongSide ? "wrong side" : "right side"}
            {row.ofRepeat && ` · row ${row.ofRepeat.row} of ${row.ofRepeat.rows} of its repeat`} ·{" "}
            {row.stitches} st
            {project.yarns.length > 1 && ` · ${named.join(" and ")}`}
          </span>
        </p>
      </div>
      <Acts acts={row.before} />
      <RowStrip row={row} />
      <ul className="mt-2 text-[0.95rem] leading-snug">
        {row.ahead.map((one, index) => (
          <li key={`${one.code} ${index}`} className={index === 0 ? "text-madder" : "text-woad"}>
            <Said>{one}</Said> <HowLink of={one} />
          </li>
        ))}
        {row.toExplain.map((crossing) => (
          <li key={nameOf(crossing, { naming, words })} className="mr-4 inline-block">
            <Button look="link" onClick={() => explain({ crossing })}>
              How is {nameOf(crossing, { naming, words })} worked?
            </Button>
          </li>
        ))}
        <li className="mr-4 inline-block">
          <Button look="link" onClick={() => setMute(!readAloud(row.stretches.map(({ text }) => text)))}>
            Read it aloud
          </Button>
          {mute && <span className="text-faint"> This device has no English voice of its own.</span>}
        </li>
        {row.yarnIds.length > 1 && (
          <li className="mr-4 inline-block">
            <Button look="link" onClick={() => explain({ technique: "colourAtBorder" })}>
              How are colours changed?
            </Button>
          </li>
        )}
        {meanings.map((line) => (
          <li key={line} className="text-faint">
            {line}{" "}
            <Button
              look="link"
              aria-label={`How? ${line}`}
              onClick={() => explain({ technique: /^nupp/i.test(line) ? "nupp" : "bobble" })}
            >
              How?
            </Button>
          </li>
        ))}
      </ul>
      <Stretches piece={piece} row={row} />
    </>
  );
}

const ROW_SIZES = { usual: "text-[1.4rem]", large: "text-[1.9rem]", largest: "text-[2.6rem]" } as const;

/** What is worked from marker to marker, each to be tapped off by itself. */
function Stretches({ piece, row }: { readonly piece: Piece; readonly row: KnitRow }) {
  const of = `${piece.key} ${row.row}`;
  const size = ROW_SIZES[useSettings((settings) => settings.rowSize)];
  const tapped = useHand((hand) => hand.tapped);
  const off = tapped.of === of ? tapped.stretches : [];
  return (
    <ol
      aria-label="What to work, from marker to marker"
      className="mt-2 flex flex-wrap items-center gap-x-1 gap-y-1.5"
    >
      {row.stretches.map(({ text, marker, crosses }, index) => (
        <li key={index} className="flex items-center gap-1">
          <Button
            look="bare"
            data-worked
            aria-pressed={off.includes(index)}
            onClick={() => tapStretch(of, index)}
            className={`rounded-lg border px-2 py-1 text-left ${size} leading-tight aria-pressed:opacity-40 ${crosses ? "border-madder text-madder" : "border-line"}`}
          >
            {text || "nothing"}
          </Button>
          {marker !== null && (
            <span
              aria-label={`marker ${marker}`}
              role="img"
              className="grid h-7 min-w-5 place-items-center rounded-full border-2 border-edge px-0.5 text-xs text-faint"
            >
              {marker}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}
