import { formatMoney } from "../units/money";
import { readMoney } from "./money";

test.each([
  ["7.90", 7.9],
  ["£ 7,90", 7.9],
  ["7.90 EUR", 7.9],
  ["EUR 12", 12],
  ["$0.5", 0.5],
])("%s is %d", (text, amount) => {
  expect(readMoney(text)).toEqual({ ok: true, value: amount });
  expect(readMoney(formatMoney(amount))).toEqual({ ok: true, value: amount });
});

test.each(["", "free of charge", "-3", "7 8", "5 cm 3 mm", "1000000", "1,200"])(
  "“%s” is no amount",
  (text) => {
    expect(readMoney(text).ok).toBe(false);
  },
);
