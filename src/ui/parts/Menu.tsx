"use client";
import { Slot } from "radix-ui";
import { lazy, Suspense, useState, type KeyboardEvent } from "react";
import type { MenuProps } from "./OpenMenu";

/** Loaded when a pointer or the keyboard comes near it. */
const load = () => import("./OpenMenu").then(({ OpenMenu }) => ({ default: OpenMenu }));
const OpenMenu = lazy(load);
const comeNear = () => void load();

/** The one menu: acts under a button, each with its keys where it has some. */
export function Menu(props: MenuProps) {
  const [wanted, setWanted] = useState(false);
  const open = () => setWanted(true);
  const openByKey = (event: KeyboardEvent) => {
    if (event.key !== "ArrowDown") return;
    event.preventDefault();
    open();
  };
  const closed = (
    <Slot.Root
      aria-haspopup="menu"
      aria-expanded={false}
      onPointerEnter={comeNear}
      onFocus={comeNear}
      onClick={open}
      onKeyDown={openByKey}
    >
      {props.trigger}
    </Slot.Root>
  );
  return wanted ? (
    <Suspense fallback={closed}>
      <OpenMenu {...props} />
    </Suspense>
  ) : (
    closed
  );
}
