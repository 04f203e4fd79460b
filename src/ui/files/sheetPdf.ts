/** The knitting sheet as pages (PDF), made in the browser. */
import fontkit from "@pdf-lib/fontkit";
import {
  PDFDocument,
  rgb,
  setTextRenderingMode,
  TextRenderingMode,
  type PDFFont,
  type PDFPage,
} from "pdf-lib";
import { chartPng, PX_PER_INCH } from "@/ui/panels/exportChart";
import type { Block, Outline } from "./sheet";

const POINTS_PER_INCH = 72;
/** A4, in points. */
const PAGE = { width: 595.28, height: 841.89 };
const MARGIN = 48;
const ROOM = PAGE.width - 2 * MARGIN;
const INK = rgb(0.13, 0.12, 0.1);
const FAINT = rgb(0.38, 0.35, 0.3);
const LINE = rgb(0.82, 0.79, 0.72);

const SIZES = { 1: 22, 2: 15, 3: 11.5 } as const;
const TEXT = 9.5;
const LEADING = 1.38;
const GAP = 14;

interface Fonts {
  readonly plain: PDFFont;
  readonly bold: PDFFont;
}

const LETTERS = new WeakMap<PDFFont, ReadonlySet<number>>();

/** Letters that the font has none for stand as a box, never as something else. */
function writable(font: PDFFont, text: string): string {
  const known = LETTERS.get(font) ?? new Set(font.getCharacterSet());
  LETTERS.set(font, known);
  return [...text.replaceAll(/[\r\n\t]+/g, " ")]
    .filter((letter) => !/\p{Cc}|\p{Cf}/u.test(letter))
    .map((letter) => (known.has(letter.codePointAt(0) ?? 0) ? letter : "\u25a1"))
    .join("");
}

const WIDTHS = new WeakMap<PDFFont, Map<string, number>>();

/** How wide a text is, in points: each letter is measured once, since shaping whole texts takes long. */
function widthOf(font: PDFFont, text: string, size: number): number {
  const known = WIDTHS.get(font) ?? new Map<string, number>();
  WIDTHS.set(font, known);
  let sum = 0;
  for (const letter of text) {
    const width = known.get(letter) ?? font.widthOfTextAtSize(letter, 1);
    known.set(letter, width);
    sum += width;
  }
  return sum * size;
}

/** No line has more letters than this, however narrow they are. */
const MOST_OF_A_LINE = 400;

/** How many letters of a word go into a width, one at least; found by halves. */
function lettersThatFit(word: string, width: number, widthOf: (text: string) => number): number {
  let [fits, tooMany] = [1, Math.min(word.length, MOST_OF_A_LINE)];
  while (tooMany - fits > 1) {
    const half = Math.floor((fits + tooMany) / 2);
    if (widthOf(word.slice(0, half)) <= width) fits = half;
    else tooMany = half;
  }
  return fits;
}

/** A text in lines of a width, broken between words, and within one that is longer than a line. */
export function linesOf(text: string, width: number, widthOf: (text: string) => number): readonly string[] {
  const lines: string[] = [];
  let line = "";
  const push = () => {
    if (line) lines.push(line);
    line = "";
  };
  for (const word of text.split(" ").filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word;
    if (widthOf(longer) <= width) {
      line = longer;
      continue;
    }
    push();
    let rest = word;
    while (rest.length > 1 && widthOf(rest.slice(0, MOST_OF_A_LINE)) > width) {
      const most = lettersThatFit(rest, width, widthOf);
      lines.push(rest.slice(0, most));
      rest = rest.slice(most);
    }
    line = rest;
  }
  push();
  return lines;
}

/** Where the next line goes, from the top of one page to the foot of the last. */
class Writer {
  private page: PDFPage;
  private y = PAGE.height - MARGIN;

  constructor(
    private readonly document: PDFDocument,
    private readonly fonts: Fonts,
  ) {
    this.page = document.addPage([PAGE.width, PAGE.height]);
  }

  /** Makes sure of so much room; gives whether that took another page. */
  private room(height: number): boolean {
    if (this.y - height >= MARGIN) return false;
    this.page = this.document.addPage([PAGE.width, PAGE.height]);
    this.y = PAGE.height - MARGIN;
    return true;
  }

