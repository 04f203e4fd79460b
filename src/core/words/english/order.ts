/** What is said of orders: kits of a group, and the list that is taken along. */
import type { Teller } from "../teller";

export const order = {
  addKitsFirst: () => "Add kits first: how many, in which size.",
  kitCannotBeWorked: ({ name }: { readonly name: string }) =>
    `${name || "A kit"} cannot be worked in this size: check its measures.`,
  /** One line of a list; `price` of all its balls, null for what lies on the shelf. */
  listLine: (
    {
      balls,
      yarn,
      ball,
      lot,
      from,
      price,
    }: {
      readonly balls: number;
      readonly yarn: string;
      readonly ball: string;
      readonly lot: string;
      readonly from: string;
      readonly price: number | null;
    },
    { money }: Teller,
  ) =>
    `${balls} x ${yarn}, ${ball}${lot ? `, dye lot ${lot}` : ""}: ${price === null ? `from ${from}` : `${money(price)} at ${from}`}`,
  listSum: ({ cost, postage }: { readonly cost: number; readonly postage: number }, { money }: Teller) =>
    `Together ${money(cost)}${postage > 0 ? `, ${money(postage)} of it postage` : ""}`,
} as const;
