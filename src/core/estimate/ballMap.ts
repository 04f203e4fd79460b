/** Which ball works which rows: balls laid along the rows of a project, joined at row ends where nothing crosses. */
import type { Strand } from "./strand";

/** Rows of one copy of a piece that one ball works, counted from 1, one after the other. */
export interface BallRows {
  readonly pieceId: string;
  readonly copy: number;
  readonly from: number;
  readonly to: number;
}

export interface MappedBall {
  readonly holdsMm: number;
  readonly rows: readonly BallRows[];
  /** Yarn of these rows, edges that are worked with them counted in. */
  readonly rowsMm: number;
  /** Of what is no row: swatch, seams, extras, colours carried along. */
  readonly besideMm: number;
  /** Its halves of the joins at its two ends. */
  readonly joinsMm: number;
  readonly leftMm: number;
  /** Begun as the log tells; what is not is a plan. */
  readonly told: boolean;
  /** Must have been begun in rows that are worked, though nobody told of it. */
  readonly untold: boolean;
}

/** Balls in the order in which they are begun. */
export interface BallMap {
  readonly yarnId: string;
  readonly balls: readonly MappedBall[];
  /** Yarn of all work, without joins. */
  readonly workMm: number;
}

/** Rows of a copy that are worked, and the balls that were begun in them: behind so many rows, with what each held. */
export interface Done {
  readonly pieceId: string;
  readonly copy: number;
  readonly rows: number;
  readonly joins: readonly { readonly row: number; readonly holdsMm: number }[];
}

export interface BallOptions {
  /** What part balls hold; they are used first, or kept for the end. */
  readonly partsMm: readonly number[];
  readonly parts: "first" | "last";
  readonly wholeMm: number;
  readonly joinMm: number;
  /** Two balls in turn, so many rows each; null for one after the other. */
  readonly turns: number | null;
  /** In the order in which they were begun. */
  readonly done: readonly Done[];
}

/** A row with what it takes, edges that are worked with it counted in. */
interface Item {
  readonly pieceId: string;
  readonly copy: number;
  readonly row: number;
  readonly crosses: boolean;
  readonly mm: number;
}

/** The rows of a strand that take any of its yarn, in its order; and how much of it is no row, joins counted in. */
function itemsOf({ stretches, rowEndsMm, crosses }: Strand) {
  const items: Item[] = [];
  let [beside, pending] = [0, 0];
  for (const { part, worked, fromMm, toMm, firstRow, rows } of stretches) {
    const last = items.at(-1);
    const ownLast = last && last.pieceId === worked?.pieceId && last.copy === worked.copy;
    if (part === "swatch" || part === "ends") beside += toMm - fromMm;
    else if (part === "castOff" && ownLast)
      items[items.length - 1] = { ...last, mm: last.mm + toMm - fromMm };
    else if (part !== "rows" || !worked) pending += toMm - fromMm;
    else
      for (let row = firstRow, start: number = fromMm; row < firstRow + rows; row += 1) {
        const end = rowEndsMm[row] ?? start;
        if (end <= start) continue;
        const { pieceId, copy } = worked;
        const of = { pieceId, copy, row: row - worked.firstRow + 1, crosses: crosses[row] === 1 };
        items.push({ ...of, mm: end - start + pending });
        [start, pending] = [end, 0];
      }
  }
  return { items, beside: beside + pending };
}

type Open = { -readonly [Part in Exclude<keyof MappedBall, "rows" | "leftMm">]: MappedBall[Part] } & {
  readonly items: Item[];
};

const freeOf = ({ holdsMm, rowsMm, besideMm, joinsMm }: Open) => holdsMm - rowsMm - besideMm - joinsMm;

/** Balls as they are taken up. */
class Taking {
  readonly balls: Open[] = [];
  /** Work that is still to be done. */
  leftMm: number;

  constructor(
    private readonly options: BallOptions,
    private readonly holds: readonly number[],
    workMm: number,
  ) {
    this.leftMm = workMm;
  }

  /** The next ball, joined to the one before it in the same hand. */
  next(after: Open | null, toldMm: number | null = null, untold = false): Open {
    const { wholeMm, joinMm } = this.options;
    const told = toldMm !== null;
    const planned = this.balls.filter((ball) => !ball.told).length;
    const holdsMm = toldMm ?? this.holds[planned] ?? wholeMm;
    const open = {
      holdsMm,
      items: [],
      rowsMm: 0,
      besideMm: 0,
      joinsMm: after ? joinMm / 2 : 0,
      told,
      untold,
    };
    if (after) after.joinsMm += joinMm / 2;
    this.balls.push(open);
    return open;
  }

  /** Whether a ball can do so much; with all the rest, or with enough left to join the next one to it. */
  fits(open: Open, mm: number): boolean {
    return this.leftMm <= freeOf(open) || mm <= freeOf(open) - this.options.joinMm / 2;
  }

  row(open: Open, item: Item, mm: number) {
    if (open.items.at(-1) !== item) open.items.push(item);
    open.rowsMm += mm;
    this.leftMm -= mm;
  }

  /** Takes rows off a ball, back to the last one ahead of `item` in which nothing crosses: they are worked again. */
  giveBack(open: Open, item: Item): readonly Item[] {
    const back: Item[] = [];
    while ((back[0] ?? item).crosses && open.items.length > 1) {
      const last = open.items.pop() as Item;
      back.unshift(last);
      open.rowsMm -= last.mm;
      this.leftMm += last.mm;
    }
    if (!(back[0] ?? item).crosses) return back;
    for (const one of back) this.row(open, one, one.mm);
    return [];
  }

