/** Texts packed small, through the browser's own streams: they want no secure page and work beside the page. */

/** Bytes through a stream. Rejects with a RangeError where more than `most` come out of it. */
async function through(
  bytes: Uint8Array<ArrayBuffer>,
  way: GenericTransformStream,
  most = Infinity,
): Promise<Uint8Array<ArrayBuffer>> {
  const reader = new Blob([bytes]).stream().pipeThrough(way).getReader() as ReadableStreamDefaultReader<
    Uint8Array<ArrayBuffer>
  >;
  const parts: Uint8Array<ArrayBuffer>[] = [];
  for (let length = 0; ;) {
    const { done, value } = await reader.read();
    if (done) return new Uint8Array(await new Blob(parts).arrayBuffer());
    length += value.length;
    parts.push(value);
    if (length > most) {
      await reader.cancel();
      throw new RangeError("too much");
    }
  }
}

/** A text by deflate (RFC 1951). */
export const pack = (text: string) =>
  through(new TextEncoder().encode(text), new CompressionStream("deflate-raw"));

/** The text that was packed. Rejects where it is damaged, or longer than `most` bytes. */
export const unpack = async (bytes: Uint8Array<ArrayBuffer>, most = Infinity) =>
  new TextDecoder().decode(await through(bytes, new DecompressionStream("deflate-raw"), most));
