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
export function SaveStatus() {
  const state = useSaveState();
  if (state.kind === "failed")
    return (
      <span role="alert" className="text-sm font-semibold text-madder">
        Not saved: {WHY[state.why]}{" "}
        <Button onClick={() => void saveNow()} look="bare" className="underline">
          Try again
        </Button>{" "}
        <Button onClick={saveProjectFile} look="bare" className="underline">
          Save to a file
        </Button>
      </span>
    );
  return (
    <span role="status" className="mr-1 hidden text-sm text-faint sm:inline">
      {state.kind === "saved" ? "Saved in this browser" : "Saving …"}
    </span>
  );
}
