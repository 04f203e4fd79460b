"use client";
import { useEffect, useState } from "react";
import { useSettings } from "@/state/keeping/settings";
import { Tick } from "@/ui/parts/Tick";

/** Keeps the screen on while the page is looked at; `held` is null where the browser cannot. */
function useAwake(wanted: boolean): boolean | null {
  const [held, setHeld] = useState<boolean | null>(false);
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const ask = async () => {
      if (!("wakeLock" in navigator)) return setHeld(null);
      if (!wanted || document.visibilityState !== "visible") return;
      try {
        const given = await navigator.wakeLock.request("screen");
        if (left) return void given.release();
        lock = given;
        setHeld(true);
      } catch {
        setHeld(false);
      }
    };
    const seen = () => void ask();
    void ask();
    document.addEventListener("visibilitychange", seen);
    return () => {
      left = true;
      document.removeEventListener("visibilitychange", seen);
      void lock?.release();
      setHeld(false);
    };
  }, [wanted]);
  return held;
}

/** Whether the screen stays on, and plain words where it cannot be kept. */
export function AwakeTick() {
  const awake = useSettings((settings) => settings.awake);
  const held = useAwake(awake);
  if (held === null)
    return (
      <p className="text-sm text-faint">
        This browser cannot keep the screen on here: set its time-out in the device’s own settings.
      </p>
    );
  return (
    <Tick checked={awake} onChange={(on) => useSettings.setState({ awake: on })}>
      Keep the screen on
    </Tick>
  );
}
