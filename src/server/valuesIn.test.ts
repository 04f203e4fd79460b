import fc from "fast-check";
import { ValuesIn } from "./valuesIn";

function told(parts: readonly string[], most = 10_000): readonly string[] {
  const values: string[] = [];
  const taking = new ValuesIn((text) => values.push(text), most);
  for (const part of parts) taking.take(part);
  taking.end();
  return values;
}

const object = fc.dictionary(fc.string(), fc.jsonValue());

test("a list and lines come apart into what they were made of, wherever they are cut", () => {
  fc.assert(
    fc.property(fc.array(object), fc.boolean(), fc.array(fc.nat()), (objects, listed, cuts) => {
      const text = listed
        ? JSON.stringify(objects, null, 1)
        : objects.map((one) => JSON.stringify(one)).join("\n");
      const at = [0, ...cuts.map((cut) => cut % (text.length + 1)).sort((a, b) => a - b), text.length];
      const parts = at.slice(1).map((end, index) => text.slice(at[index], end));
      expect(told(parts).map((one) => JSON.parse(one) as unknown)).toEqual(
        JSON.parse(JSON.stringify(objects)),
      );
    }),
  );
});

test.each(["[{}", "{", '{"a":"}', "[{}] {}", "[[{}]]", "5", "]", "[{}]]"])("%s is refused", (text) => {
  expect(() => told([text])).toThrow(SyntaxError);
});

test("a value that is too long is refused before its end", () => {
  expect(() => told(['{"a":"', "k".repeat(200)], 100)).toThrow(RangeError);
});
