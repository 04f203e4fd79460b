/** The plain (stockinette) stitch: the measure of everything else. MODEL of the fabric, first part. */
import { millimetres, type Millimetres } from "../units/brands";

const { sqrt } = Math;

/** Stitches and rows over 100 mm of plain fabric. */
export interface Gauge {
  readonly stitchesPer10Cm: number;
  readonly rowsPer10Cm: number;
}

export interface PlainStitch {
  readonly widthMm: Millimetres;
  readonly heightMm: Millimetres;
  /** Yarn in one loop. */
  readonly loopMm: Millimetres;
  /** Height over width: the row height when the stitch width is the unit of length. */
  readonly aspect: number;
}

/**
 * Stitch-density constant of relaxed plain-knit fabric: stitches per area = KS / loop².
 * Munden (1959), J. Textile Inst. 50, T448; published values run from 19.0 to 21.6.
 */
export const KS = 20.5;

/**
 * The plain stitch of a gauge. Any positive gauge is accepted; bounds belong to the reader of gauges.
 * Example: 20 stitches and 28 rows give 5.00 x 3.571 mm and a loop of 19.13 mm.
 */
export function plainStitch({ stitchesPer10Cm, rowsPer10Cm }: Gauge): PlainStitch {
  const width = 100 / stitchesPer10Cm;
  const height = 100 / rowsPer10Cm;
  return {
    widthMm: millimetres(width),
    heightMm: millimetres(height),
    loopMm: millimetres(sqrt(KS * width * height)),
    aspect: height / width,
  };
}
