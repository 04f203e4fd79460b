/** The lines of the ledger, grouped as they are told. */
import { say, type Message } from "@/core/words/message";
import { LEDGER_PARTS, type LedgerPart } from "@/core/estimate/ledger";
import type { ProjectLine } from "@/core/estimate/wholeProject";
import type { WhyAsked } from "@/core/reasons/asked";
import type { Project } from "@/core/project/project";
import { hasCables } from "@/core/project/sectionKinds";
import type { Wording } from "@/core/stitches/wording";
import { extraName } from "@/core/estimate/extras";
import { seamName } from "@/core/estimate/seamName";
import { sectionName } from "./sectionWords";

export type GroupedBy = "part" | "piece" | "section" | "yarn";

export interface LedgerGroup {
  readonly id: string;
  readonly name: string;
  /** Why it takes yarn, where that needs saying. */
  readonly why: string;
  readonly colour: string;
  readonly mm: number;
  /** What tells why it takes so much; null where nothing does. */
  readonly asked: WhyAsked | null;
  /** What it is made of, the largest first, with where to go: worked out when it is looked at. */
  readonly details: () => readonly LedgerDetail[];
}

export interface LedgerDetail {
  readonly name: string;
  readonly mm: number;
  readonly pieceId: string | null;
  readonly sectionId: string | null;
}

const PART_COLOURS: { readonly [Part in LedgerPart]: string } = {
  plain: "var(--walnut)",
  drawIn: "var(--woad)",
  crossings: "var(--madder)",
  texture: "var(--moss)",
  castOn: "var(--ink)",
  castOff: "var(--ink)",
  seams: "var(--ink)",
  ends: "var(--weld)",
  swatch: "var(--moss)",
  extras: "var(--weld)",
};

/** Parts that are told even where they take nothing: of cables a nought says something. */
const ALWAYS: readonly LedgerPart[] = ["plain", "drawIn", "crossings", "texture"];

const summed = (lines: readonly ProjectLine[]) => lines.reduce((sum, { mm }) => sum + mm, 0);

/** Keeps the order in which ids first come. */
function gathered(lines: readonly ProjectLine[], idOf: (line: ProjectLine) => string) {
  const groups = new Map<string, ProjectLine[]>();
  for (const line of lines) {
    const id = idOf(line);
    const mine = groups.get(id);
    if (mine) mine.push(line);
    else groups.set(id, [line]);
  }
  return groups;
}

const place = ({ pieceId, sectionId, itemId }: ProjectLine) =>
  `${pieceId ?? ""} ${sectionId ?? ""} ${itemId ?? ""}`;

/** What is asked about a group: a line's yarn, piece, section, seam or extra. */
function askedOf(by: Exclude<GroupedBy, "part">, line: ProjectLine): WhyAsked | null {
  const { yarnId, pieceId, sectionId } = line;
  if (by === "yarn") return { figure: "need", yarnId };
  if (pieceId === null) return null;
  if (by === "piece") return { figure: "pieceYarn", pieceId };
  return sectionId === null ? null : { figure: "sectionYarn", pieceId, sectionId };
}

/** Groups lines by part, piece, section or yarn. Every line stands in just one group. */
export function groupsOf(
  by: GroupedBy,
  lines: readonly ProjectLine[],
  project: Project,
  words: Wording["words"],
  said: (says: Message) => string,
): readonly LedgerGroup[] {
  const pieceName = (id: string | null) => {
    const piece = project.pieces.find((one) => one.id === id);
    if (!piece) return "The whole project";
    return piece.times > 1 ? `${piece.name} ×${piece.times}` : piece.name;
  };
  const placeName = ({ pieceId, sectionId, itemId }: ProjectLine) => {
    const seam = project.seams.find(({ id }) => id === itemId);
    if (seam) return said(seamName(project, seam));
    const extra = project.extras.find(({ id }) => id === itemId);
    if (extra) return extraName(extra);
    const section = project.pieces
      .find(({ id }) => id === pieceId)
      ?.sections.find(({ id }) => id === sectionId);
    return section ? `${pieceName(pieceId)}: ${sectionName(section, words)}` : pieceName(pieceId);
  };
  const cabled = hasCables(project);
  /** Where nothing is cabled, ribs and garter draw in. */
  const partOf = (part: LedgerPart) => ({ part: part === "drawIn" && !cabled ? "denser" : part }) as const;
  const partName = (part: LedgerPart) => said(say("ledgerPart", partOf(part)));
  const detailsBy = (
    of: readonly ProjectLine[],
    idOf: (line: ProjectLine) => string,
    name: (line: ProjectLine) => string,
  ) =>
    [...gathered(of, idOf).values()]
      .flatMap((some): readonly LedgerDetail[] => {
        const [first] = some;
        if (!first) return [];
        return [{ name: name(first), mm: summed(some), pieceId: first.pieceId, sectionId: first.sectionId }];
      })
      .sort((a, b) => b.mm - a.mm);
  if (by === "part") {
    const byPart = gathered(lines, ({ part }) => part);
    return LEDGER_PARTS.flatMap((id) => {
      const mine = byPart.get(id) ?? [];
      const mm = summed(mine);
      if (mm === 0 && !(cabled && ALWAYS.includes(id))) return [];
      const told = { name: partName(id), why: said(say("ledgerWhy", partOf(id))) };
      return [
        {
          id,
          ...told,
          colour: PART_COLOURS[id],
          mm,
          asked: { figure: "part", part: id },
          details: () => detailsBy(mine, place, placeName),
        },
      ];
    });
  }
  const byPart = (of: readonly ProjectLine[]) =>
    detailsBy(
      of,
      ({ part }) => part,
      ({ part }) => partName(part),
    ).map((detail) =>
      by === "section" ? detail : { ...detail, sectionId: null, ...(by === "yarn" && { pieceId: null }) },
    );
  const idOf = {
    piece: ({ pieceId }: ProjectLine) => pieceId ?? "",
    section: place,
    yarn: ({ yarnId }: ProjectLine) => yarnId,
  }[by];
  return [...gathered(lines, idOf)].flatMap(([id, mine], index) => {
    const [first] = mine;
    if (!first) return [];
    const yarn = project.yarns.find((one) => one.id === first.yarnId);
    const name = { piece: pieceName(first.pieceId), section: placeName(first), yarn: yarn?.name ?? "" }[by];
    const colour =
      by === "yarn" ? (yarn?.colour ?? "var(--walnut)") : index % 2 === 0 ? "var(--woad)" : "var(--walnut)";
    return [
      { id, name, why: "", colour, mm: summed(mine), asked: askedOf(by, first), details: () => byPart(mine) },
    ];
  });
}
