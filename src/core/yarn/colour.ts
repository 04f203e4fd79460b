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

/** Relative luminance, 0 to 1, by ITU-R BT.709 on linear light. Example: white is 1, #808080 is 0.216. */
export function luminanceOf(colour: string): number {
  const [red, green, blue] = channelsOf(colour).map((value) => {
    const share = value / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}
