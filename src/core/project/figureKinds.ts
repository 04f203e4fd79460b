/** How kinds of figures are read and told, wherever they are typed. */
import { grams, METRES_IN_YARD, millimetres, type UnitSystem } from "../units/brands";
import { readCount, type CountBounds } from "../typed/count";
import { formatFine, formatGauge, formatMassFine, plain, tellPutUp, tellSize } from "../units/format";
import { readGauge } from "../typed/gauge";
import { BARE_LENGTH, BARE_YARN, readLength } from "../typed/length";
import { readMass } from "../typed/mass";
import { readMoney } from "../typed/money";
import { formatMoney } from "../units/money";
import { readPercent } from "../typed/percent";
import { read, type Bounds, type Reading } from "../typed/reading";
import { readPutUp, type PutUp } from "../yarn/putUp";
import { LENGTHS } from "./bounds";
import { readEase, tellEase } from "./ease";

/** How a kind of figure is read and told, wherever it is kept. */
export interface FigureKind<Value> {
  readonly read: (text: string, units: UnitSystem) => Reading<Value>;
  /** The value as text that can be read again. */
  readonly tell: (value: Value, units: UnitSystem) => string;
}

/** A length of fabric or yarn. */
export const size = (bounds: Bounds): FigureKind<number> => ({
  read: (text, units) => readLength(text, BARE_LENGTH[units], bounds),
  tell: (value, units) => tellSize(millimetres(value), units),
});

/** A needle or another small thing, in mm in both systems. */
export const fine = (bounds: Bounds): FigureKind<number> => ({
  read: (text) => readLength(text, 1, bounds),
  tell: (value) => formatFine(millimetres(value)),
});

/** A whole number of things. */
export const counted = (bounds: CountBounds): FigureKind<number> => ({
  read: (text) => readCount(text, bounds),
  tell: String,
});

export const gauge = (what: "stitches" | "rows"): FigureKind<number> => ({
  read: (text, units) => readGauge(text, what, units),
  tell: (value, units) => formatGauge(value, what, units),
});

/** A number without a unit is metres or yards, as yarn is told. */
export const yarnMetres: FigureKind<number> = {
  read: (text, units) => {
    const length = readLength(text, BARE_YARN[units], LENGTHS.extras);
    return length.ok ? read(length.value / 1000) : length;
  },
  tell: (value, units) =>
    units === "metric" ? `${plain(value, 2)} m` : `${plain(value / METRES_IN_YARD, 2)} yd`,
};

export const mass = (bounds: Bounds): FigureKind<number> => ({
  read: (text, units) => readMass(text, units, bounds),
  tell: (value, units) => formatMassFine(grams(value), units),
});

/** An amount of money. */
export const money: FigureKind<number> = { read: readMoney, tell: formatMoney };

/** A share in per cent. */
export const percent: FigureKind<number> = {
  read: (text) => readPercent(text),
  tell: (value) => `${plain(value, 1)} %`,
};

/** A share in per cent, of all at most. */
export const share: FigureKind<number> = {
  read: (text) => readPercent(text, 100),
  tell: percent.tell,
};

/** A share in per cent, of less with a minus before it. */
export const signedPercent: FigureKind<number> = {
  read: (text) => {
    const [, sign = "", rest = ""] = /^\s*([-−–+]?)(.*)$/.exec(text) ?? [];
    const share = readPercent(rest);
    return share.ok && /[-−–]/.test(sign) ? read(-share.value) : share;
  },
  tell: (value) => `${value < 0 ? "−" : ""}${plain(Math.abs(value), 1)} %`,
};

/** What a ball holds, in any units. */
export const putUp: FigureKind<PutUp> = { read: readPutUp, tell: tellPutUp };

/** Ease: less than nothing where the fabric is to stretch. */
export const ease: FigureKind<number> = { read: readEase, tell: tellEase };
