/** The pictures of fabrics that are being drawn: how far they are, and a way to stop them. */
import { proxy } from "comlink";
import { create } from "zustand";
import type { FabricPicture, SectionToDraw } from "@/workers/loom.worker";
import { nextJob } from "./job";
import { loom } from "./workers";

interface Job {
  /** The drawing that it is for: several of its fabrics are told of as one. */
  readonly drawing: string;
  /** The share that is done; why it is not drawn, where it is not. */
  readonly share: number | "stopped" | "tooLarge";
}

interface Drawing {
  readonly jobs: ReadonlyMap<number, Job>;
  /** How often it was wished that what was stopped be drawn after all. */
  readonly wishes: number;
}

const useDrawing = create<Drawing>()(() => ({ jobs: new Map(), wishes: 0 }));

const setJob = (id: number, job: Job | null) =>
  useDrawing.setState(({ jobs }) => {
    const next = new Map(jobs);
    if (job) next.set(id, job);
    else next.delete(id);
    return { jobs: next };
  });

const isUnderWay = (id: number) => typeof useDrawing.getState().jobs.get(id)?.share === "number";

/**
 * Draws the fabric of a section for a drawing; `drawn` hears of it. What is given back drops it: it is stopped, and
 * nothing is heard any more.
 */
export function drawSection(
  drawing: string,
  asked: SectionToDraw,
  drawn: (picture: FabricPicture | null) => void,
): () => void {
  const id = nextJob();
  let wanted = true;
  const tell = (share: number) => {
    if (wanted && isUnderWay(id)) setJob(id, { drawing, share });
  };
  const draw = async () => {
    const picture = await loom().drawFabric(id, asked, proxy(tell));
    if (!wanted) return;
    if (picture === "tooLarge") {
      setJob(id, { drawing, share: picture });
      return drawn(null);
    }
    if (isUnderWay(id)) setJob(id, null);
    drawn(picture);
  };
  setJob(id, { drawing, share: 0 });
  void draw();
  return () => {
    wanted = false;
    setJob(id, null);
    void loom().stopWeaving(id);
  };
}

const sharesOf = ({ jobs }: Drawing, drawing: string) =>
  [...jobs.values()].filter((job) => job.drawing === drawing).map(({ share }) => share);

/** The mean of the shares of a drawing that are done; null while none of it is under way. */
export const useDrawnShare = (drawing: string): number | null =>
  useDrawing((state) => {
    const shares = sharesOf(state, drawing).filter((share) => typeof share === "number");
    return shares.length === 0 ? null : shares.reduce((sum, share) => sum + share, 0) / shares.length;
  });

/** Whether something of a drawing is not drawn, for this reason. */
export const useNotDrawn = (drawing: string, why: "stopped" | "tooLarge"): boolean =>
  useDrawing((state) => sharesOf(state, drawing).includes(why));

/** Changes each time that what was stopped is to be drawn after all. */
export const useDrawingWishes = () => useDrawing(({ wishes }) => wishes);

export function stopDrawing(drawing: string): void {
  for (const [id, job] of useDrawing.getState().jobs) {
    if (job.drawing !== drawing || typeof job.share !== "number") continue;
    setJob(id, { drawing, share: "stopped" });
    void loom().stopWeaving(id);
  }
}

export const drawAfterAll = () => useDrawing.setState(({ wishes }) => ({ wishes: wishes + 1 }));
