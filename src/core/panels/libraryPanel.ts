/** What the library tells of a panel. */

export interface LibraryPanel {
  readonly id: string;
  readonly name: string;
  /** Where British words differ. */
  readonly uk?: string;
  readonly family: "Ropes" | "Braids and plaits" | "Lattices" | "Travelling" | "Texture" | "Grounds";
  /** How it lies. */
  readonly lies: string;
  /** What it needs at its sides. */
  readonly sides: string;
  readonly text: string;
}
