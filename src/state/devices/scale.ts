/** The scale that is connected, and the simulated one that ships with Brenok. */
import { create } from "zustand";
import { EMPTY_PAN, held, later, put, shown, tared, type PanState } from "@/core/scale/kitchenScale";
import type { Scale, ScaleEvent } from "@/core/scale/scale";

const EVERY_MS = 100;
/** A radio needs a moment to find what it looks for. */
const FINDING_MS = 600;

/** Standard normal, after Box and Muller. */
const normal = () => Math.sqrt(-2 * Math.log(1 - Math.random())) * Math.cos(2 * Math.PI * Math.random());

/** A scale that is not there but behaves as one: things can be laid on it, and its connection can be lost. */
export interface SimulatedScale extends Scale {
  readonly lay: (loadG: number) => void;
  readonly loseConnection: () => void;
}

function simulatedScale(stepG: number): SimulatedScale {
  const listeners = new Set<(event: ScaleEvent) => void>();
  let pan: PanState = EMPTY_PAN;
  let timer: ReturnType<typeof setInterval> | undefined;
  let wanted = false;
  const tell = (event: ScaleEvent) => listeners.forEach((listener) => listener(event));
  const stop = () => {
    clearInterval(timer);
    wanted = false;
  };
  const tick = () => {
    pan = later(pan, stepG, { seconds: EVERY_MS / 1000, tremble: normal(), creep: normal() });
    tell({ kind: "reading", ...shown(pan, stepG), held: pan.heldG !== null });
  };
  return {
    name: `Simulated scale, steps of ${stepG} g`,
    stepG,
    connect: () =>
      new Promise((resolve) => {
        wanted = true;
        setTimeout(() => {
          resolve();
          // It may have been given up while it was looked for.
          if (!wanted) return;
          clearInterval(timer);
          // It was switched off in between: tare and hold are forgotten, what lies on it is not.
          pan = { ...EMPTY_PAN, loadG: pan.loadG };
          timer = setInterval(tick, EVERY_MS);
          tell({ kind: "connected" });
        }, FINDING_MS);
      }),
    disconnect: stop,
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    tare: () => {
      pan = tared(pan);
    },
    hold: (on) => {
      pan = held(pan, stepG, on);
    },
    lay: (loadG) => {
      pan = put(pan, loadG);
    },
    loseConnection: () => {
      stop();
      tell({ kind: "lost", why: "The scale has gone out of reach or switched itself off." });
    },
  };
}

type Connection =
  | { readonly kind: "none" }
  | { readonly kind: "connecting" }
  | { readonly kind: "connected" }
  | { readonly kind: "lost"; readonly why: string };

interface ScaleState {
  readonly scale: SimulatedScale | null;
  readonly connection: Connection;
  readonly reading: Extract<ScaleEvent, { kind: "reading" }> | null;
}

export const useScale = create<ScaleState>()(() => ({
  scale: null,
  connection: { kind: "none" },
  reading: null,
}));

/** What is laid on the simulated scale, by name. */
export const useOnPan = create<{ readonly things: readonly string[] }>()(() => ({ things: [] }));

let unlisten: (() => void) | undefined;

function hear(event: ScaleEvent) {
  if (event.kind === "reading") useScale.setState({ reading: event });
  else if (event.kind === "connected") useScale.setState({ connection: event });
  else useScale.setState({ connection: event, reading: null });
}

async function connect(scale: SimulatedScale) {
  useScale.setState({ scale, connection: { kind: "connecting" }, reading: null });
  try {
    await scale.connect();
  } catch (problem) {
    useScale.setState({ connection: { kind: "lost", why: String(problem) } });
  }
}

/** Connects a simulated scale; one that was connected before is let go. */
export async function connectSimulated(stepG: number) {
  disconnectScale();
  const scale = simulatedScale(stepG);
  unlisten = scale.listen(hear);
  await connect(scale);
}

/** Tries the same scale again. */
export async function reconnectScale() {
  const { scale } = useScale.getState();
  if (scale) await connect(scale);
}

export function disconnectScale() {
  useScale.getState().scale?.disconnect();
  unlisten?.();
  useOnPan.setState({ things: [] });
  useScale.setState({ scale: null, connection: { kind: "none" }, reading: null });
}

/** Puts a thing on the pan or takes it off. `massOf` tells what each thing that lies there weighs. */
export function togglePan(thing: string, massOf: (thing: string) => number) {
  const { things } = useOnPan.getState();
  const now = things.includes(thing) ? things.filter((one) => one !== thing) : [...things, thing];
  useOnPan.setState({ things: now });
  useScale.getState().scale?.lay(now.reduce((sum, one) => sum + massOf(one), 0));
}
