"use client";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Button } from "@/ui/parts/Button";
import { RotateCw, TriangleAlert } from "lucide-react";
import { askShop, setWeather, stopAsking, useShop, type Weather } from "@/state/buying/shop";
import { Choice } from "@/ui/parts/Choice";

const WEATHER: readonly { readonly value: Weather; readonly label: string; readonly name: string }[] = [
  { value: "fair", label: "answers", name: "The stand-in shop answers" },
  { value: "slow", label: "is slow", name: "The stand-in shop is slow" },
  { value: "down", label: "is closed", name: "The stand-in shop is closed" },
];

const timeOf = (at: string) =>
  new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" }).format(new Date(at));

/** How old the prices are, and whether the shop answers. What is known stands while it does not. */
export function ShopStatus() {
  const { list, asking, problem, weather } = useShop();
  return (
    <Toolbar label="Shop" className="text-sm">
      <span role="status" className="min-w-0">
        {list ? (
          <>
            <strong>{list.name}</strong>, stock of {timeOf(list.at)}
          </>
        ) : (
          <strong>No price list yet</strong>
        )}
        {asking && " · asking …"}
      </span>
      {asking ? (
        <Button onClick={stopAsking} look="link">
          Stop asking
        </Button>
      ) : (
        <Button onClick={() => void askShop()} look="link" className="flex items-center gap-1">
          <RotateCw size={14} aria-hidden /> Ask again
        </Button>
      )}
      <span className="flex items-center gap-1.5 text-faint">
        This shop is a stand-in; let it be one that
        <Choice label="The stand-in shop" options={WEATHER} value={weather} onChange={setWeather} />
      </span>
      {problem && (
        <p role="alert" className="basis-full border-l-4 border-weld pl-2">
          <TriangleAlert size={14} aria-hidden className="mr-1 inline align-[-2px]" />
          {problem}{" "}
          {list
            ? `You see its prices and stock of ${timeOf(list.at)}; ask again before you buy.`
            : "The plan goes by your shelf and by what you typed in until it answers."}
        </p>
      )}
    </Toolbar>
  );
}
