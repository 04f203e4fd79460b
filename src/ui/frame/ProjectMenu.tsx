"use client";
import { Button } from "@/ui/parts/Button";
import { ChevronDown } from "lucide-react";
import { lazily } from "@/ui/parts/lazily";
import { useState } from "react";
import { openHand } from "@/state/chosen/handSheet";
import { openFiles } from "@/state/chosen/filesSheet";
import { openHome } from "@/state/chosen/homeSheet";
import { openStart } from "@/state/chosen/startSheet";
import { useProjectPart } from "@/state/project/projectStore";
import { Menu } from "@/ui/parts/Menu";
import { pickProjectFile, saveProjectFile, startEmpty } from "./projectFiles";

/** A form that is seldom opened. */
const ProjectDetails = lazily(
  "Name and notes",
  () => import("./ProjectDetails").then((file) => file.ProjectDetails),
  { close: ({ onOpenChange }) => onOpenChange(false) },
);

const SendSheet = lazily(
  "Send to another device",
  () => import("./SendSheet").then((file) => file.SendSheet),
  { close: ({ onOpenChange }) => onOpenChange(false) },
);

const demo = () => import("@/state/project/demo");

/** The project's name, and what can be done with the project as a whole. */
export function ProjectMenu() {
  const name = useProjectPart((project) => project.name);
  const yarns = useProjectPart((project) => project.yarns);
  const [details, setDetails] = useState(false);
  const [sending, setSending] = useState(false);
  const acts = [
    { name: "Your projects …", keys: "H", act: () => openHome() },
    { name: "New project …", act: () => openStart(true) },
    { name: "Name and notes …", act: () => setDetails(true) },
    { name: "Save to a file", keys: "Ctrl S", act: saveProjectFile },
    { name: "Print and files …", act: () => openFiles() },
    { name: "Send to another device …", act: () => setSending(true) },
    { name: "Open a file …", keys: "Ctrl O", act: pickProjectFile },
    { name: "Your hand …", act: () => openHand() },
    { name: "Start empty", act: startEmpty },
    { name: "Open the demo", act: () => void demo().then(({ openDemo }) => openDemo()) },
    {
      name: "Open the small demo, in the round",
      act: () => void demo().then(({ openSmallDemo }) => openSmallDemo()),
    },
  ];
  return (
    <>
      <Menu
        acts={acts}
        trigger={
          <Button
            aria-label={`Project: ${name}`}
            look="bare"
            className="flex max-w-[22rem] min-w-0 items-center gap-1.5 rounded-lg px-2 py-1.5 hover:bg-line"
          >
            <span className="truncate font-semibold">{name || "Untitled project"}</span>
            <span className="hidden truncate text-sm text-faint lg:inline">{yarns[0]?.name}</span>
            <ChevronDown size={16} aria-hidden className="shrink-0" />
          </Button>
        }
      />
      {sending && <SendSheet onOpenChange={setSending} />}
      {details && <ProjectDetails open={details} onOpenChange={setDetails} />}
    </>
  );
}
