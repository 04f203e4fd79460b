/** What a sentence of an instruction asks for, before it is known on how many stitches it is worked. */
import type { CastOff, CastOn } from "../project/edgeKinds";
import type { GroundId } from "../panels/grounds";

/** Over how many rows; a length counts from here, from the first edge, or from the armhole. */
export type Extent =
  | { readonly by: "rows"; readonly rows: number }
  | { readonly by: "length"; readonly lengthMm: number; readonly from: "here" | "piece" | "armhole" }
  /** So often; `how` says whether the time before is counted in, where it was said. */
  | { readonly by: "times"; readonly times: number; readonly how: Often };

/** "Three times more", "three times in all", or only "three times". */
export type Often = "more" | "inAll" | "said";

/** Which edge, as patterns name them. */
export type Edge = "edges" | "neck" | "armhole" | "beginning" | "end";

export type Needle = { readonly which: "smaller" | "larger" } | { readonly mm: number };

export type Step =
  | {
      readonly does: "castOn";
      readonly stitches: number;
      readonly round: boolean;
      readonly method: CastOn | null;
      readonly needle: Needle | null;
    }
  | { readonly does: "needle"; readonly needle: Needle }
  | { readonly does: "ground"; readonly ground: GroundId; readonly extent: Extent | null }
  /** Knit or purl every row. */
  | {
      readonly does: "face";
      readonly face: "knit" | "purl";
      readonly rows: number;
    }
  | {
      readonly does: "panel";
      readonly named: string;
      /** Which of its rows, where that is said; all of them else. */
      readonly rows: { readonly from: number; readonly to: number } | null;
      /** Null where it only holds for what follows. */
      readonly extent: Extent | null;
    }
  | {
      readonly does: "asBefore";
      readonly extent: Extent | null;
      /** "In pattern", and not "as established": it may be the first time. */
      readonly inPattern: boolean;
    }
  | { readonly does: "repeatRows"; readonly rows: RowsMeant; readonly extent: Extent }
  | { readonly does: "place"; readonly across: string }
  | { readonly does: "change"; readonly change: Change }
  | {
      readonly does: "shape";
      readonly way: "decrease" | "increase";
      readonly stitches: number;
      readonly at: Edge;
      /** On which of the next rows it is done first. */
      readonly first: number;
      readonly every: number;
      /** How often; null where only the count behind it says so. */
      readonly times: number | null;
      readonly to: number | null;
      /** Whether the first is on the next row, and those that are counted follow it. */
      readonly andNext: boolean;
      readonly how: Often;
    }
  | {
      readonly does: "castOffAt";
      readonly stitches: number;
      readonly at: Edge;
      readonly rows: number;
      readonly side: "RS" | "WS" | null;
    }
  | { readonly does: "castOff"; readonly stitches: number | null; readonly method: CastOff }
  | { readonly does: "hold"; readonly stitches: number | null }
  | {
      readonly does: "divide";
      readonly each: number | null;
      readonly centre: number | null;
      readonly goes: "castOff" | "hold";
    }
  /** The work is turned behind so many stitches: the first of two sides goes on, the rest waits. */
  | { readonly does: "turn"; readonly each: number }
  /** Yarn is joined to what waits; so many in the middle are bound off, or wait on. */
  | { readonly does: "rejoin"; readonly centre: number | null; readonly goes: "castOff" | "hold" }
  /** The second side is worked like the first. */
  | { readonly does: "match" }
  | { readonly does: "pickUp"; readonly stitches: number; readonly held: boolean }
  | { readonly does: "inRound" }
  | { readonly does: "as"; readonly piece: string; readonly upTo: UpTo | null; readonly reversed: boolean }
  /** The piece is worked again: a second time, or once more than was said. */
  | { readonly does: "more"; readonly second: boolean }
  | { readonly does: "sew"; readonly what: string }
  /** Something that takes no stitches: ends woven in, blocking, markers. */
  | { readonly does: "nothing" };

/** A place in another piece; "marks" are from one `**` to the next, "mark" is from the first edge to the last of them. */
export type UpTo = Place | "marks" | "mark" | Extent;

/** What begins with a section. */
export type Place = "armhole" | "neck" | "shoulder";

export type Change = { readonly by: number; readonly way: "decrease" | "increase" } | { readonly to: number };

export type RowsMeant = "these" | { readonly from: number; readonly to: number } | { readonly last: number };