  /** Spends yarn off one ball after the other, and gives the last of them. */
  spend(open: Open, mm: number, on: (open: Open, mm: number) => void): Open {
    const { wholeMm, joinMm } = this.options;
    let [now, rest] = [open, mm];
    while (!this.fits(now, rest) && wholeMm > joinMm) {
      const part = Math.max(0, freeOf(now) - joinMm / 2);
      on(now, part);
      rest -= part;
      now = this.next(now);
    }
    on(now, rest);
    return now;
  }
}

/** What each ball holds in the order of use, as far as that is not a whole one. */
function holdsOf({ partsMm, parts, wholeMm, joinMm }: BallOptions, workMm: number): readonly number[] {
  if (parts === "first" || wholeMm <= joinMm) return partsMm;
  const left = workMm - partsMm.reduce((sum, mm) => sum + mm - joinMm, 0);
  const whole = Math.max(0, Math.ceil((left - joinMm) / (wholeMm - joinMm)));
  return [...Array.from({ length: whole }, () => wholeMm), ...partsMm];
}

/** A ball from which more than this of its length was knitted was not the only one. */
const OVER_LABEL = 1.1;

/** Rows that follow one another, together. */
function runsOf(items: readonly Item[]): readonly BallRows[] {
  const runs: { pieceId: string; copy: number; from: number; to: number }[] = [];
  for (const { pieceId, copy, row } of items) {
    const last = runs.at(-1);
    if (last && last.pieceId === pieceId && last.copy === copy && last.to === row - 1) last.to = row;
    else runs.push({ pieceId, copy, from: row, to: row });
  }
  return runs;
}

/**
 * The map of a strand's balls. What is worked comes first, with the joins that were told in it; from there on a ball is
 * joined before the first row that the one in hand cannot do, or before the last one ahead of that in which nothing
 * crosses. A row that no ball can do is worked off several. `joinsMm` is what the strand already holds for joins, which
 * are counted anew. Seams and extras are taken last, of what is left in hand.
 * Example: 500 m of rows in balls of 165 m with knots of 30 cm are four balls, and their rows' yarn is 500 m to the mm.
 */
export function ballMap(strand: Strand, joinsMm: number, options: BallOptions): BallMap {
  const { turns, done } = options;
  const { items: all, beside } = itemsOf(strand);
  const doneOf = ({ pieceId, copy }: Item) =>
    done.find((one) => one.pieceId === pieceId && one.copy === copy) ?? null;
  const isDone = (item: Item) => item.row <= (doneOf(item)?.rows ?? 0);
  const begun = (item: Item) => done.indexOf(doneOf(item) as Done);
  const worked = all.filter(isDone).toSorted((a, b) => begun(a) - begun(b));
  const items = [...worked, ...all.filter((item) => !isDone(item))];
  const workMm = items.reduce((sum, { mm }) => sum + mm, 0) + beside - joinsMm;
  const taking = new Taking(options, holdsOf(options, workMm), workMm);
  const hands: (Open | null)[] = [null, null];
  const areTold = done.some(({ joins }) => joins.length > 0);
  /** What is worked from one item on, up to the next ball that was told of. */
  const untilJoin = (from: number) => {
    let mm = 0;
    for (let at = from; at < worked.length; at += 1) {
      const item = worked[at] as Item;
      if (at > from && doneOf(item)?.joins.some(({ row }) => row === item.row - 1)) break;
      mm += item.mm;
    }
    return mm;
  };
  let stretchMm = 0;
  for (const [index, item] of items.entries()) {
    const hand = turns === null ? 0 : Math.floor((item.row - 1) / turns) % 2;
    if (areTold && isDone(item)) {
      const before = hands[hand] ?? null;
      const join = doneOf(item)?.joins.findLast(({ row }) => row === item.row - 1);
      const holdsMm = join?.holdsMm ?? (before ? null : options.wholeMm);
      if (holdsMm !== null) stretchMm = untilJoin(index);
      const open = before && holdsMm === null ? before : taking.next(before, holdsMm);
      // A ball can hold a little more than its label says; not a second one.
      const goesOn = stretchMm <= OVER_LABEL * open.holdsMm || taking.fits(open, item.mm);
      taking.row((hands[hand] = goesOn ? open : taking.next(open, null, true)), item, item.mm);
      continue;
    }
    const open = (hands[hand] ??= taking.next(null));
    if (taking.fits(open, item.mm) || open.items.length === 0) {
      hands[hand] = taking.spend(open, item.mm, (ball, mm) => taking.row(ball, item, mm));
      continue;
    }
    const again = turns === null ? taking.giveBack(open, item) : [];
    let fresh = taking.next(open);
    for (const one of [...again, item])
      fresh = taking.spend(fresh, one.mm, (ball, mm) => taking.row(ball, one, mm));
    hands[hand] = fresh;
  }
  const [one, other] = hands;
  const last = one && other && freeOf(other) > freeOf(one) ? other : (one ?? taking.next(null));
  taking.spend(last, beside - joinsMm, (ball, mm) => {
    ball.besideMm += mm;
    taking.leftMm -= mm;
  });
  return {
    yarnId: strand.yarnId,
    workMm,
    balls: taking.balls.map((ball) => {
      const { items: rows, ...rest } = ball;
      return { ...rest, rows: runsOf(rows), leftMm: freeOf(ball) };
    }),
  };
}
