/** The English catalogue: a file for each bench. */
import { pieces } from "./english/pieces";
import { swatches } from "./english/swatches";
import { swap } from "./english/swap";

export const english = { ...pieces, ...swatches, ...swap };
