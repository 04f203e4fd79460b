import fc from "fast-check";
import { calculated } from "@testing/anyProject";
import { plainSwatch, readOff, withSwatches } from "@testing/anySwatch";
import { HAND_IDS } from "../project/hand";
import { handBy, readHand, writeHand, type Remembered } from "./handFile";

const { evidence } = calculated(withSwatches(readOff(plainSwatch(), null, [1, -1, 2]))).belief;

const anyRemembered: fc.Arbitrary<Remembered> = fc.record({
  closed: fc.array(
    fc.record({
      id: fc.string({ maxLength: 20 }),
      name: fc.string({ maxLength: 20 }),
      at: fc.nat(),
      gramsPerM: fc.double({ min: 0.1, max: 2, noNaN: true }),
      evidence: fc.constant(evidence),
    }),
    { maxLength: 4 },
  ),
  said: fc.dictionary(
    fc.constantFrom(...HAND_IDS),
    fc.record({
      mean: fc.double({ min: -1, max: 1, noNaN: true }),
      sd: fc.double({ min: 0.01, max: 1, noNaN: true }),
    }),
  ),
});

test("what is remembered is read again as it was written, and comes to the same hand", () => {
  fc.assert(
    fc.property(anyRemembered, (remembered) => {
      const read = readHand(writeHand(remembered));
      expect(read).toMatchObject({ ok: true });
      if (!read.ok) return;
      expect(JSON.stringify(read.remembered)).toBe(JSON.stringify(remembered));
      expect(JSON.stringify(read.hand)).toBe(JSON.stringify(handBy(remembered)));
    }),
    { numRuns: 40 },
  );
});

test("a damaged file is refused, and says where", () => {
  const written = writeHand({ closed: [{ id: "a", name: "A", at: 1, gramsPerM: 0.5, evidence }], said: {} });
  expect(readHand("{")).toMatchObject({ ok: false, message: { code: "notJson" } });
  expect(readHand(written.replace('"gramsPerM": 0.5', '"gramsPerM": -1'))).toMatchObject({
    ok: false,
    message: { code: "invalidPart", given: { path: "closed.0.gramsPerM" } },
  });
  const impossible = { ...evidence, information: evidence.information.map(() => -1e6) };
  const told = writeHand({
    closed: [{ id: "a", name: "A", at: 1, gramsPerM: 0.5, evidence: impossible }],
    said: {},
  });
  expect(readHand(told)).toMatchObject({ ok: false, message: { code: "handCannotBe" } });
});
