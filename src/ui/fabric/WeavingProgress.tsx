"use client";
import { Button } from "@/ui/parts/Button";
import { useEffect, useState } from "react";

interface WeavingProgressProps {
  /** Share that is done; null while nothing runs. */
  readonly progress: number | null;
  readonly onStop: () => void;
  /** What is being done. */
  readonly label?: string;
}

/** Work that is done sooner than this shows no progress: a flicker helps nobody. */
const PATIENCE_MS = 400;

/** How far a large fabric is, and a way to stop it. */
export function WeavingProgress({ progress, onStop, label = "Relaxing the fabric" }: WeavingProgressProps) {
  const running = progress !== null;
  const [long, setLong] = useState(false);
  useEffect(() => {
    if (!running) return;
    const timer = setTimeout(() => setLong(true), PATIENCE_MS);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [running]);
  if (!running || !long) return null;
  return (
    <div className="mt-2 flex items-center gap-3 text-sm">
      <progress value={progress} max={1} aria-label={label} className="flex-1" />
      <Button onClick={onStop} size="small">
        Stop
      </Button>
    </div>
  );
}
