/** A project as a link: all of it in the part of an address that is never sent to a server. */
import { MOST_CHARACTERS, readProject } from "@/core/files/projectFile";
import type { Project } from "@/core/project/project";
import { say, type Message } from "@/core/words/message";
import { PROJECT_FRAGMENT } from "./fragment";
import { pack, unpack } from "./packed";

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
  return PROJECT_FRAGMENT + toLetters(await pack(JSON.stringify(project)));
}

type Read =
  { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly message: Message };

/** The project that a fragment holds. Errors: cut off on its way, or no project; nothing is changed then. */
export async function readFragment(fragment: string): Promise<Read> {
  let text: string;
  try {
    text = await unpack(fromLetters(fragment.slice(PROJECT_FRAGMENT.length)), MOST_CHARACTERS);
  } catch {
    return { ok: false, message: say("linkCutOff") };
  }
  const opened = readProject(text);
  return opened.ok ? opened : { ok: false, message: say("linkHoldsNoProject", { why: opened.message }) };
}
