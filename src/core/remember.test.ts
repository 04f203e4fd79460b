import fc from "fast-check";
import { remembering } from "./remember";

test("what is remembered is what would be made, and of the last few nothing is made twice", () => {
  fc.assert(
    fc.property(fc.array(fc.nat(6), { maxLength: 60 }), fc.integer({ min: 1, max: 5 }), (asked, most) => {
      const made: number[] = [];
      const square = remembering(most, String, (one: number) => {
        made.push(one);
        return one * one;
      });
      const recent: number[] = [];
      for (const one of asked) {
        const before = made.length;
        expect(square(one)).toBe(one * one);
        // The last `most` that are unlike one another are known.
        expect(made.length === before).toBe(recent.slice(-most).includes(one));
        if (recent.includes(one)) recent.splice(recent.indexOf(one), 1);
        recent.push(one);
      }
    }),
  );
});
