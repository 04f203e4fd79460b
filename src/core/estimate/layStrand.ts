/** Lays the pieces of a project on a strand, in the order of knitting. */
import type { PlannedSection } from "./plan";
import { millimetres } from "../units/brands";
import { sharing } from "./colourWork";
import type { LedgerPart } from "./ledger";
import { lengthOf, measuresOf } from "./measures";
import { allCounts, tallyRow, type Tally } from "./tally";
import type { Unknowns } from "./unknowns";
import { usesOfEdges, yarnOfUse } from "./uses";
import type { EstimatedPiece, ProjectEstimate, YarnEstimate } from "./wholeProject";
import type { Strand, StrandPart, Worked } from "./strand";

/** One section of a piece in one yarn. */
interface SectionRows {
  readonly sectionId: string;
  /** Yarn before its rows and behind them. */
  readonly castOnMm: number;
  readonly castOffMm: number;
  readonly rowsMm: Float64Array;
  readonly crosses: Uint8Array;
}

/** What a section takes of a yarn, row by row. */
function sectionRows(
  planned: PlannedSection,
  piece: EstimatedPiece,
  yarnId: string,
  unknowns: Unknowns,
): SectionRows {
  const { section, rows, scale } = planned.worked;
  const at = measuresOf(piece.estimate.plain, unknowns);
  const share = sharing(section, piece.yarnId);
  const rowsMm = new Float64Array(rows.length);
  const crosses = new Uint8Array(rows.length);
  const known = new Map<Tally, number>();
  for (const [index, { row }] of rows.entries())
    for (const mine of share(row, index)) {
      if (mine.yarnId !== yarnId) continue;
      const tally = tallyRow(mine.row);
      const yarn = known.get(tally) ?? scale * lengthOf(allCounts(tally), at);
      known.set(tally, yarn);
      rowsMm[index] = (rowsMm[index] ?? 0) + yarn;
      if (tally.crossings.size > 0) crosses[index] = 1;
    }
  const edges = usesOfEdges(planned, piece).filter((use) => use.yarnId === yarnId);
  const edge = (part: LedgerPart) =>
    edges.reduce((sum, use) => sum + (use.part === part ? yarnOfUse(use, at, unknowns) : 0), 0);
  return { sectionId: section.id, castOnMm: edge("castOn"), castOffMm: edge("castOff"), rowsMm, crosses };
}

const laid = new WeakMap<YarnEstimate, { readonly estimate: ProjectEstimate; readonly strand: Strand }>();

/**
 * Lays pieces and their copies one after the other in the order they are knitted: the swatch first, seams,
 * ends and extras of all last. Rows in which the yarn is not used take nothing of it. The same answer is laid once.
 */
export function layStrand(estimate: ProjectEstimate, yarn: YarnEstimate): Strand {
  const before = laid.get(yarn);
  if (before?.estimate === estimate) return before.strand;
  const strand = lying(estimate, yarn);
  laid.set(yarn, { estimate, strand });
  return strand;
}

function lying({ pieces, unknowns }: ProjectEstimate, { yarn, ledger, totalMm }: YarnEstimate): Strand {
  const rowsInAll = pieces.reduce((sum, { times, estimate }) => sum + times * estimate.rows, 0);
  const rowEndsMm = new Float64Array(rowsInAll);
  const crosses = new Uint8Array(rowsInAll);
  const stretches: Strand["stretches"][number][] = [];
  const worked: Worked[] = [];
  let [end, row] = [0, 0];
  const stretch = (
    part: StrandPart,
    whose: Worked | null,
    sectionId: string | null,
    toMm: number,
    firstRow = row,
  ) => {
    if (toMm > end)
      stretches.push({
        part,
        worked: whose,
        sectionId,
        fromMm: millimetres(end),
        toMm: millimetres(toMm),
        firstRow,
        rows: row - firstRow,
      });
    end = toMm;
  };
  stretch("swatch", null, null, ledger.swatch);
  for (const piece of pieces) {
    const sections = piece.sections.map((planned) => sectionRows(planned, piece, yarn.id, unknowns));
    for (let copy = 1; copy <= piece.times; copy += 1) {
      const whose = {
        pieceId: piece.id,
        copy,
        copies: piece.times,
        rows: piece.estimate.rows,
        firstRow: row,
      };
      worked.push(whose);
      for (const section of sections) {
        stretch("castOn", whose, section.sectionId, end + section.castOnMm);
        const first = row;
        let rowEnd = end;
        crosses.set(section.crosses, row);
        for (const mm of section.rowsMm) {
          rowEnd += mm;
          rowEndsMm[row] = rowEnd;
          row += 1;
        }
        stretch("rows", whose, section.sectionId, rowEnd, first);
        stretch("castOff", whose, section.sectionId, end + section.castOffMm);
      }
    }
  }
  stretch("ends", null, null, totalMm);
  return { yarnId: yarn.id, totalMm, stretches, worked, rowEndsMm, crosses };
}
