/** The English catalogue: a file for each bench. */
import { knit } from "./english/knit";
import { order } from "./english/order";
import { progress } from "./english/progress";
import { patterns } from "./english/patterns";
import { pieces } from "./english/pieces";
import { swatches } from "./english/swatches";
import { files } from "./english/files";
import { hand } from "./english/hand";
import { reasons } from "./english/reasons";
import { rows } from "./english/rows";
import { swap } from "./english/swap";
import { tools } from "./english/tools";
import { typed } from "./english/typed";

export const english = {
  ...patterns,
  ...pieces,
  ...swatches,
  ...swap,
  ...typed,
  ...rows,
  ...files,
  ...hand,
  ...tools,
  ...order,
  ...knit,
  ...progress,
  ...reasons,
};
