"use client";
import { Toolbar } from "@/ui/parts/Toolbar";
import { Button } from "@/ui/parts/Button";
import { PhotoButton } from "@/ui/parts/PhotoButton";
import { toast } from "@/ui/parts/toast";
import { usePhoto } from "@/state/keeping/photos";

interface SwatchPhotoProps {
  readonly swatchId: string;
  readonly name: string;
}

/** A photo of a swatch, if one is wanted. */
export function SwatchPhoto({ swatchId, name }: SwatchPhotoProps) {
  const { url, keep, remove } = usePhoto(swatchId);
  const take = async (file: File) => {
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
        <PhotoButton onPhoto={(file) => void take(file)}>{url ? "Another photo" : "Add a photo"}</PhotoButton>
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
