/** What lies across a section: what the estimate stands on. */
import type { Says } from "../words/message";
import type { SectionFabric } from "../fabric/section";
import type { ParsedPattern } from "../instructions/read";
import type { Across } from "../panels/across";
import type { ProjectPiece } from "../project/project";
import type { ProjectSection } from "../project/sections";

export type Layout =
  | {
      readonly ok: true;
      readonly across: Across;
      readonly fabric: SectionFabric;
      /** Rows that are worked once as they are written; nothing lies across them. */
      readonly written?: ParsedPattern;
    }
  | NoLayout;

/** Why panels cannot lie across a section. */
export interface NoLayout {
  readonly ok: false;
  readonly message: Says;
}

/** What lies across each section that begins a fabric, by `keyOfSection`; one that is still being read is missing. */
export type SectionLayouts = ReadonlyMap<string, Layout>;

export const keyOfSection = ({ id }: Pick<ProjectPiece, "id">, section: Pick<ProjectSection, "id">) =>
  `${id} ${section.id}`;
