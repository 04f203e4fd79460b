/** Colours as `#rrggbb`: taken apart, mixed, shaded. */

/** Red, green and blue, 0 to 255 each. Example: #a3372b is [163, 55, 43]. */
export function channelsOf(colour: string): readonly [number, number, number] {
  const value = Number.parseInt(colour.slice(1), 16);
  return [(value >> 16) & 255, (value >> 8) & 255, value & 255];
}

const hexOf = (channels: readonly number[]) =>
  `#${channels
    .map((value) =>
      Math.min(255, Math.max(0, Math.round(value)))
        .toString(16)
        .padStart(2, "0"),
    )
    .join("")}`;

/** A colour between two. Example: half of the way from black to white is #808080. */
export function mixed(from: string, to: string, share: number): string {
  const end = channelsOf(to);
  return hexOf(channelsOf(from).map((value, index) => value + share * ((end[index] ?? value) - value)));
}

/** A colour with its channels scaled. Example: #808080 by 0.5 is #404040. */
export const shaded = (colour: string, by: number) => hexOf(channelsOf(colour).map((value) => value * by));
