"use client";
import { useState } from "react";
import { YARN_CLASSES, classOf, type YarnClass } from "@/core/yarn/classes";
import type { PutUp } from "@/core/yarn/putUp";
import { useProject } from "@/state/project/projectStore";
import { changeDetails } from "@/state/buying/shelf";
import { Button } from "@/ui/parts/Button";
import { ColourField } from "@/ui/parts/Colour";
import { Select } from "@/ui/parts/Select";
import { Sheet } from "@/ui/parts/Sheet";
import { WordsField } from "@/ui/parts/WordsField";

interface Details {
  readonly name: string;
  readonly madeFor: string;
  readonly notes: string;
  readonly yarn: string;
  readonly colour: string;
  readonly bandClass: YarnClass | "";
}

interface ProjectDetailsProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/**
 * Names, notes and the yarn's look: no figure hangs on them. They are taken in together, since what is reserved on the
 * shelf goes by the project's name, and half a name may be another project's.
 */
export function ProjectDetails({ open, onOpenChange }: ProjectDetailsProps) {
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Name and notes">
      <DetailsForm onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

function save(details: Details) {
  changeDetails((draft) => {
    const name = details.name.trim();
    draft.demo = draft.demo && draft.name === name;
    draft.name = name;
    draft.madeFor = details.madeFor;
    draft.notes = details.notes;
    const [yarn] = draft.yarns;
    if (!yarn) return;
    yarn.name = details.yarn;
    yarn.colour = details.colour;
    yarn.bandClass = details.bandClass || null;
  });
}

function DetailsForm({ onDone }: { readonly onDone: () => void }) {
  const { name, madeFor, notes, yarns } = useProject();
  const [yarn] = yarns;
  const [details, setDetails] = useState<Details>({
    name,
    madeFor,
    notes,
    yarn: yarn?.name ?? "",
    colour: yarn?.colour ?? "#888888",
    bandClass: yarn?.bandClass ?? "",
  });
  const [sent, setSent] = useState(false);
  const nameless = details.name.trim() === "";
  const words = (
    key: keyof Details,
    label: string,
    more: { readonly most?: number; readonly lines?: number } = {},
  ) => (
    <WordsField
      label={label}
      value={details[key]}
      onText={(text) => setDetails({ ...details, [key]: text })}
      wrong={
        key === "name" && sent && nameless
          ? "Give the project a name, so that its file has one too."
          : undefined
      }
      {...more}
    />
  );
  return (
    <form
      className="mt-4 grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setSent(true);
        if (nameless) return;
        save(details);
        onDone();
      }}
    >
      {words("name", "Project")}
      {words("madeFor", "Made for")}
      {words("yarn", "Yarn")}
      <div className="grid grid-cols-2 gap-4">
        <ColourField
          label="Its colour"
          value={details.colour}
          onColour={(colour) => setDetails({ ...details, colour })}
        />
        <Select<YarnClass | "">
          label="Class on the band"
          options={[
            {
              value: "",
              label: `not given${yarn?.putUp ? `: ${classOf(yarn.putUp as PutUp)} by length` : ""}`,
            },
            ...YARN_CLASSES.map((one) => ({ value: one, label: one })),
          ]}
          value={details.bandClass}
          onChange={(bandClass) => setDetails({ ...details, bandClass })}
        />
      </div>
      {words("notes", "Notes", { most: 4000, lines: 4 })}
      <Button submits look="main" size="large" className="justify-self-end">
        Save
      </Button>
    </form>
  );
}
