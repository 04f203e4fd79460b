"use client";
import { Button } from "@/ui/parts/Button";
import { Why } from "@/ui/parts/Why";
import { useState } from "react";
import { roundedToSum } from "@/core/estimate/ledger";
import { millimetres, toMetres } from "@/core/units/brands";
import { formatYarn } from "@/core/units/format";
import { chooseSection, choosePiece } from "@/state/chosen/chosen";
import { useUnits } from "@/state/keeping/settings";
import { SectionSheet } from "./SectionSheet";
import type { LedgerDetail, LedgerGroup } from "./ledgerGroups";

const IN_ONE_UNIT_MM = { metric: 1000, imperial: 914.4 } as const;

interface WaterfallProps {
  readonly groups: readonly LedgerGroup[];
  /** What the advised balls hold beyond the likely need. */
  readonly reserveMm: number;
}

/**
 * Each use begins where the one before it ends, down to the reserve in the balls; a bar opens what it is made
 * of. The rounded figures add up to the rounded total.
 */
export function Waterfall({ groups, reserveMm }: WaterfallProps) {
  const units = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const unitMm = IN_ONE_UNIT_MM[units];
  const tenths = roundedToSum(
    groups.map(({ mm }) => mm / unitMm),
    0.1,
  );
  const all = groups.reduce((sum, { mm }) => sum + Math.max(0, mm), 0) + reserveMm;
  const share = (mm: number) => `${(100 * mm) / all}%`;
  const ends = groups.reduce<number[]>(
    (before, { mm }) => [...before, (before.at(-1) ?? 0) + Math.max(0, mm)],
    [],
  );
  const end = ends.at(-1) ?? 0;
  const unit = units === "metric" ? "m" : "yd";
  return (
    <table className="mt-1 w-full">
      <thead className="sr-only">
        <tr>
          <th scope="col">Use</th>
          <th scope="col">From the first loop</th>
          <th scope="col">Yarn</th>
        </tr>
      </thead>
      <tbody>
        {groups.map(({ id, name, why, colour, mm, asked, details }, index) => {
          const from = ends[index - 1] ?? 0;
          const isOpen = open === id;
          const told = `${tenths[index]?.toFixed(1)} ${unit}`;
          return (
            <tr key={id} className="border-b border-line align-top">
              <th scope="row" colSpan={isOpen ? 3 : 1} className="py-1 pr-2 text-left font-normal">
                <Button
                  title={why}
                  aria-expanded={isOpen}
                  onClick={() => setOpen(isOpen ? null : id)}
                  look="bare"
                  className="w-full text-left hover:underline"
                >
                  {name}
                </Button>
                {isOpen && asked && (
                  <p className="mt-0.5">
                    <Why of={asked}>{told}</Why>
                  </p>
                )}
                {isOpen && <Details why={why} details={details()} />}
              </th>
              {!isOpen && (
                <>
                  <td className="w-[38%] py-1">
                    <Button
                      tabIndex={-1}
                      aria-hidden
                      onClick={() => setOpen(id)}
                      look="bare"
                      className="relative block h-5 w-full"
                    >
                      <span
                        className="coloured absolute top-1.5 h-2.5 rounded-sm"
                        style={{
                          left: share(from),
                          width: `max(2px, ${share(Math.max(0, mm))})`,
                          backgroundColor: colour,
                        }}
                      />
                    </Button>
                  </td>
                  <td className="py-1 pl-2 text-right whitespace-nowrap">
                    {asked ? <Why of={asked}>{told}</Why> : told}
                  </td>
                </>
              )}
            </tr>
          );
        })}
        <tr>
          <th scope="row" className="py-1 pr-2 text-left font-normal text-weld">
            Reserve
          </th>
          <td className="relative w-[38%]">
            <span
              className="absolute top-2.5 h-2.5 rounded-sm border border-dashed border-weld"
              style={{ left: share(end), width: share(reserveMm) }}
            />
          </td>
          <td className="py-1 pl-2 text-right whitespace-nowrap text-weld">
            {`${(reserveMm / unitMm).toFixed(1)} ${unit}`}
          </td>
        </tr>
      </tbody>
    </table>
  );
}

/** More than this many are hardly worth a line. */
const MOST_DETAILS = 12;

function Details({ why, details }: { readonly why: string; readonly details: readonly LedgerDetail[] }) {
  return (
    <div className="mt-1 mb-1 text-sm">
      {why && <p className="text-faint">{why}</p>}
      <ul>
        {details.slice(0, MOST_DETAILS).map((detail) => (
          <DetailLine key={`${detail.name} ${detail.sectionId}`} detail={detail} />
        ))}
      </ul>
    </div>
  );
}

/** Where a part of the yarn goes: to the section, and to its rows. */
function DetailLine({ detail }: { readonly detail: LedgerDetail }) {
  const units = useUnits();
  const [rows, showRows] = useState(false);
  const { name, mm, pieceId, sectionId } = detail;
  const go = () => {
    if (sectionId !== null && pieceId !== null) chooseSection(sectionId, pieceId);
    else if (pieceId !== null) choosePiece(pieceId);
  };
  return (
    <li className="flex items-baseline gap-2 py-0.5">
      {pieceId === null ? (
        <span className="flex-1">{name}</span>
      ) : (
        <Button onClick={go} look="bare" className="min-w-0 flex-1 truncate text-left text-woad underline">
          {name}
        </Button>
      )}
      {pieceId !== null && sectionId !== null && (
        <Button
          aria-label={`Rows of ${name}`}
          onClick={() => showRows(true)}
          look="bare"
          className="text-faint underline"
        >
          rows
        </Button>
      )}
      <span className="w-16 text-right whitespace-nowrap">
        {formatYarn(toMetres(millimetres(mm)), units)}
      </span>
      {rows && pieceId !== null && sectionId !== null && (
        <SectionSheet pieceId={pieceId} sectionId={sectionId} name={name} open onOpenChange={showRows} />
      )}
    </li>
  );
}
