import { lookUp } from "./glossary";
import { allOperations } from "./operations";

test("names in either school and either words are found, the very name first", () => {
  expect(lookUp("C4F")[0]?.name).toBe("2/2 LC");
  expect(lookUp("skpo")[0]?.name).toBe("skp");
  expect(lookUp("yarn round needle")[0]?.name).toBe("yo");
  expect(lookUp("k")[0]?.us).toBe("knit");
  expect(lookUp("together").length).toBeGreaterThan(6);
  expect(lookUp("zeppelin")).toEqual([]);
});

test("every operation stands in the glossary", () => {
  const names = lookUp("").map(({ name }) => name);
  for (const { abbreviation } of allOperations) expect(names).toContain(abbreviation);
});
