/** What a needle does to a stitch, and the yarn it takes. A new operation is one more row of the table. */
import type { PlainStitch } from "./plainStitch";

/** Face that a stitch shows on the right side of the fabric. */
export type Face = "knit" | "purl";

export interface Operation {
  readonly id: string;
  /** As patterns abbreviate it, in US and in UK words where they differ. */
  readonly abbreviation: string;
  readonly ukAbbreviation?: string;
  readonly us: string;
  readonly uk?: string;
  /** Stitches of the row below that it uses, and stitches that it leaves on the needle. */
  readonly uses: number;
  readonly leaves: number;
  readonly face: Face;
  /** The operation that looks like this one on the right side when it is worked on the wrong side. */
  readonly fromBehind: string;
  /** Yarn for one, in plain loops and in widths of a plain stitch. */
  readonly yarn: { readonly loops: number; readonly widths: number };
  /** What it belongs to where that is not the fabric; a stitch that rests is not worked at all. */
  readonly belongs?: "castOn" | "castOff" | "rest";
  /** Stands out of the fabric and could be a plain stitch as well. */
  readonly raised?: true;
}

/** Yarn of one operation, in mm. Example: a knit stitch takes one loop, 19.13 mm at 20 x 28 stitches. */
export const yarnOf = ({ yarn }: Operation, { loopMm, widthMm }: PlainStitch) =>
  yarn.loops * loopMm + yarn.widths * widthMm;

/** A slipped stitch lets the yarn pass along its width. */
const PASSING = { loops: 0, widths: 1 } as const;

type Row = Omit<Operation, "id" | "face" | "fromBehind"> & { readonly fromBehind?: string };

const table = (face: Face, rows: Readonly<Record<string, Row>>): readonly Operation[] =>
  Object.entries(rows).map(([id, row]) => ({ id, face, fromBehind: id, ...row }));

const one = (uses: number, leaves: number, loops: number) => ({ uses, leaves, yarn: { loops, widths: 0 } });

const knits = table("knit", {
  knit: { abbreviation: "k", us: "knit", fromBehind: "purl", ...one(1, 1, 1) },
  ktbl: { abbreviation: "k tbl", us: "knit through the back loop", fromBehind: "ptbl", ...one(1, 1, 1) },
  k2tog: { abbreviation: "k2tog", us: "knit two together", fromBehind: "p2tog", ...one(2, 1, 1) },
  k3tog: { abbreviation: "k3tog", us: "knit three together", fromBehind: "p3tog", ...one(3, 1, 1) },
  k4tog: { abbreviation: "k4tog", us: "knit four together", fromBehind: "p4tog", ...one(4, 1, 1) },
  k5tog: { abbreviation: "k5tog", us: "knit five together", fromBehind: "p5tog", ...one(5, 1, 1) },
  ssk: { abbreviation: "ssk", us: "slip, slip, knit", fromBehind: "ssp", ...one(2, 1, 1) },
  sssk: { abbreviation: "sssk", us: "slip, slip, slip, knit", fromBehind: "sssp", ...one(3, 1, 1) },
  skp: {
    abbreviation: "skp",
    ukAbbreviation: "skpo",
    us: "slip one, knit one, pass slipped stitch over",
    fromBehind: "ssp",
    ...one(2, 1, 1),
  },
  sk2p: {
    abbreviation: "sk2p",
    ukAbbreviation: "sk2po",
    us: "slip one, knit two together, pass slipped stitch over",
    fromBehind: "sssp",
    ...one(3, 1, 1),
  },
  cdd: {
    abbreviation: "cdd",
    us: "central double decrease: slip two together, knit one, pass both over",
    fromBehind: "cddp",
    ...one(3, 1, 1),
  },
  m1l: { abbreviation: "m1l", us: "make one, leaning left", fromBehind: "m1lp", ...one(0, 1, 1) },
  m1r: { abbreviation: "m1r", us: "make one, leaning right", fromBehind: "m1rp", ...one(0, 1, 1) },
  liftl: { abbreviation: "lli", us: "lifted increase, leaning left", ...one(1, 2, 2) },
  liftr: { abbreviation: "rli", us: "lifted increase, leaning right", ...one(1, 2, 2) },
  kfb: {
    abbreviation: "kfb",
    us: "knit front and back",
    uk: "knit into front and back",
    fromBehind: "pfb",
    ...one(1, 2, 2),
  },
  kfbf: { abbreviation: "kfbf", us: "knit front, back and front", ...one(1, 3, 3) },
  yo: {
    abbreviation: "yo",
    ukAbbreviation: "yrn",
    us: "yarn over",
    uk: "yarn round needle",
    ...one(0, 1, 0.55),
  },
  slip: {
    abbreviation: "sl wyib",
    us: "slip, yarn in back",
    fromBehind: "slipf",
    uses: 1,
    leaves: 1,
    yarn: PASSING,
  },
  wrap3: {
    abbreviation: "mock3",
    us: "mock cable: lift the third stitch over two, knit one, yarn over, knit one",
    ...one(3, 3, 2.55),
  },
});

