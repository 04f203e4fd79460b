/** How deep one is in a JSON text, sign by sign, without taking it apart. */
export class Nesting {
  /** Lists and objects that are open here. */
  depth = 0;
  #quoted = false;
  #escaped = false;

  /** Reads the next sign. */
  take(sign: string): void {
    if (this.#escaped) this.#escaped = false;
    else if (this.#quoted) {
      if (sign === "\\") this.#escaped = true;
      else if (sign === '"') this.#quoted = false;
    } else if (sign === '"') this.#quoted = true;
    else if (sign === "{" || sign === "[") this.depth += 1;
    else if (sign === "}" || sign === "]") this.depth -= 1;
  }
}
