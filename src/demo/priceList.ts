/** The price list of the stand-in shop. The shop, its yarns and its prices are invented. */
import { shopListSchema } from "@/core/files/shopList";
import list from "./priceList.json";

export const priceList = shopListSchema.parse(list);
