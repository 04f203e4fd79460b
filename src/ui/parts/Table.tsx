import type { Key, ReactNode } from "react";

export interface Column<Row> {
  readonly id: string;
  /** Left out, a column has no head; where no column has one there is no head at all. */
  readonly head?: ReactNode;
  readonly cell: (row: Row, index: number) => ReactNode;
  /** What the row is called: its cell is the row's head. */
  readonly names?: true;
  readonly right?: true;
  /** For figures and measures, which are not broken. */
  readonly whole?: true;
  readonly className?: string;
  readonly sort?: "ascending" | "descending";
  /** Where the table shares its width out evenly, and this column is to have its own. */
  readonly width?: string;
}

interface TableProps<Row> {
  readonly caption: ReactNode;
  /** Whether the caption is only told to screen readers. */
  readonly captionHidden?: boolean;
  readonly headHidden?: boolean;
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row, index: number) => Key;
  readonly rowClass?: (row: Row, index: number) => string;
  /** A last row over all columns, as a sum. */
  readonly foot?: ReactNode;
  /** Without lines between its rows, for a few figures. */
  readonly bare?: boolean;
  readonly className?: string;
  /** Narrower than this it scrolls. */
  readonly minWidth?: string;
}

/**
 * The one table. It scrolls sideways by itself where it is wider than its place; what sorts and chooses rows is told
 * to it by columns, as the shelf's is.
 */
export function Table<Row>({
  caption,
  captionHidden = true,
  headHidden = false,
  columns,
  rows,
  keyOf,
  rowClass = () => "",
  foot,
  bare = false,
  className = "text-sm",
  minWidth,
}: TableProps<Row>) {
  const cellClass = ({ right, whole, className: own = "" }: Column<Row>) =>
    [
      bare ? "pr-3 last:pr-0" : "border-t border-line py-1.5 pr-3 last:pr-0",
      right && "text-right",
      whole && "whitespace-nowrap",
      own,
    ]
      .filter(Boolean)
      .join(" ");
  return (
    // What scrolls can be scrolled by keys.
    <div
      className="relative overflow-x-auto"
      {...(minWidth && typeof caption === "string" && { tabIndex: 0, role: "group", "aria-label": caption })}
    >
      <table className={bare ? className : `w-full ${className}`} style={{ minWidth }}>
        <caption className={captionHidden ? "sr-only" : "pb-1 text-left text-faint"}>{caption}</caption>
        {columns.some(({ head }) => head !== undefined) && (
          <thead className={headHidden ? "sr-only" : "text-left align-bottom text-sm text-faint"}>
            <tr>
              {columns.map(({ id, head, right, sort, width, className: own = "" }) => (
                <th
                  key={id}
                  scope="col"
                  aria-sort={sort}
                  style={{ width }}
                  className={`py-0.5 pr-3 font-normal last:pr-0 ${right ? "text-right" : ""} ${width ? own : ""}`}
                >
                  {head}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((row, index) => (
            <tr key={keyOf(row, index)} className={`align-top ${rowClass(row, index)}`}>
              {columns.map((column) =>
                column.names ? (
                  <th key={column.id} scope="row" className={`text-left font-normal ${cellClass(column)}`}>
                    {column.cell(row, index)}
                  </th>
                ) : (
                  <td key={column.id} className={cellClass(column)}>
                    {column.cell(row, index)}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
        {foot && <tfoot>{foot}</tfoot>}
      </table>
    </div>
  );
}
