/** Many JSON values in one text, told apart as it comes: a list, lines of JSON, or both. */

import { Nesting } from "./nesting";

const IDLE = /[\s,\ufeff]/;

export class ValuesIn {
  #value = "";
  readonly #nesting = new Nesting();
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
      if (this.#nesting.depth === 0) {
        if (this.#begins(sign)) from = at;
      } else if (this.#inside(sign)) {
        this.tell(this.#value + text.slice(from, at + 1));
        this.#value = "";
      }
    }
    if (this.#nesting.depth > 0) this.#value += text.slice(from);
    if (this.#value.length > this.mostLetters) throw new RangeError("A value is too long.");
  }

  /** Says that nothing more comes. */
  end(): void {
    if (this.#nesting.depth > 0 || (this.#listed && !this.#ended))
      throw new SyntaxError("The body ends within a value.");
  }

  /** Reads on between values; true where one begins. */
  #begins(sign: string): boolean {
    if (sign === "{" && !this.#ended) this.#nesting.take(sign);
    else if (sign === "[" && !this.#listed) this.#listed = true;
    else if (sign === "]" && this.#listed && !this.#ended) this.#ended = true;
    else if (!IDLE.test(sign)) throw new SyntaxError("Something stands between the projects.");
    return this.#nesting.depth === 1;
  }

  /** Reads on within a value; true where it has ended. */
  #inside(sign: string): boolean {
    this.#nesting.take(sign);
    return this.#nesting.depth === 0;
  }
}
