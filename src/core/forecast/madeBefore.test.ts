/** Like things made before, against knitters whose things are known. */
import { normalsFrom, uniformsFrom } from "./draws";
import { referenceClass, type Made, type ThisOne } from "./madeBefore";

const made = (id: string, mPerDm2: number, given: Partial<Made> = {}): Made => ({
  id,
  name: id,
  mPerDm2,
  tex: 600,
  cabled: true,
  kind: "sleevelessTop",
  used: true,
  ...given,
});
const thisOne = (p50M: number, given: Partial<Made> = {}): ThisOne => ({
  made: made("this", p50M / 320, given),
  areaDm2: 320,
  p10M: 0.93 * p50M,
  p50M,
  p90M: 1.07 * p50M,
});
const three = [made("a", 2.2), made("b", 1.9), made("c", 2)];

test("three like things say what this one takes, the least first", () => {
  const told = referenceClass(three, thisOne(650));
  expect(told?.things.map(({ id }) => id)).toEqual(["b", "c", "a"]);
  expect(told?.middleM).toBeCloseTo(320 * Math.cbrt(2.2 * 1.9 * 2), 6);
  expect(told?.lowM).toBeLessThan(610);
  expect(told?.highM).toBeGreaterThan(680);
  expect(told?.amiss).toBeNull();
});

test.each([
  [1100, "more"],
  [400, "less"],
  [700, null],
])("the model's %d m beside them", (p50M, amiss) => {
  expect(referenceClass(three, thisOne(p50M))?.amiss).toBe(amiss);
});

test("plain things, other thicknesses and the project itself are not like it", () => {
  const others = [made("plain", 1.6, { cabled: false }), made("lace", 3, { tex: 100 }), made("this", 9)];
  expect(referenceClass(others, thisOne(650))).toBeNull();
});

test("things of the same kind go first; where none was made others stand for it, and that is said", () => {
  const hats = [made("hat", 3, { kind: "hat" }), made("of old", 2.5, { kind: null })];
  const told = referenceClass([...hats, ...three], thisOne(650));
  expect(told?.things).toHaveLength(3);
  expect(told?.kind).toBe("sleevelessTop");
  const others = referenceClass(hats, thisOne(650));
  expect(others?.things).toHaveLength(2);
  expect(others?.kind).toBeNull();
});

test("a thing in a yarn a little thicker is brought to this one: the root of the tex", () => {
  const [told] = referenceClass([made("thick", 2, { tex: 726 })], thisOne(650))?.things ?? [];
  expect(told?.here).toBeCloseTo(2.2, 6);
});

test("of knitters whose things differ by a tenth, 76 to 88 of 100 fall between ten and ninety", () => {
  const [normals, uniform] = [normalsFrom(9, 40_000), uniformsFrom(4)];
  let at = 0;
  const next = () => normals[(at += 2)] ?? 0;
  let inside = 0;
  const KNITTERS = 1500;
  for (let knitter = 0; knitter < KNITTERS; knitter += 1) {
    const hand = 2 * Math.exp(0.1 * next());
    const count = 1 + Math.floor(6 * uniform());
    const thing = () => hand * Math.exp(0.1 * next());
    const before = Array.from({ length: count }, (_, index) => made(`${index}`, thing()));
    const takes = 320 * thing();
    const told = referenceClass(before, thisOne(takes));
    if (told && takes >= told.lowM && takes <= told.highM) inside += 1;
  }
  expect(inside / KNITTERS).toBeGreaterThan(0.76);
  expect(inside / KNITTERS).toBeLessThan(0.88);
});
