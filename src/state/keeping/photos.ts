/** Photos of swatches and of the work: scaled down and kept in this browser, not in the project's file. */
import { database } from "./database";
import { useEffect, useState } from "react";

const shelf = () => database("brenok", "photos");

const LONGEST_PX = 1200;
const QUALITY = 0.82;

/** The picture as a JPEG no longer than it will be shown. Fails with a word where it is no picture. */
async function scaledDown(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error("This file is no picture that the browser can show: choose a JPEG or PNG.");
  });
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [
    Math.max(1, Math.round(picture.width * scale)),
    Math.max(1, Math.round(picture.height * scale)),
  ];
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error("The picture could not be scaled down."))),
      "image/jpeg",
      QUALITY,
    );
  });
}

/** Keeps a picture under a name. Fails with a word for the knitter. */
export async function keepPhoto(id: string, file: Blob): Promise<void> {
  await (await shelf()).setItem(id, await scaledDown(file));
}

/** The names of all photos. */
export const photoNames = async (): Promise<readonly string[]> => (await shelf()).keys();

/** A photo as it is kept; null where there is none. */
export async function photoOf(id: string): Promise<Blob | null> {
  const kept = await (await shelf()).getItem<unknown>(id);
  return kept instanceof Blob ? kept : null;
}

/** Puts a photo back that was kept before, where there is none of its name. */
export async function putBack(id: string, photo: Blob): Promise<void> {
  const photos = await shelf();
  if ((await photos.getItem(id)) === null) await photos.setItem(id, photo);
}

/** The photo of a swatch as an address to show it from, and ways to change it. */
export function usePhoto(swatchId: string) {
  const [shown, setShown] = useState<{ readonly id: string; readonly url: string } | null>(null);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    let url: string | null = null;
    let current = true;
    const find = async () => {
      const kept = await shelf()
        .then((photos) => photos.getItem<Blob>(swatchId))
        .catch(() => null);
      if (!current || !(kept instanceof Blob)) return;
      url = URL.createObjectURL(kept);
      setShown({ id: swatchId, url });
    };
    void find();
    return () => {
      current = false;
      if (url) URL.revokeObjectURL(url);
      setShown(null);
    };
  }, [swatchId, turn]);
  return {
    url: shown?.id === swatchId ? shown.url : null,
    /** Fails with a word for the knitter. */
    keep: async (file: Blob) => {
      await keepPhoto(swatchId, file);
      setTurn((now) => now + 1);
    },
    remove: async () => {
      await (await shelf()).removeItem(swatchId);
      setTurn((now) => now + 1);
    },
  };
}
