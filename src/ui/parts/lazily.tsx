"use client";
import { lazy, Suspense, useState, type ComponentType, type ReactNode } from "react";
import { Boundary } from "./Boundary";

interface HowLazily<Props> {
  /** What stands there until it is loaded. */
  readonly waiting?: ReactNode;
  /** It lies over the page, and this closes it. */
  readonly close?: (props: Props) => void;
}

/**
 * A part that is loaded when it is first shown. One that cannot be loaded, or breaks, says so in its place and can be
 * tried again. Example: `lazily("Ledger", () => import("./LedgerCard").then((file) => file.LedgerCard))`.
 */
export function lazily<Props extends object>(
  name: string,
  load: () => Promise<ComponentType<Props>>,
  { waiting = null, close }: HowLazily<Props> = {},
): ComponentType<Props> {
  const loading = () => lazy(() => load().then((part) => ({ default: part })));
  const first = loading();
  return function Lazily(props: Props) {
    const [Part, setPart] = useState<ComponentType<Props>>(() => first as ComponentType<Props>);
    return (
      <Boundary
        name={name}
        onAgain={() => setPart(() => loading() as ComponentType<Props>)}
        {...(close && { onClose: () => close(props) })}
      >
        <Suspense fallback={waiting}>
          <Part {...props} />
        </Suspense>
      </Boundary>
    );
  };
}
