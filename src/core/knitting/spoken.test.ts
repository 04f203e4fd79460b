import { spoken } from "./spoken";

test.each([
  ["p2, 3/3 LC, k13", "purl 2, 3 over 3, left cross, knit 13"],
  ["2/1 RPC", "2 over 1, right purl cross"],
  ["2/1/2 LC, k2tog, yo", "2 over 2 with 1 between, left cross, knit 2 together, yarn over"],
  ["ssk, m1l", "slip, slip, knit, make 1 l"],
])("“%s” is read as “%s”", (text, said) => {
  expect(spoken(text)).toBe(said);
});
