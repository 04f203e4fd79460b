"use client";
import encodeQR from "qr";
import { useEffect, useRef, useState } from "react";
import { fileNameOf, writeProject } from "@/core/files/projectFile";
import { fragmentOf } from "@/state/keeping/link";
import { useProject } from "@/state/project/projectStore";
import { toClipboard } from "@/ui/parts/clipboard";
import { Button } from "@/ui/parts/Button";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { saveProjectFile } from "./projectFiles";

/** Longer links make pictures that a phone cannot read off a screen. */
const MOST_IN_PICTURE = 1800;
/** Longer ones are cut off by some of what passes links on. */
const LONG = 30_000;

/** Addresses that mean this machine alone, whoever asks for them. */
const isHereOnly = (host: string) => /^(localhost|127\.|\[::1\])/.test(host);

/** Whether the device has its own way of sharing a file. */
const canShare = (file: File) => "canShare" in navigator && navigator.canShare({ files: [file] });

/** Sends the project to another device: a link that holds all of it, as text, as a picture, or the file itself. */
export function SendSheet({ onOpenChange }: { readonly onOpenChange: (open: boolean) => void }) {
  const project = useProject();
  const field = useRef<HTMLInputElement>(null);
  const [fragment, setFragment] = useState<string | null>(null);
  useEffect(() => {
    let listening = true;
    void fragmentOf(project).then((made) => {
      if (listening) setFragment(made);
    });
    return () => {
      listening = false;
    };
  }, [project]);
  const link = fragment === null ? null : `${location.origin}/knit${fragment}`;
  const file = new File([writeProject(project)], fileNameOf(project), { type: "application/json" });
  return (
    <Sheet open onOpenChange={onOpenChange} title="Send to another device">
      <div className="mt-3 grid gap-3">
        <p>
          The link holds the whole project with all its rows. Nothing is sent to a server: whoever opens the
          link has it, and rows worked on both devices are put together when it comes back.
        </p>
        {isHereOnly(location.hostname) && (
          <p className="border-l-4 border-madder pl-2">
            This page was opened as “{location.host}”, which on a phone means the phone. Open it here by this
            machine’s address in the home network, and then send it.
          </p>
        )}
        {link === null ? (
          <p role="status">Packing …</p>
        ) : (
          <>
            <label className="text-sm">
              The link, {link.length.toLocaleString("en")} characters
              <input
                ref={field}
                readOnly
                value={link}
                onFocus={({ target }) => target.select()}
                className="mt-0.5 w-full rounded-lg border border-edge bg-paper px-2 py-1.5 font-mono text-sm"
              />
            </label>
            {link.length > LONG && (
              <p className="text-sm text-weld">So long a link may be cut off on its way: send the file.</p>
            )}
            <div className="flex flex-wrap gap-2">
              <Button look="main" onClick={() => void copy(link, field.current)}>
                Copy the link
              </Button>
              {canShare(file) && (
                <Button
                  onClick={() => void navigator.share({ files: [file], title: project.name }).catch(() => {})}
                >
                  Share the file …
                </Button>
              )}
              <Button onClick={saveProjectFile}>Save to a file</Button>
            </div>
            {link.length <= MOST_IN_PICTURE ? (
              <Picture of={link} />
            ) : (
              <p className="text-sm text-faint">
                It is too long for a picture that a phone could read off the screen.
              </p>
            )}
          </>
        )}
      </div>
    </Sheet>
  );
}

/** Copies a text; where the browser does not let it, the text is marked. */
async function copy(text: string, field: HTMLInputElement | null) {
  if (await toClipboard(text)) return toast.success("The link is copied");
  field?.focus();
  field?.select();
  toast.warning("Copy it from the field: on this page the browser does not let it be copied by a button");
}

/** A link as a picture to be read by a phone’s camera: dark on white in any theme. */
function Picture({ of }: { readonly of: string }) {
  const dots = encodeQR(of, "raw", { ecc: "low", border: 2 });
  const path = dots.flatMap((line, y) => line.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ""))).join("");
  return (
    <svg
      viewBox={`0 0 ${dots.length} ${dots.length}`}
      role="img"
      aria-label="The link as a picture for the phone’s camera"
      shapeRendering="crispEdges"
      className="mx-auto w-full max-w-80 rounded-lg bg-white"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
