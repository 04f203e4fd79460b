import { middleOfRow, type Strand } from "@/core/estimate/strand";
import { hasAsked } from "@/core/project/sectionKinds";
import { useProjectPart } from "@/state/project/projectStore";

interface LabelsProps {
  readonly strand: Strand;
  readonly share: (mm: number) => string;
}

/** Under the strand: the rows of the one piece, or where each of several begins. */
export function StrandLabels(props: LabelsProps) {
  const asked = useProjectPart(hasAsked);
  if (asked) return <ShareLabels {...props} />;
  return props.strand.worked.length > 1 ? <PieceLabels {...props} /> : <RowLabels {...props} />;
}

/** Names closer than this share of the strand would run into one another. */
const LEAST_APART = 0.09;

/** The last name may need more room than the strand has left; then it begins earlier, so many letters at most. */
const LAST_NAME = 16;

/** Where copies begin, but those that lie too close behind one that is named. */
const namedBegins = ({ stretches, worked, totalMm }: Strand) =>
  worked
    .flatMap((copy) => stretches.find((stretch) => stretch.worked === copy) ?? [])
    .reduce<Strand["stretches"][number][]>((named, begin) => {
      const near = begin.fromMm - (named.at(-1)?.fromMm ?? -Infinity) < LEAST_APART * totalMm;
      return near ? named : [...named, begin];
    }, []);

function PieceLabels({ strand, share }: LabelsProps) {
  const pieces = useProjectPart((project) => project.pieces);
  return namedBegins(strand).map(({ worked, fromMm }, index, named) => {
    const next = named[index + 1]?.fromMm;
    const { name } = pieces.find(({ id }) => id === worked?.pieceId) ?? { name: "" };
    const label = worked && worked.copies > 1 ? `${name} ${worked.copy}` : name;
    return (
      <span
        key={fromMm}
        title={label}
        className="absolute top-0 truncate pe-1"
        // The last one stays on the page, however late its piece begins; none runs into the next.
        style={
          next === undefined
            ? {
                left: `min(${share(fromMm)}, 100% - ${Math.min(label.length, LAST_NAME)}ch)`,
                maxWidth: `${LAST_NAME}ch`,
              }
            : { left: share(fromMm), maxWidth: share(next - fromMm) }
        }
      >
        {label}
      </span>
    );
  });
}

/** Row numbers under the strand, as many as have room. */
/** Of what is only asked for no row is known: shares of the work. */
const ShareLabels = ({ strand, share }: LabelsProps) =>
  [25, 50, 75].map((percent) => (
    <span
      key={percent}
      className="absolute top-0 -translate-x-1/2 whitespace-nowrap"
      style={{ left: share((strand.totalMm * percent) / 100) }}
    >
      {percent} %
    </span>
  ));

function RowLabels({ strand, share }: LabelsProps) {
  const rows = strand.rowEndsMm.length;
  const step = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000].find((size) => rows / size <= 5) ?? 2000;
  const marked = Array.from({ length: Math.floor(rows / step) }, (_, index) => (index + 1) * step);
  return (
    <>
      <span className="absolute top-0 left-0 max-sm:hidden">cast-on</span>
      {marked
        .filter((row) => middleOfRow(strand, row) > 0.1 * strand.totalMm)
        .map((row) => (
          <span
            key={row}
            className="absolute top-0 -translate-x-1/2 whitespace-nowrap"
            style={{ left: share(strand.rowEndsMm[row - 1] ?? 0) }}
          >
            {row === step ? `row ${row}` : row}
          </span>
        ))}
    </>
  );
}
