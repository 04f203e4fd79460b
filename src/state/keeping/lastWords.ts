/** What is written at once when a page goes away, since the database may not finish in time. */
import { dropQuietly, keepQuietly, keysOf, recall } from "./quietly";

const KEY = "brenok-last-word ";

interface LastWord {
  /** The version that it goes on from. */
  readonly from: number;
  readonly text: string;
}

/** Where there is no room for it, the database's try has to do. */
export const sayLast = (of: string, word: LastWord) =>
  void keepQuietly("localStorage", KEY + of, JSON.stringify(word));

export const forgetLast = (of: string) => dropQuietly("localStorage", KEY + of);

/** Last words that have not reached the database, by what they are of. */
export function lastWords(): readonly (LastWord & { readonly of: string })[] {
  return keysOf("localStorage")
    .filter((key) => key.startsWith(KEY))
    .flatMap((key) => {
      try {
        const { from, text } = JSON.parse(recall("localStorage", key) ?? "") as Partial<LastWord>;
        return typeof from === "number" && typeof text === "string"
          ? [{ of: key.slice(KEY.length), from, text }]
          : [];
      } catch {
        return [];
      }
    });
}
