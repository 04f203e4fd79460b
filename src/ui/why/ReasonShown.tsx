"use client";
import {
  figuresIn,
  isFigure,
  written,
  type Expression,
  type Figure,
  type Quantity,
} from "@/core/reasons/expression";
import type { Reason } from "@/core/reasons/reason";
import { say } from "@/core/words/message";
import { askOn } from "@/state/chosen/why";
import { useSaid } from "@/ui/parts/Said";
import { SourceMark } from "@/ui/parts/SourceMark";
import { Table } from "@/ui/parts/Table";
import { Why } from "@/ui/parts/Why";

/** A longer sum than this is told line by line. */
const MOST_IN_A_LINE = 3;

const isList = (formula: Expression) =>
  !isFigure(formula) && formula.op === "sum" && formula.of.every(isFigure) && formula.of.length > 1;

/** How a figure is told with its unit, so that it can be calculated with again. */
export function useSpelt() {
  const said = useSaid();
  return ({ value, kind }: Quantity) => said(say("quantity", { value, quantity: kind }));
}

/** The figure, how it is calculated, with the figures that went into it, where that is from, and what would sharpen it. */
export function ReasonShown({ reason }: { readonly reason: Reason }) {
  const said = useSaid();
  const { name, figure, formula, says, from, sharper, beside } = reason;
  const list = formula !== null && isList(formula);
  return (
    <div className="mt-1">
      <p className="font-semibold">{said(name)}</p>
      <p className="mt-0.5">{said(says)}</p>
      {formula && !list && <Formula formula={formula} figure={figure} />}
      {formula && (
        <Figures caption="The figures in it" figures={figuresIn(formula)} total={list ? figure : null} />
      )}
      {beside.length > 0 && (
        <Figures caption={formula ? "Beside it" : "The figures behind it"} figures={beside} total={null} />
      )}
      <h3 className="mt-4 text-base font-semibold">Where this is from</h3>
      <p className="text-sm">{said(from)}</p>
      {sharper && (
        <>
          <h3 className="mt-3 text-base font-semibold">What would make it surer</h3>
          <p className="text-sm">{said(sharper)}</p>
        </>
      )}
    </div>
  );
}

interface FormulaProps {
  readonly formula: Expression;
  readonly figure: Quantity;
}

/** The formula twice: in words, and with one's own figures. */
function Formula({ formula, figure }: FormulaProps) {
  const said = useSaid();
  const spelt = useSpelt();
  const few = figuresIn(formula).length <= MOST_IN_A_LINE;
  return (
    <div className="mt-3 border-l-4 border-woad pl-3">
      {few && <p className="text-sm text-faint">{written(formula, ({ name }) => said(name))}</p>}
      <p className="mt-0.5 leading-relaxed font-semibold">
        {written(formula, spelt)} = {spelt(figure)}
      </p>
    </div>
  );
}

interface FiguresProps {
  readonly caption: string;
  readonly figures: readonly Figure[];
  /** What they add up to, where they are a sum. */
  readonly total: Quantity | null;
}

/** Figures with where each comes from; one that has a reason of its own leads there. */
function Figures({ caption, figures, total }: FiguresProps) {
  const said = useSaid();
  const spelt = useSpelt();
  return (
    <div className="mt-3">
      <Table
        headHidden
        captionHidden={false}
        caption={<span className="text-base font-semibold text-ink">{caption}</span>}
        columns={[
          { id: "what", head: "What", names: true, cell: ({ name }) => said(name) },
          {
            id: "much",
            head: "How much",
            right: true,
            whole: true,
            cell: ({ why, ...figure }) =>
              why ? (
                <Why of={why} ask={askOn}>
                  {spelt(figure)}
                </Why>
              ) : (
                spelt(figure)
              ),
          },
          {
            id: "from",
            head: "Where from",
            right: true,
            cell: ({ source }) => <SourceMark source={source} />,
          },
        ]}
        rows={figures}
        keyOf={({ name }, index) => `${index} ${said(name)}`}
        foot={
          total && (
            <tr className="font-semibold">
              <th scope="row" className="border-t border-line py-1.5 pr-3 text-left">
                Together
              </th>
              <td className="border-t border-line py-1.5 pr-3 text-right whitespace-nowrap">
                {spelt(total)}
              </td>
              <td className="border-t border-line" />
            </tr>
          )
        }
      />
    </div>
  );
}
