"use client";
import { useState } from "react";
import { Button } from "@/ui/parts/Button";
import { toast } from "@/ui/parts/toast";
import { NoText, textOfFile } from "./patternFile";

/** A file that is being read: how far it is, and what stops it. */
interface Opening {
  readonly name: string;
  readonly share: number;
  readonly stop: AbortController;
}

/** Reads the text of a file, with progress and a way to stop it. */
export function useOpening(onText: (text: string) => void) {
  const [opening, setOpening] = useState<Opening | null>(null);
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  const take = async (file: File) => {
    const stop = new AbortController();
    setOpening({ name: file.name, share: 0, stop });
    try {
      const read = await textOfFile(
        file,
        (share) => setOpening({ name: file.name, share, stop }),
        stop.signal,
      );
      onText(read.text);
      setLeftOut(read.leftOut);
    } catch (error) {
      if (error instanceof NoText) toast.error(error.message, { duration: 12_000 });
      else if (!stop.signal.aborted) toast.error(`${file.name} could not be read.`);
    }
    setOpening(null);
  };
  return { opening, leftOut, take };
}

/** How far the file is that is being read; nothing where none is. */
export function OpeningBar({ opening }: { readonly opening: Opening | null }) {
  return (
    opening && (
      <div role="status" className="mt-2 flex flex-wrap items-center gap-3">
        <span>Reading {opening.name} …</span>
        <progress value={opening.share} className="h-2 min-w-24 flex-1" />
        <Button size="small" onClick={() => opening.stop.abort()}>
          Stop
        </Button>
      </div>
    )
  );
}
