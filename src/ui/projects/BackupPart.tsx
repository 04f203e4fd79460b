"use client";
import { useEffect, useRef, useState } from "react";
import { countOf } from "@/core/words/things";
import { makeBackup, readBackup, type Backup } from "@/state/keeping/backup";
import { lookHome, type Home } from "@/state/keeping/home";
import { lastBackup } from "@/state/keeping/lastBackup";
import { Button } from "@/ui/parts/Button";
import { FileButton } from "@/ui/parts/FileButton";
import { download } from "@/ui/parts/download";
import { Said } from "@/ui/parts/Said";
import type { Message } from "@/core/words/message";
import { RestoreSheet } from "./RestoreSheet";
import { tellWhen } from "./when";

/** Bytes as people say them. Example: 12,400,000 is "12 MB". */
function tellBytes(bytes: number): string {
  if (bytes < 1e6) return `${Math.ceil(bytes / 1000)} kB`;
  return bytes < 1e9 ? `${Math.round(bytes / 1e6)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
}

type Word =
  { readonly kind: "word"; readonly text: string } | { readonly kind: "refused"; readonly message: Message };

interface Running {
  readonly what: string;
  readonly done: number;
  readonly of: number;
}

/** Something long: how far it is, and the way to stop it. */
function useLong() {
  const [running, setRunning] = useState<Running | null>(null);
  const stopper = useRef<AbortController | null>(null);
  useEffect(() => () => stopper.current?.abort(), []);
  return {
    running,
    stop: () => stopper.current?.abort(),
    /** Does it; null where it was stopped or failed. */
    run: async <Result,>(
      what: string,
      does: (tell: (done: number, of: number) => void, stopped: AbortSignal) => Promise<Result>,
    ): Promise<Result | null> => {
      stopper.current = new AbortController();
      setRunning({ what, done: 0, of: 1 });
      try {
        return await does((done, of) => setRunning({ what, done, of }), stopper.current.signal);
      } catch {
        return null;
      } finally {
        setRunning(null);
      }
    },
  };
}

/** One file with everything, and back from it; and how much room is taken. */
export function BackupPart({ room }: { readonly room: Home["room"] }) {
  const { running, stop, run } = useLong();
  const [said, setSaid] = useState<Word | null>(null);
  const [backup, setBackup] = useState<Backup | null>(null);
  const [last, setLast] = useState(lastBackup);
  const make = async () => {
    const now = Date.now();
    setSaid(null);
    const made = await run("Gathering", (tell, stopped) => makeBackup(now, tell, stopped));
    if (!made) return setSaid({ kind: "word", text: "No backup was made." });
    const name = `brenok-backup-${new Date(now).toISOString().slice(0, 10)}.zip`;
    download(name, made.file);
    setLast(now);
    const left =
      made.leftOut.length > 0 ? ` Not in it, since they cannot be read: ${made.leftOut.join(", ")}.` : "";
    setSaid({ kind: "word", text: `Saved as ${name}, ${countOf(made.projects, "project")} in it.${left}` });
  };
  const read = async (file: File) => {
    setSaid(null);
    const found = await run("Reading", (tell, stopped) => readBackup(file, tell, stopped));
    if (!found) return;
    if (found.ok) setBackup(found.backup);
    else setSaid({ kind: "refused", message: found.message });
  };
  return (
    <section aria-label="Backup" className="mt-4 border-t border-line pt-3">
      <h3 className="font-semibold">Backup</h3>
      <p className="text-sm text-faint">
        All of it is in this browser alone. One file holds every project, the shelf, the photos, your hand and
        the settings. {last === null ? "None was saved yet." : `The newest was saved ${tellWhen(last)}.`}
        {room && ` Brenok takes ${tellBytes(room.usedBytes)} of ${tellBytes(room.ofBytes)} here.`}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {running ? (
          <>
            <progress aria-label={running.what} value={running.done} max={running.of} className="w-40" />
            <span role="status" className="text-sm">
              {running.what} {running.done} of {running.of} …
            </span>
            <Button size="small" onClick={stop}>
              Stop
            </Button>
          </>
        ) : (
          <>
            <Button onClick={() => void make()}>Save everything to a file</Button>
            <FileButton
              label="Backup to restore from"
              accept=".zip,application/zip"
              onFile={(file) => void read(file)}
            >
              Restore from a file …
            </FileButton>
          </>
        )}
      </div>
      {said && (
        <p role="status" className="mt-2">
          {said.kind === "word" ? said.text : <Said>{said.message}</Said>}
        </p>
      )}
      {backup && (
        <RestoreSheet
          backup={backup}
          onClose={(word) => {
            setBackup(null);
            if (word) setSaid({ kind: "word", text: word });
            void lookHome();
          }}
        />
      )}
    </section>
  );
}
