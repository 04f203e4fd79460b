"use client";
import dynamic from "next/dynamic";
import { useEffect, useState, type ReactNode } from "react";
import { toast } from "@/ui/parts/toast";
import { useGlossary } from "@/state/chosen/glossary";
import { useIsAnswered } from "@/state/engine/answer";
import { useHow } from "@/state/chosen/how";
import { useHandSheet } from "@/state/chosen/handSheet";
import { openStart, useStartSheet } from "@/state/chosen/startSheet";
import { useArrival } from "@/state/keeping/arrivals";
import { startSession } from "@/state/keeping/session";
import { Answer } from "./Answer";
import { BenchTabs } from "./BenchTabs";
import { asSaid } from "@/ui/parts/Said";
import { DemoNotice } from "./DemoNotice";
import { FileDrop } from "./FileDrop";
import { Header } from "./Header";
import { StrandRuler } from "./StrandRuler";
import { useTheme } from "./useTheme";
import { useShortcuts } from "./useShortcuts";

const StartSheet = dynamic(() => import("./StartSheet").then(({ StartSheet: sheet }) => sheet), {
  ssr: false,
});
const Toasts = dynamic(() => import("./Toasts").then((file) => file.Toasts), { ssr: false });
const Glossary = dynamic(() => import("./Glossary").then((file) => file.Glossary), { ssr: false });
const ArrivalSheet = dynamic(() => import("./ArrivalSheet").then((file) => file.ArrivalSheet), {
  ssr: false,
});
const HandSheet = dynamic(() => import("./HandSheet").then((file) => file.HandSheet), { ssr: false });
const HowSheet = dynamic(() => import("@/ui/how/HowSheet").then((file) => file.HowSheet), { ssr: false });
const SettingsSheet = dynamic(() => import("./SettingsSheet").then((file) => file.SettingsSheet), {
  ssr: false,
});
const ShortcutList = dynamic(() => import("./ShortcutList").then((file) => file.ShortcutList), {
  ssr: false,
});
const ToolsDrawer = dynamic(
  () => import("@/ui/tools/ToolsDrawer").then(({ ToolsDrawer: drawer }) => drawer),
  {
    ssr: false,
  },
);

/** What stands around every bench: header, strand, answer, benches. */
export function Frame({ children }: { readonly children: ReactNode }) {
  // What stands above everything is there from the first moment on: nothing moves under a hand when it comes.
  const opened = useIsAnswered();
  const [listOpen, setListOpen] = useState(false);
  useEffect(() => startSession((word) => toast.warning(asSaid(word), { duration: 12_000 })), []);
  const [settingsOpen, setSettingsOpen] = useState(false);
  useShortcuts({ showList: () => setListOpen(true), showSettings: () => setSettingsOpen(true) });
  const theme = useTheme();
  const starting = useStartSheet(({ open }) => open);
  const arriving = useArrival(({ arrived }) => arrived !== null);
  const howAsked = useHow(({ asked }) => asked !== null);
  const handOpen = useHandSheet(({ open }) => open);
  const explaining = useGlossary(({ open }) => open);

  return (
    <>
      <div className="mx-auto max-w-[1360px] px-3 pb-24 sm:px-6 md:pb-8">
        <Header onShortcuts={() => setListOpen(true)} onSettings={() => setSettingsOpen(true)} />
        {opened ? (
          <>
            <section aria-label="Strand">
              <StrandRuler />
            </section>
            <div className="mt-1 flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
              <BenchTabs />
              <Answer />
            </div>
            <DemoNotice />
            <main className="mt-3">{children}</main>
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
      <ToolsDrawer />
      {starting && <StartSheet open onOpenChange={openStart} />}
      {arriving && <ArrivalSheet />}
      {handOpen && <HandSheet />}
      {howAsked && <HowSheet />}
      <FileDrop />
      <Toasts theme={theme} />
    </>
  );
}
