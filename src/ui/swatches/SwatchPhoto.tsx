"use client";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Button } from "@/ui/parts/Button";
import { useId } from "react";
import { toast } from "@/ui/parts/toast";
import { usePhoto } from "@/state/keeping/photos";

interface SwatchPhotoProps {
  readonly swatchId: string;
  readonly name: string;
}

/** A photo of a swatch, if one is wanted. */
export function SwatchPhoto({ swatchId, name }: SwatchPhotoProps) {
  const { url, keep, remove } = usePhoto(swatchId);
  const id = useId();
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      await keep(file);
    } catch (problem) {
      toast.error(problem instanceof Error ? problem.message : "The photo could not be saved.");
    }
  };
  return (
    <div className="mt-2 text-sm">
      {url && (
        // eslint-disable-next-line @next/next/no-img-element -- it lies in this browser, no server can make it smaller
        <img src={url} alt={`Photo of ${name || "the swatch"}`} className="mb-2 max-h-56 rounded-lg" />
      )}
      <Toolbar>
        <label
          htmlFor={id}
          className="cursor-pointer rounded-lg border border-edge px-3 py-1.5 font-semibold hover:bg-line has-[:focus-visible]:outline-3"
        >
          {url ? "Another photo" : "Add a photo"}
          <input
            id={id}
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={({ target }) => {
              void take(target.files?.[0]);
              target.value = "";
            }}
          />
        </label>
        {url && (
          <Button
            onClick={() => void remove()}
            look="bare"
            className="rounded-lg px-3 py-1.5 text-madder underline"
          >
            Delete the photo
          </Button>
        )}
        <span className="text-faint">Saved in this browser, not in the project’s file.</span>
      </Toolbar>
    </div>
  );
}
