/** The text of a document as word processors keep it: paragraphs as lines, rows of a table with bars. */

const ENTITIES: Readonly<Record<string, string>> = { amp: "&", lt: "<", gt: ">", quot: '"', apos: "'" };

const decoded = (text: string) =>
  text.replace(
    /&(?:#(\d{1,7})|#x([\da-f]{1,6})|(\w+));/gi,
    (all, ten?: string, sixteen?: string, name?: string) => {
      if (name !== undefined) return ENTITIES[name.toLowerCase()] ?? all;
      const code = ten === undefined ? Number.parseInt(sixteen ?? "", 16) : Number(ten);
      return code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : " ";
    },
  );

/** Everything of the document's markup that says something of its text. */
const MARKS =
  /<w:t(?:\s[^>]*)?>([^<]*)<\/w:t>|<w:(tab|br|cr)(?:\s[^>]*)?\/>|<(\/?)w:(p|tr|tc|noBreakHyphen|del)(?:\s[^>]*)?(\/?)>/g;

/**
 * The text of a document's main part. What was deleted while changes were followed is not in it.
 * Example: `<w:p><w:r><w:t>Cast on 40 sts.</w:t></w:r></w:p>` is "Cast on 40 sts.\n".
 */
export function textOfDocument(markup: string): string {
  let text = "";
  let cells = 0;
  let deleted = 0;
  for (const [, said, sign, closing, element, empty] of markup.matchAll(MARKS)) {
    if (said !== undefined) {
      if (deleted === 0) text += decoded(said);
    } else if (sign !== undefined) text += sign === "tab" ? " " : "\n";
    else if (element === "noBreakHyphen") text += "-";
    else if (element === "del") deleted += closing ? -1 : empty ? 0 : 1;
    else if (element === "tr") text += closing ? "|\n" : "";
    else if (element === "tc") {
      cells += closing ? -1 : empty ? 0 : 1;
      if (!closing) text = `${text.trimEnd()}${text.endsWith("\n") || text === "" ? "\n" : " "}| `;
    } else if (element === "p" && (closing || empty)) text += cells > 0 ? " " : "\n";
  }
  return text.replace(/\n{3,}/g, "\n\n").trim();
}
