import { Table, type Column } from "./Table";

interface ChartTableProps<Row> {
  /** What the chart shows. */
  readonly caption: string;
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string | number;
}

/** What a chart shows, for whoever reads figures rather than lines. */
export const ChartTable = <Row,>(props: ChartTableProps<Row>) => (
  <details className="mt-1 text-sm">
    <summary className="text-faint">The chart as a table</summary>
    <Table {...props} />
  </details>
);
