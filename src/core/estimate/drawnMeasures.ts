/** The measures of many drawn projects at once, each kind calculated when it is first asked for and then kept. */
import { KS, type Gauge } from "../stitches/plainStitch";
import { legExtra } from "../stitches/crossings";
import type { Unknowns } from "./unknowns";

const { exp, log, sqrt } = Math;

/** What is off in each drawn project: arrays of one length. */
export type DrawnUnknowns = { readonly [Id in keyof Unknowns]: Float64Array };

/** One column for each measure: its length in mm (or its factor) in each drawn project. */
export interface DrawnMeasures {
  readonly count: number;
  readonly widthMm: () => Float64Array;
  readonly heightMm: () => Float64Array;
  readonly loopMm: () => Float64Array;
  readonly castOffLoopMm: () => Float64Array;
  readonly castOffWidthMm: () => Float64Array;
  readonly guess: () => Float64Array;
  readonly amount: () => Float64Array;
  readonly tail: () => Float64Array;
  readonly legMm: (span: number) => Float64Array;
  /** As `rowsFactor`. */
  readonly rows: (toLength: number) => Float64Array;
  /** As `stitchesFactor`. */
  readonly stitches: (kept: number) => Float64Array;
}

/** A column made once for each key. */
function keptBy<Key>(make: (key: Key) => Float64Array): (key: Key) => Float64Array {
  const made = new Map<Key, Float64Array>();
  return (key) => {
    const column = made.get(key) ?? make(key);
    made.set(key, column);
    return column;
  };
}

const once = (make: () => Float64Array) => keptBy<void>(make);

/** A column by its places; a plain loop, since a typed array's own `map` takes several times as long. */
function columnOf(count: number, at: (index: number) => number): Float64Array {
  const column = new Float64Array(count);
  for (let index = 0; index < count; index += 1) column[index] = at(index);
  return column;
}

/**
 * Measures at a gauge, `off` of it: what `measuresOf(deviated(gauge, …))` says of each project, column by column.
 * Example: with nothing off every width is 100 / stitches.
 */
export function drawnMeasures({ stitchesPer10Cm, rowsPer10Cm }: Gauge, off: DrawnUnknowns): DrawnMeasures {
  const count = off.width.length;
  const column = (at: (index: number) => number) => columnOf(count, at);
  const of = (values: Float64Array) => (index: number) => values[index] ?? 0;
  const exps = (values: Float64Array, times = 1) => column((index) => times * exp(values[index] ?? 0));
  const product = (one: Float64Array, other: Float64Array) =>
    column((index) => (one[index] ?? 0) * (other[index] ?? 0));
  const widthMm = once(() => exps(off.width, 100 / stitchesPer10Cm));
  const heightMm = once(() => exps(off.height, 100 / rowsPer10Cm));
  const loopMm = once(() => {
    const [width, height, loop] = [of(widthMm()), of(heightMm()), of(off.loop)];
    return column((index) => sqrt(KS * width(index) * height(index)) * exp(loop(index)));
  });
  const castOff = once(() => exps(off.castOff));
  const given = once(() => product(exps(off.give), widthMm()));
  const legMm = keptBy((span: number) => {
    const [width, height, each] = [of(widthMm()), of(heightMm()), of(given())];
    return column((index) => each(index) * legExtra(span, height(index) / width(index)));
  });
  const rows = keptBy((toLength: number) => {
    const [height, drawHeight, lnKept] = [of(off.height), of(off.drawHeight), log(toLength)];
    return column((index) => exp(-height(index) - (exp(drawHeight(index)) - 1) * lnKept));
  });
  const stitches = keptBy((kept: number) => {
    const [width, drawWidth, lnKept] = [of(off.width), of(off.drawWidth), log(kept)];
    return column((index) => exp(-width(index) + (1 - exp(drawWidth(index))) * lnKept));
  });
  return {
    count,
    widthMm,
    heightMm,
    loopMm,
    castOffLoopMm: once(() => product(castOff(), loopMm())),
    castOffWidthMm: once(() => product(castOff(), widthMm())),
    guess: once(() => exps(off.extras)),
    amount: once(() => exps(off.amount)),
    tail: once(() => exps(off.tail)),
    legMm,
    rows,
    stitches,
  };
}
