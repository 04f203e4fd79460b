"use client";
import { useForm } from "react-hook-form";
import { YARN_CLASSES, classOf, type YarnClass } from "@/core/yarn/classes";
import type { PutUp } from "@/core/yarn/putUp";
import { useProject } from "@/state/project/projectStore";
import { changeDetails } from "@/state/buying/shelf";
import { Sheet } from "@/ui/parts/Sheet";

interface Details {
  readonly name: string;
  readonly madeFor: string;
  readonly notes: string;
  readonly piece: string;
  readonly yarn: string;
  readonly colour: string;
  readonly bandClass: YarnClass | "";
}

interface ProjectDetailsProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

const INPUT = "mt-1 w-full rounded-lg border border-edge bg-paper px-3 py-2";

/** Names, notes and the yarn's look: nothing of it changes the calculating. */
export function ProjectDetails({ open, onOpenChange }: ProjectDetailsProps) {
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="Name and notes">
      <DetailsForm onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}

function DetailsForm({ onDone }: { readonly onDone: () => void }) {
  const { name, madeFor, notes, yarns } = useProject();
  const [yarn] = yarns;
  const { register, handleSubmit, formState } = useForm<Details>({
    defaultValues: {
      name,
      madeFor,
      notes,
      yarn: yarn?.name ?? "",
      colour: yarn?.colour ?? "#888888",
      bandClass: yarn?.bandClass ?? "",
    },
  });
  const keep = (details: Details) => {
    changeDetails((draft) => {
      draft.name = details.name.trim();
      draft.madeFor = details.madeFor;
      draft.notes = details.notes;
      draft.demo = draft.demo && draft.name === name;
      const [kept] = draft.yarns;
      if (kept) {
        kept.name = details.yarn;
        kept.colour = details.colour;
        kept.bandClass = details.bandClass || null;
      }
    });
    onDone();
  };
  const named = (most: number) => ({ maxLength: { value: most, message: `At most ${most} characters.` } });
  const problem = Object.values(formState.errors)[0]?.message;
  return (
    <form onSubmit={handleSubmit(keep)} className="mt-4 grid gap-4">
      <label>
        Project
        <input
          className={INPUT}
          {...register("name", {
            ...named(120),
            validate: (text) =>
              text.trim() !== "" || "Give the project a name, so that its file has one too.",
          })}
        />
      </label>
      <label>
        Made for
        <input className={INPUT} {...register("madeFor", named(120))} />
      </label>
      <label>
        Yarn
        <input className={INPUT} {...register("yarn", named(120))} />
      </label>
      <div className="grid grid-cols-2 gap-4">
        <label>
          Its colour
          <input type="color" className={`${INPUT} h-11 p-1`} {...register("colour")} />
        </label>
        <label>
          Class on the band
          <select className={INPUT} {...register("bandClass")}>
            <option value="">
              not given{yarn?.putUp ? `: ${classOf(yarn.putUp as PutUp)} by length` : ""}
            </option>
            {YARN_CLASSES.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </label>
      </div>
      <label>
        Notes
        <textarea rows={4} className={INPUT} {...register("notes", named(4000))} />
      </label>
      {problem && (
        <p role="alert" className="text-madder">
          {problem}
        </p>
      )}
      <button
        type="submit"
        className="justify-self-end rounded-lg bg-ink px-5 py-2.5 font-semibold text-paper"
      >
        Keep
      </button>
    </form>
  );
}
