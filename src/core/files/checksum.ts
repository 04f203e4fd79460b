/** A sum over a text, by which it is known whether it stands as it was written. */

/** Remainders of each byte by the polynomial of CRC-32 (ISO 3309), its bits turned round. */
const REMAINDERS = Int32Array.from({ length: 256 }, (_, byte) => {
  let rest = byte;
  for (let bit = 0; bit < 8; bit += 1) rest = rest & 1 ? (rest >>> 1) ^ 0xedb88320 : rest >>> 1;
  return rest;
});

/**
 * CRC-32 over the low and the high half of each UTF-16 unit of a text, as a whole number from 0 to 2³² − 1. It finds
 * every change of up to 32 bits on end, and of others all but one in 2³².
 */
export function checksum(text: string): number {
  let rest = -1;
  for (let at = 0; at < text.length; at += 1) {
    const unit = text.charCodeAt(at);
    rest = (rest >>> 8) ^ (REMAINDERS[(rest ^ unit) & 255] ?? 0);
    rest = (rest >>> 8) ^ (REMAINDERS[(rest ^ (unit >>> 8)) & 255] ?? 0);
  }
  return (rest ^ -1) >>> 0;
}
