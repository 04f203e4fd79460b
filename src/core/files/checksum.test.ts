import { crc32 } from "node:zlib";
import fc from "fast-check";
import { checksum } from "./checksum";

test("it is the CRC-32 of the text's UTF-16 bytes, by another hand's reckoning", () => {
  const text = fc.string({ unit: "binary", maxLength: 300 });
  fc.assert(fc.property(text, (one) => expect(checksum(one)).toBe(crc32(Buffer.from(one, "utf16le")))));
});

test("no letter, and no two letters that have changed places, go unseen", () => {
  const text = "Row 1 (RS): k2, 2/2 LC, p2";
  for (let at = 0; at < text.length; at += 1) {
    expect(checksum(`${text.slice(0, at)}é${text.slice(at + 1)}`)).not.toBe(checksum(text));
    const [one, other] = [text[at], text[at + 1]];
    if (other !== undefined && one !== other)
      expect(checksum(text.slice(0, at) + other + one + text.slice(at + 2))).not.toBe(checksum(text));
  }
});
