/** What a yarn is spun of, as a label says it: fibres, their shares, and how each behaves in a cable. */
import { plain } from "../units/format";

/** How it behaves and looks in a cable. */
interface Traits {
  /** How far it stands out as fuzz, hangs rather than springs, and springs back; 0 to 1. */
  readonly halo: number;
  readonly drape: number;
  readonly spring: number;
  /** How far it shines in the light, 0 to 1. */
  readonly sheen: number;
}

interface Fibre extends Traits {
  readonly names: readonly string[];
}

const fibre = (names: string, halo: number, drape: number, spring: number, sheen: number): Fibre => ({
  names: names.split(" "),
  halo,
  drape,
  spring,
  sheen,
});

/** The first name is the one that is told. */
const FIBRES: readonly Fibre[] = [
  fibre("wool merino lambswool shetland corriedale bfl leicester schurwolle laine lana", 0, 0, 1, 0.1),
  fibre("alpaca suri", 0.6, 0.4, 0.2, 0.25),
  fibre("mohair kid", 1, 0.2, 0.2, 0.35),
  fibre("angora", 1, 0.2, 0.2, 0),
  fibre("cashmere", 0.5, 0.2, 0.5, 0),
  fibre("yak camel", 0.4, 0.2, 0.4, 0),
  fibre("silk tussah mulberry", 0, 1, 0, 1),
  fibre("viscose bamboo lyocell rayon modal", 0, 1, 0, 0.8),
  fibre("cotton", 0, 0.5, 0, 0.1),
  fibre("linen flax hemp ramie", 0, 0.8, 0, 0.3),
  fibre("acrylic polyacrylic", 0.1, 0.2, 0.5, 0.2),
  fibre("nylon polyamide polyester elastane", 0, 0.2, 0.6, 0.4),
];

export interface Blend extends Traits {
  /** Each fibre by its first name, with its share; the shares add up to one. */
  readonly parts: readonly { readonly name: string; readonly share: number }[];
}

/** What several have together, each by its share. */
function mixed(parts: readonly { readonly of: Traits; readonly share: number }[]): Traits {
  const sum = (trait: keyof Traits) => parts.reduce((total, { of, share }) => total + share * of[trait], 0);
  return { halo: sum("halo"), drape: sum("drape"), spring: sum("spring"), sheen: sum("sheen") };
}

const PART =
  /(?:(?<before>\d+(?:[.,]\d+)?)\s*%\s*)?(?<words>\p{L}[\p{L}\s-]*)(?:\s*(?<after>\d+(?:[.,]\d+)?)\s*%)?/gu;

const AND = /\s(?:and|with|und|et|mit)\s|&/gi;

const fibreOf = (words: string) => {
  const all = words.toLowerCase().split(/[\s-]+/);
  return FIBRES.find(({ names }) => all.some((word) => names.includes(word)));
};

/**
 * Reads what a label says of fibres. Shares that are missing are split evenly over the parts without one; words that
 * name no fibre known here are passed over; null where none is known.
 * Example: "70 % wool, 30% Alpaca" has a halo of 0.18.
 */
export function readFibres(text: string): Blend | null {
  const parts = [...text.replace(AND, ",").matchAll(PART)].flatMap(({ groups }) => {
    const found = fibreOf(groups?.words ?? "");
    const share = groups?.before ?? groups?.after;
    return found ? [{ found, percent: share === undefined ? null : Number(share.replace(",", ".")) }] : [];
  });
  if (parts.length === 0) return null;
  const said = parts.reduce((sum, { percent }) => sum + (percent ?? 0), 0);
  const unsaid = parts.filter(({ percent }) => percent === null).length;
  const each = unsaid > 0 ? Math.max(0, 100 - said) / unsaid : 0;
  const all = said + each * unsaid || 1;
  const shares = parts.map(({ found, percent }) => ({ found, share: (percent ?? each) / all }));
  return {
    parts: shares.map(({ found, share }) => ({ name: found.names[0] ?? "", share })),
    ...mixed(shares.map(({ found, share }) => ({ of: found, share }))),
  };
}

/** Blends that are held together, each with its share of the mass. */
export function blended(blends: readonly { readonly blend: Blend; readonly share: number }[]): Blend {
  return {
    parts: blends.flatMap(({ blend, share }) =>
      blend.parts.map((part) => ({ name: part.name, share: part.share * share })),
    ),
    ...mixed(blends.map(({ blend, share }) => ({ of: blend, share }))),
  };
}

/** A blend as it is told. Example: "70 % wool, 30 % alpaca". */
export const tellBlend = ({ parts }: Blend) =>
  parts.map(({ name, share }) => `${plain(100 * share, 0)} % ${name}`).join(", ");
