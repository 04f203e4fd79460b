"use client";
import { openTools, useToolDrawer } from "@/state/chosen/toolDrawer";
import { Boundary } from "@/ui/parts/Boundary";
import { lazily } from "@/ui/parts/lazily";
import { usePathname } from "next/navigation";
import { useEffect, useState, type ReactNode } from "react";
import { toast } from "@/ui/parts/toast";
import { closeGlossary, useGlossary } from "@/state/chosen/glossary";
import { useIsAnswered } from "@/state/engine/answer";
import { explain, useHow } from "@/state/chosen/how";
import { openFiles, useFilesSheet } from "@/state/chosen/filesSheet";
import { showStep, useFirstSteps } from "@/state/chosen/firstSteps";
import { openPalette, usePalette } from "@/state/chosen/palette";
import { openHome, useHomeSheet } from "@/state/chosen/homeSheet";
import { openHand, useHandSheet } from "@/state/chosen/handSheet";
import { openStart, useStartSheet } from "@/state/chosen/startSheet";
import { settleArrival, useArrival } from "@/state/keeping/arrivals";
import { startSession } from "@/state/keeping/start";
import { Answer } from "./Answer";
import { BenchTabs } from "./BenchTabs";
import { asSaid } from "@/ui/parts/Said";
import { DemoNotice } from "./DemoNotice";
import { FileDrop } from "./FileDrop";
import { Header } from "./Header";
import { StrandRuler } from "./StrandRuler";
import { useTheme } from "./useTheme";
import { useShortcuts } from "./useShortcuts";

const StartSheet = lazily("New project", () => import("./StartSheet").then((file) => file.StartSheet), {
  close: () => openStart(false),
});
const Toasts = lazily("Messages", () => import("./Toasts").then((file) => file.Toasts));
const Glossary = lazily("Glossary", () => import("./Glossary").then((file) => file.Glossary), {
  close: closeGlossary,
});
const ArrivalSheet = lazily(
  "What has arrived",
  () => import("./ArrivalSheet").then((file) => file.ArrivalSheet),
  { close: () => settleArrival("here") },
);
const ProjectsSheet = lazily(
  "Your projects",
  () => import("@/ui/projects/ProjectsSheet").then((file) => file.ProjectsSheet),
  { close: () => openHome(false) },
);
const FirstSteps = lazily(
  "First steps",
  () => import("@/ui/help/FirstSteps").then((file) => file.FirstSteps),
  {
    close: () => showStep(null),
  },
);
const Palette = lazily("Find anything", () => import("./Palette").then((file) => file.Palette), {
  close: () => openPalette(false),
});
const FilesSheet = lazily(
  "Print and files",
  () => import("@/ui/files/FilesSheet").then((file) => file.FilesSheet),
  { close: () => openFiles(false) },
);
const HandSheet = lazily("Your hand", () => import("./HandSheet").then((file) => file.HandSheet), {
  close: () => openHand(false),
});
const HowSheet = lazily("How it is worked", () => import("@/ui/how/HowSheet").then((file) => file.HowSheet), {
  close: () => explain(null),
});
const SettingsSheet = lazily("Settings", () => import("./SettingsSheet").then((file) => file.SettingsSheet), {
  close: ({ onOpenChange }) => onOpenChange(false),
});
const ShortcutList = lazily("Shortcuts", () => import("./ShortcutList").then((file) => file.ShortcutList), {
  close: ({ onOpenChange }) => onOpenChange(false),
});
const ToolsDrawer = lazily("Tools", () => import("@/ui/tools/ToolsDrawer").then((file) => file.ToolsDrawer), {
  close: () => openTools(false),
});

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
  const [settingsOpen, setSettingsOpen] = useState(false);
  const hands = { showList: () => setListOpen(true), showSettings: () => setSettingsOpen(true) };
  useShortcuts(hands);
  const theme = useTheme();
  const starting = useStartSheet(({ open }) => open);
  const arriving = useArrival(({ arrived }) => arrived !== null);
  const howAsked = useHow(({ asked }) => asked !== null);
  const paletteOpen = usePalette(({ open }) => open);
  const filesOpen = useFilesSheet(({ open }) => open);
  const led = useFirstSteps(({ step }) => step !== null);
  const homeOpen = useHomeSheet(({ open }) => open);
  const handOpen = useHandSheet(({ open }) => open);
  const toolsOpen = useToolDrawer(({ open }) => open);
  const path = usePathname();
  const explaining = useGlossary(({ open }) => open);

  return (
    <>
      <a
        href="#bench"
        className="sr-only rounded-lg bg-ink px-3 py-2 text-paper focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-50"
      >
        Skip to the bench
      </a>
      <div className="mx-auto max-w-[1360px] px-3 pb-24 sm:px-6 md:pb-8">
        <Header onShortcuts={() => setListOpen(true)} onSettings={() => setSettingsOpen(true)} />
        {opened ? (
          <>
            <section aria-label="Strand">
              <Boundary name="Strand">
                <StrandRuler />
              </Boundary>
            </section>
            <div className="mt-1 flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
              <BenchTabs />
              <Boundary name="Answer">
                <Answer />
              </Boundary>
            </div>
            <DemoNotice />
            <main id="bench" tabIndex={-1} className="mt-3 outline-none">
              <Boundary key={path} name="This bench">
                {children}
              </Boundary>
            </main>
          </>
        ) : (
          <p role="status" className="py-24 text-center text-faint">
            Opening your project …
          </p>
        )}
      </div>
      {listOpen && <ShortcutList open onOpenChange={setListOpen} />}
      {settingsOpen && <SettingsSheet open onOpenChange={setSettingsOpen} />}
      {explaining && <Glossary />}
      {toolsOpen && <ToolsDrawer />}
      {starting && <StartSheet open onOpenChange={openStart} />}
      {arriving && <ArrivalSheet />}
      {paletteOpen && <Palette {...hands} />}
      {led && <FirstSteps />}
      {homeOpen && <ProjectsSheet />}
      {filesOpen && <FilesSheet />}
      {handOpen && <HandSheet />}
      {howAsked && <HowSheet />}
      <FileDrop />
      {opened && <Toasts theme={theme} />}
    </>
  );
}
