/** Numbers of a file that must lie within bounds. */
import { z } from "zod";

interface Ends {
  readonly least: number;
  readonly most: number;
}

/** A whole number of things. */
export const count = ({ least, most }: Ends) => z.number().int().min(least).max(most);

/** A measure, in the unit that its key names. */
export const measure = ({ least, most }: Ends) => z.number().min(least).max(most);
