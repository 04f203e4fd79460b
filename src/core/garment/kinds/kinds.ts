/** The kinds of sections: one line each. Who wants to know something of a section asks its record. */
import type { ProjectSection, SectionKind } from "../../project/sections";
import { asked } from "./asked";
import { castOff } from "./castOff";
import { castOffAt } from "./castOffAt";
import { castOn } from "./castOn";
import { change } from "./change";
import { divide } from "./divide";
import { fabric } from "./fabric";
import { hem } from "./hem";
import { hold } from "./hold";
import { join } from "./join";
import type { AnyRecord, SectionRecord } from "./kind";
import { pickUp } from "./pickUp";
import { shape } from "./shape";
import { shortRows } from "./shortRows";
import { written } from "./written";

const KINDS: { readonly [Kind in SectionKind]: SectionRecord<Kind> } = {
  castOn,
  fabric,
  change,
  shape,
  written,
  asked,
  castOffAt,
  shortRows,
  divide,
  join,
  hold,
  pickUp,
  hem,
  castOff,
};

/**
 * The record of a section's kind, to be asked about that section.
 * Example: `recordOf(section).grade?.(section, context)` is the section in another size.
 */
export const recordOf = ({ kind }: Pick<ProjectSection, "kind">): AnyRecord => KINDS[kind] as AnyRecord;
