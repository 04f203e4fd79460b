"use client";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { openStart } from "@/state/chosen/startSheet";
import { SHELF_PATH } from "./benches";
import { ACCEPTED, FILE_INPUT, openFile } from "./projectFiles";

/** Where project files and tables come in: chosen in the browser’s dialog, or dropped anywhere on the page. */
export function FileDrop() {
  const router = useRouter();
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
      if (/\.(csv|tsv)$/i.test(file.name)) {
        // The shelf's own code comes with its page: nobody else waits for it.
        void import("@/state/buying/shelf").then(({ openTable }) => openTable(file));
        router.push(SHELF_PATH);
      } else if (/\.(pdf|docx|txt)$/i.test(file.name)) openStart(true, file);
      else openFile(file);
    };
    window.addEventListener("dragover", drag);
    window.addEventListener("dragleave", leave);
    window.addEventListener("drop", drop);
    return () => {
      window.removeEventListener("dragover", drag);
      window.removeEventListener("dragleave", leave);
      window.removeEventListener("drop", drop);
    };
  }, [router]);
  return (
    <>
      <input
        id={FILE_INPUT}
        type="file"
        hidden
        accept={ACCEPTED}
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) openFile(file);
          target.value = "";
        }}
      />
      {over && (
        <div className="pointer-events-none fixed inset-4 z-50 grid place-items-center rounded-2xl border-4 border-dashed border-woad bg-paper/85 font-display text-3xl">
          Drop a project to open it, a pattern to read it, or a table for the shelf
        </div>
      )}
    </>
  );
}
