"use client";
import { Boundary } from "@/ui/parts/Boundary";
import { lazily } from "@/ui/parts/lazily";
import { usePathname } from "next/navigation";
import { useEffect, useState, type ReactNode } from "react";
import { toast } from "@/ui/parts/toast";
import { useIsAnswered } from "@/state/engine/answer";
import { startSession } from "@/state/keeping/start";
import { Answer } from "./Answer";
import { asSaid } from "@/ui/parts/Said";
import { FileDrop } from "./FileDrop";
import { Header } from "./Header";
import { StrandRuler } from "./StrandRuler";
import { useLate } from "./useLate";
import { useTheme } from "./useTheme";
import { useShortcuts } from "./useShortcuts";
import { useDoors } from "@/state/chosen/doors";

/** Everything that opens over the page: none of it is there at first. */
const Sheets = lazily("Sheets", () => import("./Sheets").then((file) => file.Sheets));
const Toasts = lazily("Messages", () => import("./Toasts").then((file) => file.Toasts));

const Doors = lazily("The ways in", () => import("@/ui/start/Doors").then((file) => file.Doors));

/** What stands around every bench: header, strand, answer, benches. */
export function Frame({ children }: { readonly children: ReactNode }) {
  // What stands above everything is there from the first moment on: nothing moves under a hand when it comes.
  const opened = useIsAnswered();
  const [listOpen, setListOpen] = useState(false);
  useEffect(() => startSession((word) => toast.warning(asSaid(word), { duration: 12_000 })), []);
  useEffect(() => {
    if (!opened) return;
    void import("./updates").then(({ keepApplication }) => keepApplication());
    void import("@/ui/projects/remindBackup").then(({ remindBackup }) => remindBackup());
  }, [opened]);
  const doors = useDoors(({ open }) => open);
  const [settingsOpen, setSettingsOpen] = useState(false);
  const hands = { showList: () => setListOpen(true), showSettings: () => setSettingsOpen(true) };
  useShortcuts(hands);
  const theme = useTheme();
  const path = usePathname();

  return (
    <>
      <a
        href="#bench"
        className="sr-only rounded-lg bg-ink px-3 py-2 text-paper focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-50"
      >
        Skip to the bench
      </a>
      <div className="mx-auto max-w-[1360px] px-3 pb-24 sm:px-6 md:pb-8">
        {doors ? (
          <Doors />
        ) : (
          <>
            <Header onShortcuts={() => setListOpen(true)} onSettings={() => setSettingsOpen(true)} />
            {opened ? (
              <>
                <Boundary name="Answer">
                  <Answer />
                </Boundary>
                <section aria-label="Strand">
                  <Boundary name="Strand">
                    <StrandRuler />
                  </Boundary>
                </section>
                <main id="bench" tabIndex={-1} className="outline-none md:mt-1">
                  <Boundary key={path} name="This bench">
                    {children}
                  </Boundary>
                </main>
              </>
            ) : (
              <Opening />
            )}
          </>
        )}
      </div>
      <Sheets
        hands={hands}
        listOpen={listOpen}
        onList={setListOpen}
        settingsOpen={settingsOpen}
        onSettings={setSettingsOpen}
      />
      <FileDrop />
      {opened && <Toasts theme={theme} />}
    </>
  );
}

/** Longer than this nobody waits without asking why. */
const LONG_MS = 10_000;

/** Stands there until the project does. */
function Opening() {
  const late = useLate(true, LONG_MS);
  return (
    <div role="status" className="py-24 text-center text-faint">
      <p>Opening your project …</p>
      {late && (
        <p className="mt-2 text-sm">
          This takes longer than it should. Close other pages of Brenok, or load this one again: what you kept
          stays in this browser.
        </p>
      )}
    </div>
  );
}
