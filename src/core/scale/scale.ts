/** What a kitchen scale is to Brenok: a stream of readings, a tare and a hold. Any scale can stand behind it. */

export type ScaleEvent =
  | { readonly kind: "connected" }
  | {
      readonly kind: "reading";
      readonly massG: number;
      /** Whether it has stood still long enough to be taken. */
      readonly steady: boolean;
      readonly held: boolean;
    }
  | { readonly kind: "lost"; readonly why: string };

export interface Scale {
  readonly name: string;
  /** What it shows steps of. */
  readonly stepG: number;
  /** Fails with a word for the knitter where it cannot be reached. */
  readonly connect: () => Promise<void>;
  readonly disconnect: () => void;
  /** Tells of everything that happens, until the result is called. */
  readonly listen: (listener: (event: ScaleEvent) => void) => () => void;
  /** Shows nought from now on for what lies on it. */
  readonly tare: () => void;
  /** Keeps the reading, or lets it go on. */
  readonly hold: (on: boolean) => void;
}