  private split(text: string, width: number, font: PDFFont, size: number): readonly string[] {
    return linesOf(writable(font, text), width, (one) => widthOf(font, one, size));
  }

  private lines(lines: readonly string[], x: number, font: PDFFont, size: number, color = INK) {
    for (const line of lines) {
      this.room(size * LEADING);
      this.y -= size * LEADING;
      this.page.drawText(line, { x, y: this.y, size, font, color });
    }
  }

  heading(level: 1 | 2 | 3, text: string) {
    const size = SIZES[level];
    // Never alone at the foot of a page.
    this.room(size * LEADING + 4 * TEXT * LEADING);
    this.y -= level === 1 ? 0 : GAP / 2;
    this.lines(this.split(text, ROOM, this.fonts.bold, size), MARGIN, this.fonts.bold, size);
    this.y -= 4;
  }

  words(text: string) {
    this.lines(this.split(text, ROOM, this.fonts.plain, TEXT), MARGIN, this.fonts.plain, TEXT);
    this.y -= 5;
  }

  list(items: readonly string[]) {
    for (const item of items) {
      const lines = this.split(item, ROOM - 14, this.fonts.plain, TEXT);
      this.room(TEXT * LEADING);
      const top = this.y - TEXT * LEADING;
      this.page.drawText("–", { x: MARGIN, y: top, size: TEXT, font: this.fonts.plain, color: FAINT });
      this.lines(lines, MARGIN + 14, this.fonts.plain, TEXT);
    }
    this.y -= 5;
  }

  outline({ parts, colour, wide, high }: Outline) {
    const points = parts.flat();
    if (points.length < 3) return;
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
    const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - bottom];
    const scale = Math.min((ROOM - 90) / width, 190 / height);
    const drawn = { width: width * scale, height: height * scale };
    this.room(drawn.height + 26);
    const base = this.y - drawn.height - 4;
    for (const part of parts) {
      if (part.length < 3) continue;
      // A path is drawn downwards from where it is put.
      const at = ([x, y]: readonly [number, number]) =>
        `${((x - left) * scale).toFixed(2)} ${(drawn.height - (y - bottom) * scale).toFixed(2)}`;
      this.page.drawSvgPath(`M${part.map(at).join("L")}Z`, {
        x: MARGIN,
        y: base + drawn.height,
        color: colourOf(colour),
        borderColor: INK,
        borderWidth: 0.7,
      });
    }
    const { plain } = this.fonts;
    const told = writable(plain, wide);
    this.page.drawText(told, {
      x: MARGIN + (drawn.width - widthOf(plain, told, TEXT)) / 2,
      y: base - TEXT * 1.3,
      size: TEXT,
      font: plain,
      color: INK,
    });
    this.page.drawText(writable(plain, high), {
      x: MARGIN + drawn.width + 8,
      y: base + drawn.height / 2 - TEXT / 2,
      size: TEXT,
      font: plain,
      color: INK,
    });
    this.y = base - 22;
  }

  async chart({ chart, name, signs }: Extract<Block, { readonly kind: "chart" }>) {
    const picture = await this.document.embedPng(await (await chartPng(chart, name)).arrayBuffer());
    // As large as it is on paper, and no larger than a page.
    const scale = Math.min(
      POINTS_PER_INCH / PX_PER_INCH,
      ROOM / picture.width,
      (PAGE.height - 2 * MARGIN - 40) / picture.height,
    );
    const drawn = { width: picture.width * scale, height: picture.height * scale };
    this.room(drawn.height + 24);
    this.lines([writable(this.fonts.bold, name)], MARGIN, this.fonts.bold, SIZES[3]);
    this.y -= drawn.height + 6;
    this.page.drawImage(picture, { x: MARGIN, y: this.y, ...drawn });
    this.y -= 12;
    if (signs !== null) this.behind(signs, this.y + 12 + drawn.height, drawn.height + 10);
  }

  /** Text that is not seen, behind a picture: for those who hear the page, or copy from it. */
  private behind(text: string, top: number, height: number) {
    const lines = text.split("\n");
    const size = Math.min(TEXT, height / (lines.length * LEADING));
    this.page.pushOperators(setTextRenderingMode(TextRenderingMode.Invisible));
    lines.forEach((line, index) => {
      const y = top - (index + 1) * size * LEADING;
      this.page.drawText(writable(this.fonts.plain, line), { x: MARGIN, y, size, font: this.fonts.plain });
    });
    this.page.pushOperators(setTextRenderingMode(TextRenderingMode.Fill));
  }

  table(head: readonly string[], rows: readonly (readonly string[])[], wide: number) {
    const { plain, bold } = this.fonts;
    const between = 10;
    const widths = head.map((name, at) => {
      const all = rows.map((row) => widthOf(plain, writable(plain, row[at] ?? ""), TEXT));
      return Math.min(ROOM / 3, Math.max(widthOf(bold, name, TEXT), ...all));
    });
    const others = widths.reduce((sum, width, at) => (at === wide ? sum : sum + width), 0);
    widths[wide] = Math.max(60, ROOM - others - between * (head.length - 1));
    const draw = (cells: readonly string[], font: PDFFont, color = INK) => {
      const split = cells.map((cell, at) => this.split(cell, widths[at] ?? 60, font, TEXT));
      const height = Math.max(1, ...split.map((lines) => lines.length)) * TEXT * LEADING;
      if (this.room(Math.min(height, 200)) && font !== bold) draw(head, bold, FAINT);
      const top = this.y;
      let lowest = top;
      let x = MARGIN;
      split.forEach((lines, at) => {
        this.y = top;
        this.lines(lines, x, font, TEXT, color);
        lowest = Math.min(lowest, this.y);
        x += (widths[at] ?? 60) + between;
      });
      this.y = lowest - 2.5;
      this.page.drawLine({
        start: { x: MARGIN, y: this.y },
        end: { x: PAGE.width - MARGIN, y: this.y },
        thickness: 0.4,
        color: LINE,
      });
      this.y -= 1;
    };
    draw(head, bold, FAINT);
    for (const row of rows) draw(row, plain);
    this.y -= 7;
  }
}

