"use client";
import { Button } from "@/ui/parts/Button";
import { ChevronDown } from "lucide-react";
import { lazily } from "@/ui/parts/lazily";
import { openProjectSheet, useProjectSheet } from "@/state/chosen/projectSheet";
import { useProjectPart } from "@/state/project/projectStore";
import { Menu } from "@/ui/parts/Menu";
import { PROJECT_ACTS } from "./projectActs";

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

/** The project's name, and what can be done with the project as a whole. */
export function ProjectMenu() {
  const name = useProjectPart((project) => project.name);
  const yarns = useProjectPart((project) => project.yarns);
  const sheet = useProjectSheet(({ open }) => open);
  const close = () => openProjectSheet(null);
  return (
    <>
      <Menu
        acts={PROJECT_ACTS}
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
      {sheet === "send" && <SendSheet onOpenChange={close} />}
      {sheet === "details" && <ProjectDetails open onOpenChange={close} />}
    </>
  );
}
