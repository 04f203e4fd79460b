/** Tables of the open project for a spreadsheet: metric numbers with the unit in the head, whatever units are shown. */
import type { BallMap } from "@/core/estimate/ballMap";
import type { KnownSeen } from "@/core/engine/seen";
import { extraName } from "@/core/estimate/extras";
import { writeTable } from "@/core/files/tableText";
import type { Project } from "@/core/project/project";
import type { Wording } from "@/core/stitches/wording";
import type { Says } from "@/core/words/message";
import { groupsOf } from "@/ui/pieces/ledgerGroups";
import { sectionName } from "@/ui/pieces/sectionWords";

const metresOf = (mm: number) => (mm / 1000).toFixed(3);

/** One row for each line of the ledger: what the yarn is for, and where. */
export function ledgerTable(
  { estimate }: KnownSeen,
  project: Project,
  words: Wording["words"],
  tell: (says: Says) => string,
): string {
  const nameOf = new Map<string, string>(
    groupsOf("part", estimate.lines, project, words, tell).map(({ id, name }) => [id, name]),
  );
  const pieceOf = (id: string | null) => project.pieces.find((piece) => piece.id === id);
  const rows = estimate.lines.map(({ part, pieceId, sectionId, itemId, yarnId, mm }) => {
    const section = pieceOf(pieceId)?.sections.find(({ id }) => id === sectionId);
    const extra = project.extras.find(({ id }) => id === itemId);
    return [
      nameOf.get(part) ?? part,
      pieceOf(pieceId)?.name ?? "",
      section ? sectionName(section, words) : extra ? extraName(extra) : "",
      project.yarns.find(({ id }) => id === yarnId)?.name ?? "",
      metresOf(mm),
    ];
  });
  return writeTable([["use", "piece", "section or extra", "yarn", "yarn m"], ...rows]);
}

/** One row for each run of rows that a ball works. */
export function ballTable(maps: readonly BallMap[], { pieces, yarns }: Project): string {
  const rows = maps.flatMap(({ yarnId, balls }) =>
    balls.flatMap(({ rows: runs, leftMm, told }, at) =>
      runs.map(({ pieceId, copy, from, to }) => [
        yarns.find(({ id }) => id === yarnId)?.name ?? "",
        String(at + 1),
        pieces.find(({ id }) => id === pieceId)?.name ?? "",
        String(copy),
        String(from),
        String(to),
        metresOf(leftMm),
        told ? "begun" : "planned",
      ]),
    ),
  );
  return writeTable([
    ["yarn", "ball", "piece", "copy", "from row", "to row", "left of the ball m", "begun or planned"],
    ...rows,
  ]);
}

/** One row for each event of the log, with all that it says. */
export function logTable({ log, pieces }: Project): string {
  const keys = [...new Set(log.flatMap((event) => Object.keys(event)))].filter(
    (key) => !["at", "kind", "pieceId", "id"].includes(key),
  );
  const rows = log.map((event) => {
    const said = event as Readonly<Record<string, unknown>>;
    return [
      new Date(event.at).toISOString(),
      event.kind,
      pieces.find(({ id }) => id === said.pieceId)?.name ?? "",
      event.id,
      ...keys.map((key) => (said[key] === undefined || said[key] === null ? "" : String(said[key]))),
    ];
  });
  return writeTable([["time", "what", "piece", "id", ...keys], ...rows]);
}
