"use client";
import { Tick } from "@/ui/parts/Tick";
import { ENTERED } from "@/core/project/enteredFigures";
import { Plus, Trash2 } from "lucide-react";
import type { TypedOffer } from "@/core/project/orders";
import type { Component, Market } from "@/core/order/market";
import { type PutUp } from "@/core/yarn/putUp";
import { addOffer, editOffer, editOrder, removeOffer } from "@/state/buying/order";
import { useProjectPart } from "@/state/project/projectStore";
import { Button } from "@/ui/parts/Button";
import { Card } from "@/ui/parts/Card";
import { Choice } from "@/ui/parts/Choice";
import { IconButton } from "@/ui/parts/IconButton";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";
import { ShopFields } from "./ShopFields";
import { ShopStatus } from "./ShopStatus";

const LOTS = [
  { value: "few", label: "one dye lot if possible" },
  { value: "any", label: "any lots, the cheapest" },
] as const;

interface SourcesCardProps {
  readonly component: Component;
  readonly market: Market;
}

/** Where balls of the yarn can be had from. */
export function SourcesCard({ component: { key }, market }: SourcesCardProps) {
  const order = useProjectPart((project) => project.order);
  const typed = order.offers.filter((offer) => offer.yarnId === key);
  const count = (sellerId: string) =>
    market.offers.reduce((sum, offer) => (offer.sellerId === sellerId ? sum + offer.balls : sum), 0);
  return (
    <Card title="Where to buy">
      <div className="mt-2 grid gap-2">
        <div>
          <Choice
            label="Dye lots"
            options={LOTS}
            value={order.lots}
            onChange={(lots) =>
              editOrder("lots", (draft) => {
                draft.lots = lots;
              })
            }
          />
        </div>
        <Tick
          checked={order.shelf}
          onChange={(on) =>
            editOrder("shelf", (draft) => {
              draft.shelf = on;
            })
          }
        >
          {`from your shelf${order.shelf ? `: ${count("shelf")} balls available, part balls included` : ""}`}
        </Tick>
        <Tick
          checked={order.shop}
          onChange={(on) =>
            editOrder("shop", (draft) => {
              draft.shop = on;
            })
          }
        >
          {`from the shop${order.shop ? `: ${count("shop")} balls of it` : ""}`}
        </Tick>
        <ShopStatus />
        {typed.length > 0 && <OwnShop />}
        {typed.map((offer) => (
          <OfferFields key={offer.id} offer={offer} />
        ))}
        <div>
          <Button onClick={() => addOffer(key)}>
            <Plus size={16} aria-hidden /> Balls in another shop
          </Button>
        </div>
      </div>
    </Card>
  );
}

/** The shop that offers typed in are of. */
function OwnShop() {
  const { own } = useProjectPart((project) => project.order);
  return (
    <div className="grid grid-cols-3 gap-x-3 border-t border-line pt-2">
      <ShopFields
        of="own shop"
        called="The other shop"
        shop={own}
        onShop={(what, part) => editOrder(`own ${what}`, (draft) => Object.assign(draft.own, part))}
      />
    </div>
  );
}

function OfferFields({ offer }: { readonly offer: TypedOffer }) {
  const { id, massG, lengthM, price, balls, lot } = offer;
  return (
    <fieldset className="grid grid-cols-[1fr_1fr_auto] gap-x-3 rounded-lg border border-line p-2">
      <legend className="sr-only">Balls in another shop</legend>
      <ValueField
        of={id}
        label="One ball holds"
        value={{ massG, lengthM } as PutUp}
        figure={ENTERED.ballHolds}
        onValue={(value) => value && editOffer(id, { massG: value.massG, lengthM: value.lengthM })}
      />
      <ValueField
        of={id}
        label="Price of a ball"
        value={price}
        figure={ENTERED.price}
        onValue={(value) => value !== null && editOffer(id, { price: value })}
        example="e.g. 4.90"
        says={price === null && "needs a price to be planned with"}
      />
      <div className="row-span-2 self-center">
        <IconButton label="Delete these balls" icon={Trash2} onClick={() => removeOffer(id)} />
      </div>
      <ValueField
        of={id}
        label="How many there are"
        value={balls}
        figure={ENTERED.balls}
        onValue={(value) => value !== null && editOffer(id, { balls: value })}
      />
      <WordsField label="Dye lot" value={lot} most={60} onText={(text) => editOffer(id, { lot: text })} />
    </fieldset>
  );
}
