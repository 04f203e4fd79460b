/** What can be done with a project as a whole: the menu under its name, and the palette. */
import { openFiles } from "@/state/chosen/filesSheet";
import { showStep } from "@/state/chosen/firstSteps";
import { openHand } from "@/state/chosen/handSheet";
import { openHome } from "@/state/chosen/homeSheet";
import { openPalette } from "@/state/chosen/palette";
import { openProjectSheet } from "@/state/chosen/projectSheet";
import { openStart } from "@/state/chosen/startSheet";
import { openUseUp } from "@/state/chosen/useUpSheet";
import { pickProjectFile, saveProjectFile, startEmpty } from "./projectFiles";

interface ProjectAct {
  readonly name: string;
  readonly keys?: string;
  readonly act: () => void;
}

const demo = () => import("@/state/project/demo");

/** What a demo begins with: it says what it is. */
export const DEMO_ACTS: readonly ProjectAct[] = [
  { name: "First steps with this demo …", act: () => showStep(0) },
];

export const PROJECT_ACTS: readonly ProjectAct[] = [
  { name: "Find anything …", keys: "Ctrl K", act: () => openPalette() },
  { name: "Your projects …", keys: "H", act: () => openHome() },
  { name: "New project …", keys: "N", act: () => openStart(true) },
  { name: "Name and notes …", act: () => openProjectSheet("details") },
  { name: "Save to a file", keys: "Ctrl S", act: saveProjectFile },
  { name: "Print and files …", act: () => openFiles() },
  { name: "Send to another device …", act: () => openProjectSheet("send") },
  { name: "Open a file …", keys: "Ctrl O", act: pickProjectFile },
  { name: "Use up yarn at hand …", act: () => openUseUp() },
  { name: "Your hand …", act: () => openHand() },
  { name: "Start empty", act: startEmpty },
  { name: "Open the demo", act: () => void demo().then(({ openDemo }) => openDemo()) },
  {
    name: "Open the small demo, in the round",
    act: () => void demo().then(({ openSmallDemo }) => openSmallDemo()),
  },
];
