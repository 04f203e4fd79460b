/** A measurement that leaves more of the doubt than this is not worth naming. By itself, since the first page asks it too. */
export const WORTH_NAMING = 0.95;
