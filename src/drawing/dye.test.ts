import { dyeBy } from "./dye";

test("a plain stitch is undyed; dearer ones redden, cheaper ones turn green, the furthest most", () => {
  const colourOf = dyeBy({ least: 0.55, most: 1.2 });
  const channels = (colour: string) => [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16));
  const [plainRed = 0, plainGreen = 0] = channels(colourOf(1));
  const [red = 0, green = 0] = channels(colourOf(1.2));
  const [yarnOverRed = 0, yarnOverGreen = 0] = channels(colourOf(0.55));
  expect(red / green).toBeGreaterThan(plainRed / plainGreen);
  expect(yarnOverRed / yarnOverGreen).toBeLessThan(plainRed / plainGreen);
  expect(colourOf(1.1)).not.toBe(colourOf(1.2));
  expect(colourOf(9)).toBe(dyeBy({ least: 0.55, most: 9 })(9));
});

test("a yarn of one colour has it in every stitch", () => {
  expect([0.5, 1, 3].map(dyeBy("#7a8b6f"))).toEqual(["#7a8b6f", "#7a8b6f", "#7a8b6f"]);
});
