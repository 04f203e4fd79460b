/** How far a computed draw-in can be off. */

/**
 * Standard deviation of the draw-in's scale u: the ln factor of a knitter's fabric is e^u times the mesh's.
 * An engineering estimate, wide on purpose; a pattern swatch replaces it.
 */
export const DRAW_IN_SD = 0.25;
