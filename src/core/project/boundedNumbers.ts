/** Numbers of a file that must lie within bounds. */
import { en } from "zod/locales";
import * as z from "zod/mini";

// What is wrong with a part of a file is said in words.
z.config(en());

interface Ends {
  readonly least: number;
  readonly most: number;
}

/** A whole number of things. */
export const count = ({ least, most }: Ends) => z.int().check(z.minimum(least), z.maximum(most));

/** A measure, in the unit that its key names. */
export const measure = ({ least, most }: Ends) => z.number().check(z.minimum(least), z.maximum(most));

/** Words of at most so many letters. */
export const words = (most: number) => z.string().check(z.maxLength(most));

/** A price or a sum, in whatever money the knitter pays with. */
export const money = z.number().check(z.minimum(0), z.maximum(100_000));
