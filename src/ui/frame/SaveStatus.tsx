"use client";
import { Button } from "@/ui/parts/Button";
import { saveNow, useSaveState, type Unkept } from "@/state/keeping/autosave";
import { saveProjectFile } from "./projectFiles";

const WHY: Readonly<Record<Unkept, string>> = {
  full: "this browser has no room for it.",
  denied: "this browser does not let Brenok keep anything.",
  silent: "this browser’s storage does not answer.",
  newer: "a newer Brenok was used here. Reload to use it.",
  failed: "this browser’s storage fails.",
};

/** Whether everything is kept. Silence would be cheaper, but a knitter should not have to wonder. */
export function Saved() {
  const { kind } = useSaveState();
  if (kind === "failed") return null;
  return (
    <span
      role="status"
      title="In this browser, by itself"
      className="min-w-16 text-right text-sm text-faint max-md:sr-only"
    >
      {kind === "saved" ? "Saved" : "Saving …"}
    </span>
  );
}

/** What could not be kept, and what can be done about it. */
export function NotSaved() {
  const state = useSaveState();
  if (state.kind !== "failed") return null;
  return (
    <p role="alert" className="py-1 text-sm font-semibold text-madder">
      Not saved: {WHY[state.why]}{" "}
      <Button onClick={() => void saveNow()} look="bare" className="underline">
        Try again
      </Button>{" "}
      <Button onClick={saveProjectFile} look="bare" className="underline">
        Save to a file
      </Button>
    </p>
  );
}
