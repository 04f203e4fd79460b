/** A project as a link: all of it in the part of an address that is never sent to a server. */
import { MOST_CHARACTERS, readProject } from "@/core/files/projectFile";
import type { Project } from "@/core/project/project";
import { say, type Message } from "@/core/words/message";
import { PROJECT_FRAGMENT } from "./fragment";

/** Bytes through a stream; no more of them than a file may have characters. */
async function through(
  bytes: Uint8Array<ArrayBuffer>,
  way: GenericTransformStream,
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
    if (length > MOST_CHARACTERS) {
      await reader.cancel();
      throw new RangeError("too much");
    }
  }
}

/** Bytes in letters, figures, - and _ (RFC 4648, base64url, not padded). */
const toLetters = (bytes: Uint8Array) =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(""))
    .replaceAll("+", "-")
    .replaceAll("/", "_")
    .replaceAll("=", "");

const fromLetters = (letters: string) =>
  Uint8Array.from(atob(letters.replaceAll("-", "+").replaceAll("_", "/")), (letter) => letter.charCodeAt(0));

/**
 * The fragment that holds a project, packed by deflate. It wants no secure page.
 * Example: "#project=7Vpbb…"; reading it gives the same project.
 */
export async function fragmentOf(project: Project): Promise<string> {
  const bytes = new TextEncoder().encode(JSON.stringify(project));
  return PROJECT_FRAGMENT + toLetters(await through(bytes, new CompressionStream("deflate-raw")));
}

type Read =
  { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly message: Message };

/** The project that a fragment holds. Errors: cut off on its way, or no project; nothing is changed then. */
export async function readFragment(fragment: string): Promise<Read> {
  let text: string;
  try {
    const packed = fromLetters(fragment.slice(PROJECT_FRAGMENT.length));
    text = new TextDecoder().decode(await through(packed, new DecompressionStream("deflate-raw")));
  } catch {
    return { ok: false, message: say("linkCutOff") };
  }
  const opened = readProject(text);
  return opened.ok ? opened : { ok: false, message: say("linkHoldsNoProject", { why: opened.message }) };
}
