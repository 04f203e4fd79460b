"use client";
import { Button } from "@/ui/parts/Button";
import { ChevronDown } from "lucide-react";
import { lazily } from "@/ui/parts/lazily";
import { openProjectSheet, useProjectSheet } from "@/state/chosen/projectSheet";
import { useProjectPart } from "@/state/project/projectStore";
import { Menu } from "@/ui/parts/Menu";
import { DEMO_ACTS, PROJECT_ACTS } from "./projectActs";

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
  const demo = useProjectPart((project) => project.demo);
  const sheet = useProjectSheet(({ open }) => open);
  const close = () => openProjectSheet(null);
  return (
    <>
      <Menu
        {...(demo && { note: "A demo, all invented. Change anything in it to see what follows." })}
        acts={demo ? [...DEMO_ACTS, ...PROJECT_ACTS] : PROJECT_ACTS}
        trigger={
          <Button
            aria-label={`Project: ${name}${demo ? ", a demo" : ""}`}
            look="bare"
            className="flex min-w-0 items-center gap-1.5 rounded-lg py-1.5 hover:bg-line md:max-w-[22rem] md:px-2 xl:max-w-56"
          >
            <span className="truncate font-semibold">{name || "Untitled project"}</span>
            {demo && (
              <span className="shrink-0 rounded-full border border-edge px-1.5 text-xs text-faint">demo</span>
            )}
            <ChevronDown size={16} aria-hidden className="shrink-0" />
          </Button>
        }
      />
      {sheet === "send" && <SendSheet onOpenChange={close} />}
      {sheet === "details" && <ProjectDetails open onOpenChange={close} />}
    </>
  );
}