/** Example: "#7a8b6f". */
function colourOf(colour: string) {
  const [red = 0.5, green = 0.5, blue = 0.5] = [1, 3, 5].map(
    (at) => parseInt(colour.slice(at, at + 2), 16) / 255,
  );
  return rgb(red, green, blue);
}

async function write(writer: Writer, block: Block) {
  switch (block.kind) {
    case "heading":
      return writer.heading(block.level, block.text);
    case "words":
      return block.text.split(/\n+/).forEach((text) => writer.words(text));
    case "list":
      return writer.list(block.items);
    case "outline":
      return writer.outline(block.outline);
    case "chart":
      return writer.chart(block);
    case "table":
      return writer.table(block.head, block.rows, block.wide);
  }
}

const fontAt = async (name: string) => {
  const response = await fetch(`/fonts/${name}.ttf`);
  if (!response.ok) throw new Error("the letters cannot be loaded");
  return response.arrayBuffer();
};

/** The blocks on pages, each with its number and the project's name at the foot. Rejects where the letters are missing. */
export async function sheetPdf(
  blocks: readonly Block[],
  title: string,
  letters = fontAt,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  const [plain, bold] = await Promise.all(
    ["DejaVuSans", "DejaVuSans-Bold"].map(async (name) =>
      document.embedFont(await letters(name), { subset: true }),
    ),
  );
  if (!plain || !bold) throw new Error("there are two fonts");
  document.setTitle(title);
  document.setCreator("Brenok");
  const writer = new Writer(document, { plain, bold });
  for (const block of blocks) {
    await write(writer, block);
    // The page goes on being drawn meanwhile.
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
  const pages = document.getPages();
  pages.forEach((page, at) => {
    const foot = `${writable(plain, title).slice(0, 80)}  ·  ${at + 1} of ${pages.length}`;
    page.drawText(foot, { x: MARGIN, y: MARGIN / 2, size: 8, font: plain, color: FAINT });
  });
  return document.save();
}
