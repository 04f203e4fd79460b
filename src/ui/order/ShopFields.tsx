"use client";
import { ENTERED } from "@/core/project/enteredFigures";
import type { OwnShop } from "@/core/project/orders";
import { ValueField } from "@/ui/parts/ValueField";
import { WordsField } from "@/ui/parts/WordsField";

interface ShopFieldsProps {
  /** Whose it is: together with the label it is where a text is kept. */
  readonly of: string;
  /** What its name is asked for as. */
  readonly called: string;
  readonly shop: OwnShop;
  readonly onShop: (what: string, part: Partial<OwnShop>) => void;
}

/** A shop that Brenok does not know: its name, and what it asks for the post. */
export function ShopFields({ of, called, shop, onShop }: ShopFieldsProps) {
  return (
    <>
      <WordsField label={called} value={shop.name} onText={(name) => onShop("name", { name })} />
      <ValueField
        of={of}
        label="Its postage"
        value={shop.postage}
        figure={ENTERED.postage}
        onValue={(postage) => postage !== null && onShop("postage", { postage })}
      />
      <ValueField
        of={of}
        label="Free post from"
        value={shop.freeFrom}
        figure={ENTERED.freePostFrom}
        optional
        example="never"
        onValue={(freeFrom) => onShop("free post", { freeFrom })}
      />
    </>
  );
}
