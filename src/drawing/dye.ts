/** What colours a drawn yarn: its own, or a scale by the yarn that each stitch takes. */
import { mixed } from "../core/yarn/colour";

/** `#rrggbb`; or the least and the most loops of a stitch, between which the scale runs. */
export type Dye = string | { readonly least: number; readonly most: number };

const NEUTRAL = "#d8cbb0";
const DEARER = "#a3372b";
const CHEAPER = "#4f6a2c";

/** The scale by yarn: a plain stitch is undyed, dearer ones go to madder, cheaper ones to moss. */
function yarnScale(least: number, most: number) {
  const reach = Math.max(most - 1, 1 - least, 0.02);
  return (loops: number) =>
    mixed(NEUTRAL, loops > 1 ? DEARER : CHEAPER, Math.min(1, Math.abs(loops - 1) / reach));
}

/** The colour of yarn in a stitch of so many loops. Example: `dyeBy("#7a8b6f")` is that colour for all. */
export const dyeBy = (dye: Dye): ((loops: number) => string) =>
  typeof dye === "string" ? () => dye : yarnScale(dye.least, dye.most);
