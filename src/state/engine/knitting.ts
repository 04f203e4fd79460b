/** The pieces on the needles: which there are, where each stands, and the rows around that place. */
import { useMemo } from "react";
import type { KnownSeen, SeenSection } from "@/core/engine/seen";
import type { KnitRows } from "@/core/knitting/knitRows";
import { keyOfPlace } from "@/core/progress/inHand";
import { placeIn, progressOf, type Place, type Progress } from "@/core/progress/places";
import type { Project } from "@/core/project/project";
import { useSettings } from "../keeping/settings";
import { useProjectPart } from "../project/projectStore";
import { useAsked } from "./asked";

/** What the log of the open project comes to. */
export function useProgress(): Progress {
  const log = useProjectPart((project) => project.log);
  return useMemo(() => progressOf(log), [log]);
}

export interface Piece extends Place {
  readonly key: string;
  /** Its name, with which of how many it is. */
  readonly name: string;
  readonly all: number;
  /** Of a row of it, in the mean. */
  readonly stitches: number;
  /** Another piece of as many rows that is further on, and by how many rows. */
  readonly behind: { readonly name: string; readonly rows: number } | null;
}

/** Stitches of a row, in the mean of all rows. */
function meanStitches(sections: readonly SeenSection[]): number {
  const rows = sections.reduce((sum, section) => sum + section.rows, 0);
  const stitches = sections.reduce(
    (sum, section) => sum + (section.rows * (section.from + section.to)) / 2,
    0,
  );
  return rows > 0 ? stitches / rows : 0;
}

/** All pieces of an answer, each copy by itself, in the order of knitting. */
export function piecesOf(
  answer: KnownSeen,
  { pieces }: Pick<Project, "pieces">,
  progress: Progress,
): readonly Piece[] {
  const each = answer.estimate.pieces.flatMap(({ id, times, estimate, sections }) =>
    Array.from({ length: times }, (_, index) => {
      const of = { pieceId: id, copy: index + 1 };
      const name = pieces.find((piece) => piece.id === id)?.name ?? "";
      return {
        ...placeIn(progress, of),
        key: keyOfPlace(of),
        name: times > 1 ? `${name} ${index + 1} of ${times}` : name,
        all: estimate.rows,
        stitches: meanStitches(sections),
      };
    }),
  );
  return each.map((one) => {
    const ahead = each
      .filter(({ key, all, rows }) => key !== one.key && all === one.all && rows > one.rows)
      .toSorted((a, b) => b.rows - a.rows)[0];
    const begun = one.rows > 0 && !one.finished;
    return { ...one, behind: begun && ahead ? { name: ahead.name, rows: ahead.rows - one.rows } : null };
  });
}

/** Rows are asked for in pages, some more on either side, so that the next one is there before it is tapped. */
const PAGE = 24;
const AROUND = 24;

/** The rows around a place; null until they are there. */
export function useRowsAround({ pieceId, rows }: Pick<Place, "pieceId" | "rows">): KnitRows | null {
  const naming = useSettings((settings) => settings.naming);
  const words = useSettings((settings) => settings.words);
  const page = Math.floor(rows / PAGE);
  const asked = useMemo(
    () => ({
      pieceId,
      from: page * PAGE - AROUND,
      to: (page + 1) * PAGE + AROUND,
      style: { naming, words },
    }),
    [pieceId, page, naming, words],
  );
  const { told } = useAsked("knit", asked);
  return told?.pieceId === pieceId ? told : null;
}
