/** What an answer leaves out of what the knitter means: as long as there is any of it, no chance is given for the whole. */
import { say, type Says } from "../words/message";
import type { Measured } from "../belief/belief";
import type { Knitted } from "../belief/knitted";
import { MEASUREMENT_KINDS } from "../belief/measurementKinds";
import type { RefusedFigure } from "./refused";
import { refusedFigures } from "./refused";
import type { Project } from "../project/project";
import type { MeasureId } from "../project/swatches";
import type { UnitSystem } from "../units/brands";
import type { Finding, KnownForecast } from "./projectForecast";

interface InSection<Kind extends string> {
  readonly kind: Kind;
  readonly pieceId: string;
  readonly sectionId: string;
  readonly message: Says;
}

export type Omission =
  /** A section that cannot be worked, a measured width that cannot be, a colour that is not there, an empty piece. */
  | InSection<"section">
  | InSection<"piece">
  | InSection<"colour">
  | InSection<"measuredWidth">
  /** A typed figure that could not be read; the last good value stands in its place. */
  | { readonly kind: "figure"; readonly figure: RefusedFigure; readonly message: Says }
  /** A count of a section's colours that could not be read; only where it is typed is that known. */
  | {
      readonly kind: "field";
      readonly label: string;
      readonly owner: string;
      readonly pieceId: string;
      readonly sectionId: string;
      readonly message: Says;
    }
  /** A seam or an extra that cannot be calculated. */
  | {
      readonly kind: "finishing";
      readonly of: "seams" | "extras";
      readonly id: string;
      readonly message: Says;
    }
  /** Something that was read off a swatch and is not taken in. */
  | {
      readonly kind: "measurement";
      readonly swatchId: string;
      readonly measure: MeasureId;
      readonly message: Says;
    }
  /** Something that was read off while knitting and is not taken in. */
  | {
      readonly kind: "reading";
      readonly reading: Pick<Knitted, "id" | "kind" | "pieceId" | "copy" | "from" | "to">;
      readonly message: Says;
    };

const ofFinding = ({ field, pieceId, sectionId, message, leftOut }: Finding): readonly Omission[] =>
  leftOut ? [{ kind: field, pieceId, sectionId, message }] : [];

const ofMeasurement = ({ swatchId, kind, taken, question }: Measured): readonly Omission[] =>
  taken
    ? []
    : [
        {
          kind: "measurement",
          swatchId,
          measure: kind,
          message: question ?? say("countsNeeded", { name: MEASUREMENT_KINDS[kind].name }),
        },
      ];

const ofReading = ({ taken, question, ...reading }: Knitted): readonly Omission[] => {
  const { id, kind, pieceId, copy, from, to } = reading;
  return taken || question === null
    ? []
    : [{ kind: "reading", reading: { id, kind, pieceId, copy, from, to }, message: question }];
};

/**
 * Everything that an answer leaves out and that the knitter has not said to leave out. With `units` what could not
 * be read in them, without what no system reads. Example: a crown whose decreases do not work out is one; told to be
 * left out, it is none.
 */
export function omissionsOf(
  project: Project,
  {
    findings,
    finishing,
    belief,
  }: Pick<KnownForecast, "findings" | "finishing"> & {
    readonly belief: Pick<KnownForecast["belief"], "measured" | "knitted">;
  },
  units?: UnitSystem,
): readonly Omission[] {
  return [
    ...findings.flatMap(ofFinding),
    ...finishing.flatMap(({ of, id, message, leftOut }): readonly Omission[] =>
      leftOut && !project.without.includes(of) ? [{ kind: "finishing", of, id, message }] : [],
    ),
    ...refusedFigures(project, units).map((figure): Omission => ({
      kind: "figure",
      figure,
      message: figure.message,
    })),
    ...belief.measured.flatMap(ofMeasurement),
    ...belief.knitted.flatMap(ofReading),
  ];
}

/** A piece, or a section of it, that the knitter wants left out. */
export interface SaidToLeaveOut {
  readonly pieceId: string;
  readonly sectionId: string | null;
}

/** What the knitter has said to leave out: pieces, and sections of the others. */
export const saidToLeaveOut = ({ pieces }: Pick<Project, "pieces">): readonly SaidToLeaveOut[] =>
  pieces.flatMap(({ id, leftOut, sections }): readonly SaidToLeaveOut[] =>
    leftOut
      ? [{ pieceId: id, sectionId: null }]
      : sections.filter((one) => one.leftOut).map((one) => ({ pieceId: id, sectionId: one.id })),
  );
