/** Many JSON values in one text, told apart as it comes: a list, lines of JSON, or both. */

const IDLE = /[\s,\ufeff]/;

export class ValuesIn {
  #value = "";
  #depth = 0;
  #quoted = false;
  #escaped = false;
  #listed = false;
  #ended = false;

  /** `tell` is given the text of each object; `mostLetters` bounds one. Throws where something else stands there. */
  constructor(
    readonly tell: (text: string) => void,
    readonly mostLetters: number,
  ) {}

  /** Takes in what has come. */
  take(text: string): void {
    let from = 0;
    for (let at = 0; at < text.length; at += 1) {
      const sign = text[at] ?? "";
      if (this.#depth === 0) {
        if (this.#begins(sign)) from = at;
      } else if (this.#inside(sign)) {
        this.tell(this.#value + text.slice(from, at + 1));
        this.#value = "";
      }
    }
    if (this.#depth > 0) this.#value += text.slice(from);
    if (this.#value.length > this.mostLetters) throw new RangeError("A value is too long.");
  }

  /** Says that nothing more comes. */
  end(): void {
    if (this.#depth > 0 || (this.#listed && !this.#ended))
      throw new SyntaxError("The body ends within a value.");
  }

  /** Reads on between values; true where one begins. */
  #begins(sign: string): boolean {
    if (sign === "{" && !this.#ended) this.#depth = 1;
    else if (sign === "[" && !this.#listed) this.#listed = true;
    else if (sign === "]" && this.#listed && !this.#ended) this.#ended = true;
    else if (!IDLE.test(sign)) throw new SyntaxError("Something stands between the projects.");
    return this.#depth === 1;
  }

  /** Reads on within a value; true where it has ended. */
  #inside(sign: string): boolean {
    if (this.#escaped) this.#escaped = false;
    else if (this.#quoted) {
      if (sign === "\\") this.#escaped = true;
      else if (sign === '"') this.#quoted = false;
    } else if (sign === '"') this.#quoted = true;
    else if (sign === "{" || sign === "[") this.#depth += 1;
    else if (sign === "}" || sign === "]") this.#depth -= 1;
    return this.#depth === 0;
  }
}
