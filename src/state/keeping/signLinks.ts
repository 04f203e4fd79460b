/** What the knitter said of charts in signs: which stitch a sign stands for, linked once and known the next time. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import type { SignLinks } from "@/core/signs/signKey";
import type { Between } from "@/core/signs/signRows";
import { withEntry } from "./entry";
import { quietStorage } from "./quietly";

interface KnownSigns {
  readonly links: SignLinks;
  /** Of rows that are not drawn; null as long as nobody said. */
  readonly between: Between | null;
}

export const useSignLinks = create<KnownSigns>()(
  persist((): KnownSigns => ({ links: {}, between: null }), {
    name: "brenok-signs",
    storage: quietStorage(),
    // What is worked between rows is said anew of every chart.
    partialize: ({ links }) => ({ links }),
  }),
);

/** Links a sign with a stitch, by its id; null takes the link away. */
export const linkSign = (sign: string, stitch: string | null) =>
  useSignLinks.setState(({ links }) => ({ links: withEntry(links, sign, stitch) }));

export const sayBetween = (between: Between | null) => useSignLinks.setState({ between });
