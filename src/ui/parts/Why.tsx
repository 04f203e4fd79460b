"use client";
import type { ReactNode } from "react";
import type { WhyAsked } from "@/core/reasons/asked";
import { askWhy } from "@/state/chosen/why";

interface WhyProps {
  readonly of: WhyAsked;
  readonly children: ReactNode;
}

/** A figure that can be asked why it is what it is. */
export const Why = ({ of, children }: WhyProps) => (
  <button type="button" title="Why this number?" onClick={() => askWhy(of)} className="why">
    {children}
  </button>
);
