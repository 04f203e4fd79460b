/** The knitting sheet as plain text, to be pasted anywhere. */
import type { Block } from "./sheet";

const RULES = { 1: "=", 2: "-", 3: "" } as const;

/** A table with its columns side by side; the last column runs on. */
function tableText(head: readonly string[], rows: readonly (readonly string[])[]): string {
  const all = [head, ...rows];
  const widths = head.map((_, at) => Math.max(...all.map((row) => (row[at] ?? "").length)));
  return all
    .map((row) =>
      row
        .map((cell, at) => (at === row.length - 1 ? cell : cell.padEnd(Math.min(widths[at] ?? 0, 40))))
        .join("  ")
        .trimEnd(),
    )
    .join("\n");
}

function textOf(block: Block): string {
  switch (block.kind) {
    case "heading": {
      const rule = RULES[block.level];
      return rule ? `${block.text}\n${rule.repeat(block.text.length)}` : block.text;
    }
    case "words":
      return block.text;
    case "list":
      return block.items.map((item) => `- ${item}`).join("\n");
    case "table":
      return tableText(block.head, block.rows);
    case "chart":
      return block.signs === null ? "" : `${block.name}\n${block.signs}`;
    // What is a picture only is told by its measures, piece by piece.
    case "outline":
      return "";
  }
}

export const sheetText = (blocks: readonly Block[]) => `${blocks.map(textOf).filter(Boolean).join("\n\n")}\n`;