const purls = table("purl", {
  purl: { abbreviation: "p", us: "purl", fromBehind: "knit", ...one(1, 1, 1.02) },
  ptbl: { abbreviation: "p tbl", us: "purl through the back loop", fromBehind: "ktbl", ...one(1, 1, 1) },
  p2tog: { abbreviation: "p2tog", us: "purl two together", fromBehind: "k2tog", ...one(2, 1, 1) },
  p3tog: { abbreviation: "p3tog", us: "purl three together", fromBehind: "k3tog", ...one(3, 1, 1) },
  p4tog: { abbreviation: "p4tog", us: "purl four together", fromBehind: "k4tog", ...one(4, 1, 1) },
  p5tog: { abbreviation: "p5tog", us: "purl five together", fromBehind: "k5tog", ...one(5, 1, 1) },
  ssp: { abbreviation: "ssp", us: "slip, slip, purl", fromBehind: "ssk", ...one(2, 1, 1) },
  sssp: { abbreviation: "sssp", us: "slip, slip, slip, purl", fromBehind: "sssk", ...one(3, 1, 1) },
  cddp: { abbreviation: "cddp", us: "central double decrease, purled", fromBehind: "cdd", ...one(3, 1, 1) },
  m1lp: { abbreviation: "m1lp", us: "make one purlwise, leaning left", fromBehind: "m1l", ...one(0, 1, 1) },
  m1rp: { abbreviation: "m1rp", us: "make one purlwise, leaning right", fromBehind: "m1r", ...one(0, 1, 1) },
  pfb: {
    abbreviation: "pfb",
    us: "purl front and back",
    uk: "purl into front and back",
    fromBehind: "kfb",
    ...one(1, 2, 2),
  },
  slipf: {
    abbreviation: "sl wyif",
    us: "slip, yarn in front",
    fromBehind: "slip",
    uses: 1,
    leaves: 1,
    yarn: PASSING,
  },
});

/** What is done within a row to the edge of a fabric: armholes, divided necks, short rows. */
const edges = table("knit", {
  castOff: {
    abbreviation: "bo",
    ukAbbreviation: "cast off",
    us: "bind off",
    uk: "cast off",
    ...one(1, 0, 1.2),
    belongs: "castOff",
  },
  castOn: {
    abbreviation: "co",
    ukAbbreviation: "cast on",
    us: "cast on",
    ...one(0, 1, 2),
    belongs: "castOn",
  },
  pickUp: { abbreviation: "pick up", us: "pick up and knit", ...one(0, 1, 1), belongs: "castOn" },
  rest: { abbreviation: "leave", us: "leave on the needle", ...one(1, 1, 0), belongs: "rest" },
  turn: {
    abbreviation: "w&t",
    us: "wrap the next stitch and turn",
    uses: 1,
    leaves: 1,
    yarn: PASSING,
    belongs: "rest",
  },
});

