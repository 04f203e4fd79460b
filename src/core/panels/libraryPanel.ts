/** What the library tells of a panel. */

export interface LibraryPanel {
  readonly id: string;
  readonly name: string;
  /** Where British words differ. */
  readonly uk?: string;
  readonly family: "Ropes" | "Braids and plaits" | "Lattices" | "Travelling" | "Texture" | "Grounds";
  /** How it lies, and what it wants beside it. */
  readonly lies: string;
  readonly text: string;
}
