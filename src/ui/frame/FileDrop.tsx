"use client";
import { useEffect, useState } from "react";
import { openProjectFile } from "./projectFiles";

/** A project file dropped anywhere on the page is opened. */
export function FileDrop() {
  const [over, setOver] = useState(false);
  useEffect(() => {
    const hasFile = (event: DragEvent) => event.dataTransfer?.types.includes("Files") ?? false;
    const drag = (event: DragEvent) => {
      if (!hasFile(event)) return;
      event.preventDefault();
      setOver(true);
    };
    const leave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false);
    };
    const drop = (event: DragEvent) => {
      setOver(false);
      const file = event.dataTransfer?.files[0];
      if (!file) return;
      event.preventDefault();
      void openProjectFile(file);
    };
    window.addEventListener("dragover", drag);
    window.addEventListener("dragleave", leave);
    window.addEventListener("drop", drop);
    return () => {
      window.removeEventListener("dragover", drag);
      window.removeEventListener("dragleave", leave);
      window.removeEventListener("drop", drop);
    };
  }, []);
  if (!over) return null;
  return (
    <div className="pointer-events-none fixed inset-4 z-50 grid place-items-center rounded-2xl border-4 border-dashed border-woad bg-paper/85 font-display text-3xl">
      Drop a project to open it
    </div>
  );
}
