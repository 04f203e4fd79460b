/** Older project files, brought up to date step by step before they are checked. */

type Json = Readonly<Record<string, unknown>>;

const isJson = (value: unknown): value is Json =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const listOf = (value: unknown): readonly Json[] => (Array.isArray(value) ? value.filter(isJson) : []);

interface Migration {
  readonly name: string;
  readonly apply: (project: Json) => Json;
}

/** Fields of a piece whose texts stood under the field's name alone while a project had one piece. */
const ONCE_ALONE = ["ropes", "purls", "edge", "rows", "measuredWidth", "measuredStitches", "twenty", "seams"];
/** Fields that a piece had before its fabric was a section. */
const OF_FABRIC = ["ropeId", "lean", "ropes", "purls", "edge", "across", "rows", "measured"] as const;
const TYPED_OF_FABRIC = ["ropes", "purls", "edge", "rows", "measuredWidth", "measuredStitches"];

const mapTyped = (project: Json, to: (key: string) => string): Json => ({
  ...project,
  ...(isJson(project.typed) && {
    typed: Object.fromEntries(Object.entries(project.typed).map(([key, text]) => [to(key), text])),
  }),
});

/** A piece that was one fabric between two edges, as three sections. */
function sectioned(piece: Json): Json {
  if ("sections" in piece) return piece;
  const id = String(piece.id);
  const { castOn, castOff, ...rest } = piece;
  const others = Object.fromEntries(
    Object.entries(rest).filter(([key]) => !OF_FABRIC.some((one) => one === key)),
  );
  const given = Object.fromEntries(OF_FABRIC.filter((key) => key in piece).map((key) => [key, piece[key]]));
  const across = listOf(piece.across);
  const content = across.length > 0 ? "panels" : "ropes";
  // A mirrored copy had its row of panels turned round itself; now the mirror turns it.
  const turned = piece.mirrored === true && across.length > 0 ? { across: across.toReversed() } : {};
  return {
    ...others,
    sections: [
      { kind: "castOn", id: `${id}/on`, ...(castOn !== undefined && { method: castOn }) },
      { kind: "fabric", id: `${id}/fabric`, content, ...given, ...turned },
      { kind: "castOff", id: `${id}/off`, ...(castOff !== undefined && { method: castOff }) },
    ],
  };
}

const seamsId = (pieceId: unknown) => `seams-${String(pieceId)}`.slice(0, 64);

/** A piece's own seams, as one that is sewn as often as they were all together. */
const seamsOf = ({ id, seams, times }: Json): readonly Json[] =>
  typeof seams === "number" && seams > 0
    ? [
        {
          id: seamsId(id),
          times: seams * (typeof times === "number" ? times : 1),
          of: { pieceId: String(id), side: "side" },
        },
      ]
    : [];

/** A part of a file without what has gone elsewhere; what is no number stays, to be refused by name. */
const without = (part: Json, key: string): Json =>
  Object.fromEntries(Object.entries(part).filter(([one, value]) => one !== key || !goneFrom(value)));
const goneFrom = (value: unknown) => typeof value === "number" || value === null;

/** Stitches of what grounds of the library came again by, before they were told by their stitches. */
const GROUND_STITCHES: Readonly<Record<string, number>> = {
  garter: 8,
  stockinette: 8,
  "reverse-stockinette": 8,
  "rib-1-1": 2,
  seed: 2,
  moss: 2,
  "rib-2-2": 4,
  "rib-3-2": 5,
};

/** Grounds among panels, by their stitches. */
const byStitches = (fabric: Json): Json => ({
  ...fabric,
  ...(Array.isArray(fabric.across) && {
    across: mapList(fabric.across, (one) => ({
      ...one,
      ...(typeof one.times === "number" && {
        times: one.times * (GROUND_STITCHES[String(one.panelId)] ?? 1),
      }),
    })),
  }),
});

/** Seams told as a count of a piece, and yarn for extras told in metres, as items of their lists. */
const listed = (project: Json): Json => ({
  ...mapTyped(without(project, "extrasM"), (key) => {
    const [field = "", of = ""] = key.split(" ");
    if (key === "extras") return "extraYarn extras";
    return field === "seams" ? `seamTimes ${seamsId(of)}` : key;
  }),
  pieces: mapList(project.pieces, (piece) => ({
    ...without(piece, "seams"),
    ...(Array.isArray(piece.sections) && { sections: mapList(piece.sections, byStitches) }),
  })),
  ...(Array.isArray(project.swatches) && {
    swatches: mapList(project.swatches, (swatch) => ({
      ...swatch,
      ...(isJson(swatch.fabric) && { fabric: byStitches(swatch.fabric) }),
    })),
  }),
  seams: listOf(project.pieces).flatMap(seamsOf),
  extras:
    typeof project.extrasM === "number"
      ? [{ kind: "kept", id: "extras", name: "Extras", lengthM: project.extrasM }]
      : [],
  version: 3,
});

/** Panels side by side with all their edges, as many stitches as they had. */
const wholePanels = (fabric: Json): Json => ({
  ...fabric,
  ...(Array.isArray(fabric.across) && {
    across: listOf(fabric.across).map((one) => ({ joined: "whole", ...one })),
  }),
});

const mapList = (list: unknown, to: (one: Json) => Json): unknown =>
  Array.isArray(list) ? list.map((one: unknown) => (isJson(one) ? to(one) : one)) : list;

/** In the order in which they came; each leaves what is newer as it is. */
const MIGRATIONS: readonly Migration[] = [
  {
    name: "1: what was typed for the only piece is kept under its name",
    apply: (project) => {
      const [piece] = listOf(project.pieces);
      const id = typeof piece?.id === "string" ? piece.id : null;
      return mapTyped(project, (key) => (id !== null && ONCE_ALONE.includes(key) ? `${key} ${id}` : key));
    },
  },
  {
    name: "2: a piece is made of sections",
    apply: (project) => {
      if (!Array.isArray(project.pieces)) return project;
      const before = new Set(
        listOf(project.pieces).flatMap((piece) => ("sections" in piece ? [] : [String(piece.id)])),
      );
      const pieces: readonly unknown[] = project.pieces;
      return mapTyped(
        { ...project, pieces: pieces.map((piece) => (isJson(piece) ? sectioned(piece) : piece)) },
        (key) => {
          const [field = "", id = ""] = key.split(" ");
          return before.has(id) && TYPED_OF_FABRIC.includes(field) ? `${key}/fabric` : key;
        },
      );
    },
  },
  {
    name: "3: a panel that is taken so many times keeps the stitches that it had, edges and all",
    apply: (project) => ({
      ...project,
      ...(typeof project.version === "number" &&
        project.version < 2 && {
          version: 2,
          pieces: mapList(project.pieces, (piece) => ({
            ...piece,
            sections: mapList(piece.sections, wholePanels),
          })),
          swatches: mapList(project.swatches, (swatch) => ({
            ...swatch,
            ...(isJson(swatch.fabric) && { fabric: wholePanels(swatch.fabric) }),
          })),
        }),
    }),
  },
  {
    name: "4: seams and extras are lists; grounds among panels are told by their stitches",
    apply: (project) =>
      typeof project.version === "number" && project.version < 3 ? listed(project) : project,
  },
  {
    name: "5: what happens on the needles is kept",
    apply: (project) => (project.version === 3 ? { ...project, version: 4 } : project),
  },
];

/** A project as it would be written today; what is no project passes unchanged. */
export const upToDate = (found: unknown): unknown =>
  isJson(found) ? MIGRATIONS.reduce((project, { apply }) => apply(project), found) : found;
