"use client";
import { openTools, useToolDrawer } from "@/state/chosen/toolDrawer";
import { openUseUp, useUseUpSheet } from "@/state/chosen/useUpSheet";
import { closeGlossary, useGlossary } from "@/state/chosen/glossary";
import { explain, useHow } from "@/state/chosen/how";
import { closeWhy, useWhy } from "@/state/chosen/why";
import { openFiles, useFilesSheet } from "@/state/chosen/filesSheet";
import { showStep, useFirstSteps } from "@/state/chosen/firstSteps";
import { openPalette, usePalette } from "@/state/chosen/palette";
import { openHome, useHomeSheet } from "@/state/chosen/homeSheet";
import { openHand, useHandSheet } from "@/state/chosen/handSheet";
import { openStart, useStartSheet } from "@/state/chosen/startSheet";
import { settleArrival, useArrival } from "@/state/keeping/arrivals";
import { lazily } from "@/ui/parts/lazily";
import type { Hands } from "./shortcuts";

const StartSheet = lazily("New project", () => import("./StartSheet").then((file) => file.StartSheet), {
  close: () => openStart(false),
});
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
const WhySheet = lazily("Why this number", () => import("@/ui/why/WhySheet").then((file) => file.WhySheet), {
  close: closeWhy,
});
const ToolsDrawer = lazily("Tools", () => import("@/ui/tools/ToolsDrawer").then((file) => file.ToolsDrawer), {
  close: () => openTools(false),
});

const UseUpSheet = lazily(
  "As long as the yarn lasts",
  () => import("@/ui/useUp/UseUpSheet").then((file) => file.UseUpSheet),
  { close: () => openUseUp(false) },
);

const SettingsSheet = lazily("Settings", () => import("./SettingsSheet").then((file) => file.SettingsSheet), {
  close: ({ onOpenChange }) => onOpenChange(false),
});
const ShortcutList = lazily("Shortcuts", () => import("./ShortcutList").then((file) => file.ShortcutList), {
  close: ({ onOpenChange }) => onOpenChange(false),
});
interface SheetsProps {
  readonly hands: Omit<Hands, "go">;
  readonly listOpen: boolean;
  readonly onList: (open: boolean) => void;
  readonly settingsOpen: boolean;
  readonly onSettings: (open: boolean) => void;
}

/** Everything that opens over the page, each loaded when it is first opened. */
export function Sheets({ hands, listOpen, onList, settingsOpen, onSettings }: SheetsProps) {
  const starting = useStartSheet(({ open }) => open);
  const arriving = useArrival(({ arrived }) => arrived !== null);
  const howAsked = useHow(({ asked }) => asked !== null);
  const whyAsked = useWhy(({ trail }) => trail.length > 0);
  const paletteOpen = usePalette(({ open }) => open);
  const filesOpen = useFilesSheet(({ open }) => open);
  const led = useFirstSteps(({ step }) => step !== null);
  const homeOpen = useHomeSheet(({ open }) => open);
  const handOpen = useHandSheet(({ open }) => open);
  const usingUp = useUseUpSheet(({ open }) => open);
  const toolsOpen = useToolDrawer(({ open }) => open);
  const explaining = useGlossary(({ open }) => open);
  return (
    <>
      {listOpen && <ShortcutList open onOpenChange={onList} />}
      {settingsOpen && <SettingsSheet open onOpenChange={onSettings} />}
      {explaining && <Glossary />}
      {toolsOpen && <ToolsDrawer />}
      {usingUp && <UseUpSheet />}
      {starting && <StartSheet open onOpenChange={openStart} />}
      {arriving && <ArrivalSheet />}
      {paletteOpen && <Palette {...hands} />}
      {led && <FirstSteps />}
      {homeOpen && <ProjectsSheet />}
      {filesOpen && <FilesSheet />}
      {handOpen && <HandSheet />}
      {howAsked && <HowSheet />}
      {whyAsked && <WhySheet />}
    </>
  );
}
