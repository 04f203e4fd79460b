/** A pattern as it is printed: laid out in lines and columns on pages with heads, feet and numbers. */

interface Letters {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface PrintedManner {
  readonly columns: 1 | 2;
  /** Letters in a line. */
  readonly wide: number;
  readonly head: string | null;
  readonly numbers: boolean;
  /** Whether words are parted at the ends of lines. */
  readonly parted: boolean;
}

const PAGE = { width: 595, height: 842, margin: 50, lines: 52 };
const LETTER = { height: 10, width: 5, line: 14 };

/** The lines of a text, broken where they are full; words of small letters may be parted. */
function wrapped(text: string, { wide, parted }: PrintedManner): readonly string[] {
  return text.split("\n").flatMap((paragraph) => {
    const lines: string[] = [];
    let line = "";
    for (const word of paragraph.split(" ")) {
      const room = wide - line.length - 1;
      if (line === "" || word.length <= room) line = line === "" ? word : `${line} ${word}`;
      else if (parted && /^[a-z]{7,}[.,]?$/.test(word) && room >= 5) {
        lines.push(`${line} ${word.slice(0, 3)}-`);
        line = word.slice(3);
      } else {
        lines.push(line);
        line = word;
      }
    }
    return [...lines, line];
  });
}

/** The pages of a text, each as runs of letters; every word is a run of its own. */
export function printed(text: string, manner: PrintedManner): readonly (readonly Letters[])[] {
  const lines = wrapped(text, manner);
  const perPage = PAGE.lines * manner.columns;
  const across = (PAGE.width - 2 * PAGE.margin) / manner.columns;
  return Array.from({ length: Math.ceil(lines.length / perPage) }, (_, page) => {
    const runs: Letters[] = [];
    const put = (words: string, x: number, y: number) => {
      let at = x;
      for (const word of words.split(" ")) {
        if (word !== "")
          runs.push({ text: word, x: at, y, width: word.length * LETTER.width, height: LETTER.height });
        at += (word.length + 1) * LETTER.width;
      }
    };
    const top = PAGE.height - PAGE.margin;
    lines.slice(page * perPage, (page + 1) * perPage).forEach((line, index) => {
      const column = Math.floor(index / PAGE.lines);
      put(line, PAGE.margin + column * across, top - (index % PAGE.lines) * LETTER.line);
    });
    if (manner.head !== null) put(manner.head, PAGE.margin, PAGE.height - 20);
    if (manner.numbers) put(String(page + 1), PAGE.width / 2, 20);
    return runs;
  });
}
