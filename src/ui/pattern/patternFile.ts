/** The text of a pattern out of whatever file it comes in; what reads a kind of file is loaded when such a file comes. */
import { textOfPages, type Run } from "@/core/pattern/pageText";
import { textOfDocument } from "@/core/pattern/wordText";

/** Why a file holds no text that could be read; words for the knitter. */
export class NoText extends Error {
  override readonly name = "NoText";
}

/** Larger files than this are no pattern. */
const MOST_BYTES = 60_000_000;
const MOST_TEXT_BYTES = 2_000_000;
const MOST_PAGES = 80;

export const PATTERN_FILES = ".txt,.md,.pdf,.docx,text/plain,application/pdf";

export interface FileText {
  readonly text: string;
  /** What was left out of it. */
  readonly leftOut: readonly string[];
}

/** The text of a file. `onShare` hears how far it is; `stop` ends it. Errors: `NoText`. */
export async function textOfFile(
  file: File,
  onShare: (share: number) => void,
  stop: AbortSignal,
): Promise<FileText> {
  if (file.size > MOST_BYTES) throw new NoText(`${file.name} is too large for a pattern.`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const begins = String.fromCharCode(...bytes.subarray(0, 4));
  if (begins === "%PDF") return textOfPdf(file.name, bytes, onShare, stop);
  if (begins.startsWith("PK")) return { text: await textOfDocx(file.name, bytes), leftOut: [] };
  if (bytes.length > MOST_TEXT_BYTES) throw new NoText(`${file.name} is too large for a pattern.`);
  const text = textOfBytes(bytes);
  if (text.includes("\u0000"))
    throw new NoText(
      `${file.name} is no text, PDF or .docx: copy the words of the pattern and paste them here.`,
    );
  return { text, leftOut: [] };
}

/** Text in the usual code of today, or in that of older machines. */
function textOfBytes(bytes: Uint8Array): string {
  const marked = bytes[0] === 0xff && bytes[1] === 0xfe ? "utf-16le" : "utf-8";
  try {
    return new TextDecoder(marked, { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

async function textOfDocx(name: string, bytes: Uint8Array): Promise<string> {
  const { unzip, strFromU8 } = await import("fflate");
  const main = "word/document.xml";
  const files = await new Promise<Record<string, Uint8Array>>((resolve, reject) =>
    unzip(
      bytes,
      { filter: ({ name: one, originalSize }) => one === main && originalSize < MOST_BYTES },
      (error, found) =>
        error ? reject(new NoText(`${name} is damaged: it cannot be unpacked.`)) : resolve(found),
    ),
  );
  const document = files[main];
  if (!document) throw new NoText(`${name} holds no document: save it as .docx, as PDF or as text.`);
  return textOfDocument(strFromU8(document));
}

async function textOfPdf(
  name: string,
  bytes: Uint8Array,
  onShare: (share: number) => void,
  stop: AbortSignal,
): Promise<FileText> {
  const pdf = await import("pdfjs-dist");
  const port = new Worker(new URL("../../workers/pdf.worker.ts", import.meta.url), { type: "module" });
  pdf.GlobalWorkerOptions.workerPort = port;
  const task = pdf.getDocument({ data: bytes, isEvalSupported: false, useSystemFonts: false });
  try {
    const document = await task.promise.catch((error: unknown) => {
      const locked = error instanceof Error && error.name === "PasswordException";
      throw new NoText(
        locked ? `${name} is locked with a password.` : `${name} is damaged: it cannot be opened.`,
      );
    });
    if (document.numPages > MOST_PAGES)
      throw new NoText(`${name} has ${document.numPages} pages, and ${MOST_PAGES} are read at most.`);
    const pages: (readonly Run[])[] = [];
    for (let at = 1; at <= document.numPages; at += 1) {
      stop.throwIfAborted();
      const page = await document.getPage(at);
      const { items } = await page.getTextContent();
      pages.push(items.flatMap((item) => ("str" in item ? [runOf(item)] : [])));
      onShare(at / document.numPages);
    }
    if (pages.every((runs) => runs.every(({ text }) => text.trim() === "")))
      throw new NoText(
        `${name} holds pictures of its pages and no text: it is a scan. Type the instructions, or look for the text itself.`,
      );
    return textOfPages(pages);
  } finally {
    await task.destroy();
    port.terminate();
  }
}

const runOf = ({
  str,
  transform,
  width,
  height,
}: {
  str: string;
  transform: readonly number[];
  width: number;
  height: number;
}): Run => ({
  text: str,
  x: transform[4] ?? 0,
  y: transform[5] ?? 0,
  width,
  height: height || Math.hypot(transform[2] ?? 0, transform[3] ?? 0),
});
