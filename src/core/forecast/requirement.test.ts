import { normalsFrom, uniformsFrom } from "./draws";
import { DESIGNER_SD, SPARE } from "../estimate/asked";
import { heldAgainst, tellHeldAgainst } from "./requirement";
import { sentence } from "@testing/sentence";

const DESIGNERS = 4000;
const BAND = 1.2816;

/**
 * Designers of garments that need what the forecast says, give or take its own deviation: each knits in a hand of their
 * own, rounds up to whole balls, and some ask for one to spare. `told` is the share of the need that the rows know of.
 */
function askedOf(sd: number, told: number) {
  const [forecast, hands] = [normalsFrom(11, DESIGNERS), normalsFrom(29, DESIGNERS)];
  const uniform = uniformsFrom(5);
  let asked = 0;
  for (let one = 0; one < DESIGNERS; one += 1) {
    const needM = 200 + 1200 * uniform();
    const ballM = 60 + 160 * uniform();
    const used = needM * Math.exp(DESIGNER_SD * (hands[one] ?? 0));
    const balls = Math.ceil(used / ballM) + (uniform() < SPARE ? 1 : 0);
    const p50M = told * needM * Math.exp(sd * (forecast[one] ?? 0));
    const needed = { p10M: p50M * Math.exp(-BAND * sd), p50M, p90M: p50M * Math.exp(BAND * sd) };
    if (heldAgainst({ balls, ballM }, needed).amiss !== null) asked += 1;
  }
  return asked / DESIGNERS;
}

test.each([0.03, 0.06, 0.12])("of faithful patterns hardly one in a hundred is asked about, at %d", (sd) => {
  expect(askedOf(sd, 1)).toBeLessThan(0.01);
});

test("a pattern of which half is missing, or which is worked twice, is mostly asked about", () => {
  expect(askedOf(0.05, 0.5)).toBeGreaterThan(0.6);
  expect(askedOf(0.05, 2)).toBeGreaterThan(0.9);
});

const needed = (p50M: number) => ({ p10M: 0.93 * p50M, p50M, p90M: 1.07 * p50M });

test.each([
  [640, /^The pattern’s 9 balls hold 738\sm, and its rows need 640\sm here: they agree\.$/],
  [400, /^These rows need 400\sm, and the pattern’s 9 balls hold 738\sm: a part may be missing here, or/],
  [1000, /^These rows need 1,?000\sm, but the pattern’s 9 balls hold only 738\sm: look whether/],
])("%d m against nine balls of 82 m", (needM, words) => {
  expect(sentence(tellHeldAgainst({ balls: 9, ballM: 82 }, needed(needM)))).toMatch(words);
});

test("one ball or two can have been hardly begun", () => {
  expect(heldAgainst({ balls: 1, ballM: 400 }, needed(20)).amiss).toBeNull();
  expect(heldAgainst({ balls: 2, ballM: 400 }, needed(20)).amiss).toBeNull();
});
