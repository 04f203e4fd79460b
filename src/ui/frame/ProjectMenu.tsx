"use client";
import { ChevronDown } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { openDemo } from "@/state/demo";
import { useProject } from "@/state/projectStore";
import { ProjectDetails } from "./ProjectDetails";
import { pickProjectFile, saveProjectFile, startEmpty } from "./projectFiles";

const ITEM =
  "flex cursor-pointer items-center justify-between gap-8 rounded-md px-3 py-2 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper";

/** The project's name, and what can be done with the project as a whole. */
export function ProjectMenu() {
  const { name, yarns } = useProject();
  const [details, setDetails] = useState(false);
  const acts = [
    { name: "Name and notes …", keys: "", act: () => setDetails(true) },
    { name: "Save to a file", keys: "Ctrl S", act: saveProjectFile },
    { name: "Open a file …", keys: "Ctrl O", act: pickProjectFile },
    { name: "Start empty", keys: "", act: startEmpty },
    { name: "Open the demo", keys: "", act: openDemo },
  ];
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger
          aria-label={`Project: ${name}`}
          className="flex max-w-[22rem] min-w-0 items-center gap-1.5 rounded-lg px-2 py-1.5 hover:bg-line"
        >
          <span className="truncate font-semibold">{name || "Untitled project"}</span>
          <span className="hidden truncate text-sm text-faint lg:inline">{yarns[0]?.name}</span>
          <ChevronDown size={16} aria-hidden className="shrink-0" />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={4}
            className="z-30 min-w-56 rounded-xl border border-line bg-card p-1.5 shadow-lg"
          >
            {acts.map(({ name: label, keys, act }) => (
              <DropdownMenu.Item key={label} onSelect={act} className={ITEM}>
                {label}
                <span className="text-sm opacity-75">{keys}</span>
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <ProjectDetails open={details} onOpenChange={setDetails} />
    </>
  );
}
