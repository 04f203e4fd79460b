"use client";
import type { ReactNode } from "react";
import type { WhyAsked } from "@/core/reasons/asked";
import { askWhy } from "@/state/chosen/why";

interface WhyProps {
  readonly of: WhyAsked;
  readonly children: ReactNode;
  /** How it is asked; by itself where nothing is said, and not within another reason. */
  readonly ask?: (asked: WhyAsked) => void;
}

/** A figure that can be asked why it is what it is. */
export const Why = ({ of, children, ask = askWhy }: WhyProps) => (
  <button type="button" title="Why this number?" onClick={() => ask(of)} className="why">
    {children}
  </button>
);
