/** A plan as a list to take along: lines, words, a table. */
import { say, type Message } from "../words/message";
import { writeTable } from "../files/tableText";
import { grams, metres, type UnitSystem } from "../units/brands";
import { formatMass, formatYarn } from "../units/format";
import { formatMoney } from "../units/money";
import { SHELF_ID, type Seller } from "./offers";
import type { OrderPlan } from "./plan";

export interface ListLine {
  readonly from: string;
  readonly yarn: string;
  readonly lot: string;
  readonly ball: string;
  readonly balls: number;
  /** Of all of them; null for what lies on the shelf. */
  readonly price: number | null;
}

interface Asked {
  readonly yarn: string;
  /** Strands that are held: a ball is told as it is sold. */
  readonly strands: number;
  readonly sellers: readonly Seller[];
  readonly units: UnitSystem;
}

/** What is to be taken from where, the shelf first. */
export function listLines(plan: OrderPlan, { yarn, strands, sellers, units }: Asked): readonly ListLine[] {
  const lines = plan.lines.map(({ offer, balls }) => {
    const shelf = offer.sellerId === SHELF_ID;
    return {
      from: sellers.find(({ id }) => id === offer.sellerId)?.name ?? "",
      yarn,
      lot: offer.lot,
      ball: `${formatMass(grams(offer.massG), units)}, ${formatYarn(metres(offer.lengthM * strands), units)}`,
      balls,
      price: shelf ? null : balls * offer.price,
    };
  });
  return lines.toSorted((a, b) => Number(a.price !== null) - Number(b.price !== null));
}

/** The list, line by line. Example: "3 x Tarnock Aran, lichen, 50 g, 82 m, dye lot T417: 14.70 at the shop". */
export const listText = (
  lines: readonly ListLine[],
  plan: Pick<OrderPlan, "cost" | "postage">,
): readonly Message[] => [...lines.map((line) => say("listLine", line)), say("listSum", plan)];

/** The list as CSV. */
export const listCsv = (lines: readonly ListLine[]) =>
  writeTable([
    ["from", "yarn", "dye lot", "one ball", "balls", "price"],
    ...lines.map(({ from, yarn, lot, ball, balls, price }) => [
      from,
      yarn,
      lot,
      ball,
      String(balls),
      price === null ? "" : formatMoney(price),
    ]),
  ]);
