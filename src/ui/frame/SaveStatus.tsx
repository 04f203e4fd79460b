"use client";
import { Button } from "@/ui/parts/Button";
import { useSaveState } from "@/state/keeping/autosave";
import { saveNow } from "@/state/keeping/session";

/** Whether everything is kept. Silence would be cheaper, but a knitter should not have to wonder. */
export function SaveStatus() {
  const state = useSaveState();
  if (state.kind === "failed")
    return (
      <span role="alert" className="text-sm font-semibold text-madder">
        Not saved: this browser has no room for it.{" "}
        <Button onClick={saveNow} look="bare" className="underline">
          Try again
        </Button>
      </span>
    );
  return (
    <span role="status" className="mr-1 hidden text-sm text-faint sm:inline">
      {state.kind === "saved" ? "Saved in this browser" : "Saving …"}
    </span>
  );
}