/** All operations of patterns, those that show knit first. */
export const allOperations: readonly Operation[] = [...knits, ...purls];

const OPERATIONS: ReadonlyMap<string, Operation> = new Map(
  [...allOperations, ...edges].map((row) => [row.id, row]),
);

/** The operation of an id. Throws on an id that the table does not hold: that is a bug, not an input. */
export function operationOf(id: string): Operation {
  const operation = OPERATIONS.get(id);
  if (!operation) throw new Error(`No operation ${id}`);
  return operation;
}

/** As it is called when it is worked on the wrong side. Example: a knit stitch is purled from behind. */
export const fromBehind = (operation: Operation) => OPERATIONS.get(operation.fromBehind) ?? operation;

/** A bobble of `stitches` worked for `rows` plain rows and closed: 0.9 (b + b p + 1) loops. */
export function bobble(stitches: number, rows: number): Operation {
  return {
    id: `bobble ${stitches} ${rows}`,
    abbreviation: "MB",
    us: `bobble of ${stitches} stitches and ${rows} rows`,
    face: "knit",
    fromBehind: `bobble ${stitches} ${rows}`,
    raised: true,
    ...one(1, 1, 0.9 * (stitches + stitches * rows + 1)),
  };
}

/** Several out of one stitch. Example: `intoOne(["k1", "yo", "k1"])` leaves three. */
export function intoOne(parts: readonly string[]): Operation {
  const said = `(${parts.join(", ")}) in next st`;
  const loops = parts.reduce((sum, part) => sum + (part === "yo" ? 0.55 : 1), 0);
  return {
    id: `into ${parts.join(" ")}`,
    abbreviation: said,
    us: `${parts.length} stitches out of one: ${parts.join(", ")}`,
    face: parts[0]?.startsWith("p") ? "purl" : "knit",
    fromBehind: `into ${parts.join(" ")}`,
    ...one(1, parts.length, loops),
  };
}

/**
 * A slipped stitch passed over what was worked after it, which leaves more than one.
 * Example: `passedOver(["k2"], 2, 2)`, as in "sl 1, k2, psso", leaves two of three.
 */
export function passedOver(parts: readonly string[], uses: number, leaves: number): Operation {
  const said = `sl 1, ${parts.join(", ")}, psso`;
  return {
    id: `over ${parts.join(" ")}`,
    abbreviation: said,
    us: `${said}: the slipped stitch passed over what follows it`,
    face: "knit",
    fromBehind: `over ${parts.join(" ")}`,
    ...one(1 + uses, leaves, uses + 0.55 * (leaves - uses)),
  };
}

/** The yarn that winds once round a stitch that is worked, in plain stitch widths: before it and behind it. */
const ROUND = 2;

/** Knit stitches with the yarn wound round them. Example: `wrapped(4, 2)` is four, wound round twice. */
export function wrapped(stitches: number, times: number): Operation {
  return {
    id: `wrap ${stitches} ${times}`,
    abbreviation: `wrap ${stitches} sts ${times} times`,
    us: `knit ${stitches}, and wind the yarn round them ${times} times`,
    face: "knit",
    fromBehind: `wrap ${stitches} ${times}`,
    uses: stitches,
    leaves: stitches,
    yarn: { loops: stitches, widths: ROUND * stitches * times },
  };
}

/** A nupp of `count` loops, closed on the next row: 0.9 (k + 1) loops. */
export function nupp(count: number): Operation {
  return {
    id: `nupp ${count}`,
    abbreviation: "nupp",
    us: `nupp of ${count} loops`,
    face: "knit",
    fromBehind: `nupp ${count}`,
    raised: true,
    ...one(1, 1, 0.9 * (count + 1)),
  };
}
