/** What a written row says, before it is known how many stitches there are. */

/** Where something stands in the text: from the first character to behind the last. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** How far or how often something is done. */
export type Extent =
  | { readonly times: number }
  /** To the end, or until so many stitches are left. */
  | { readonly leaving: number };

export type Item = Span &
  (
    | {
        readonly type: "operation";
        readonly name: string;
        readonly extent: Extent;
        readonly counted: boolean;
      }
    | { readonly type: "crossing"; readonly name: string; readonly times: number }
    | {
        readonly type: "group";
        readonly items: readonly Item[];
        readonly extent: Extent;
        /** Where "more" stands behind a bracket, which leaves open than what; null where it does not. */
        readonly more: Span | null;
        /** Stitches with a count that go on to the end: alone, or with those before them? */
        readonly counted?: true;
      }
    | { readonly type: "psso"; readonly count: number }
    /** As a row was written: the first of the rows that say so as the first of these, and so on; `times` over. */
    | { readonly type: "asRows"; readonly rows: readonly number[]; readonly times: number | null }
    /** A row of a named panel; null for the one that has the number of the row it stands in. */
    | { readonly type: "panelRow"; readonly panel: string; readonly row: number | null }
    /** Each stitch as it shows (`keep`), or the other way round. */
    | { readonly type: "faces"; readonly keep: boolean }
  );

export interface Heading extends Span {
  readonly rows: readonly number[];
  /** "and all WS rows" */
  readonly allOf: "RS" | "WS" | "odd" | "even" | "other" | null;
  /** "and every 4th row" */
  readonly step: number | null;
  /** "Next row" goes on from the one before; a set-up row is worked once, before the others. */
  readonly unnumbered: "next" | "setUp" | null;
  readonly side: "RS" | "WS" | null;
  readonly round: boolean;
}

export interface WrittenRow {
  readonly heading: Heading;
  readonly items: readonly Item[];
  /** Stitches that it says to leave, "(12 sts)"; null where it says nothing of them. */
  readonly leaves: number | null;
}

/** Where a row stands in the text, from its heading to the last of its work. */
export const spanOfRow = ({ heading, items }: WrittenRow): Span => ({
  from: heading.from,
  to: Math.max(heading.to, items.at(-1)?.to ?? 0),
});
