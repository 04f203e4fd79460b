/** What a whole pattern was read as: each of its phrases, and what it was taken for. */
import type { Span } from "../instructions/ast";
import type { Project } from "../project/project";
import type { Message } from "../words/message";
import type { ChartInSigns } from "../signs/readSigns";
import type { SignLinks } from "../signs/signKey";
import type { Between } from "../signs/signRows";
import type { Facts } from "./facts";

/** What a phrase was taken for. */
export type Taken =
  | { readonly as: "title" }
  /** The name of a piece, or of some other part. */
  | { readonly as: "heading"; readonly pieceId: string | null }
  /** Nothing hangs on it: a note, a level, how to block. */
  | { readonly as: "note" }
  | { readonly as: "fact"; readonly fact: Message }
  | { readonly as: "panel"; readonly panelId: string }
  /** Sections of a piece; none where it only says how the next are worked. */
  | {
      readonly as: "work";
      readonly pieceId: string;
      readonly sections: readonly string[];
      /** What does not agree with the count that the pattern prints. */
      readonly wrong: Message | null;
    }
  | { readonly as: "seam"; readonly seams: readonly string[] }
  /** Not understood; `sectionId` stands for it in the project, and the answer says that it is missing. */
  | {
      readonly as: "unread";
      readonly why: Message;
      readonly pieceId: string | null;
      readonly sectionId: string | null;
    };

export interface TakenPhrase extends Span {
  readonly text: string;
  readonly taken: Taken;
  /** The count that the pattern prints behind it. */
  readonly printed: number | null;
  /** What it is drawn with, where it is a chart in signs. */
  readonly chart?: ChartInSigns;
}

export interface WholePattern {
  readonly title: string;
  /** Names of its sizes; none where there is one only. */
  readonly sizes: readonly string[];
  readonly phrases: readonly TakenPhrase[];
  readonly facts: Facts;
  /** Null where no piece was found. */
  readonly project: Project | null;
}

/** What the knitter said of a phrase, by its words: that nothing is worked by it, or what else it says. */
type Settled = Readonly<Record<string, string>>;

/** What of a longer pattern stands behind so many letters is not read. */
export const MOST_LETTERS = 200_000;

export interface WholeOptions {
  /** Which of its sizes, counted from 0. */
  readonly size?: number;
  readonly settled?: Settled;
  /** Signs of charts that the knitter linked with stitches. */
  readonly links?: SignLinks;
  /** What is worked in rows that its charts leave out. */
  readonly between?: Between | null;
}
