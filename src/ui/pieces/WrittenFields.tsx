"use client";
import { useId } from "react";
import { useProjectPart, typed } from "@/state/project/projectStore";
import { editSection } from "@/state/project/sections";
import type { FieldsProps } from "./EdgeFields";

/** Rows as a pattern writes them, worked once: what cannot be read of them is told above, with its line. */
export function WrittenFields({ section: { text } }: FieldsProps<"written">) {
  const id = useId();
  const yarns = useProjectPart((project) => project.yarns);
  return (
    <div className="col-span-2 mb-1">
      <label htmlFor={id} className="text-sm">
        Rows, worked once in this order
      </label>
      <textarea
        id={id}
        value={text}
        rows={Math.min(12, Math.max(4, text.split("\n").length + 1))}
        maxLength={20_000}
        spellCheck={false}
        placeholder={"Rnd 1: *p2tog, k3tog; rep from * to end."}
        onChange={({ target }) =>
          typed(() =>
            editSection("written", "written rows", (one) => {
              one.text = target.value;
            }),
          )
        }
        className="mt-0.5 w-full rounded-lg border border-edge bg-paper px-2.5 py-1.5 font-mono text-sm placeholder:text-faint placeholder:italic"
      />
      <p className="text-[0.8rem] text-faint">
        A crown, a gusset, a set-up row: the count may change. Numbers may begin anywhere.
        {yarns.length > 1 &&
          ` Rows may name their colour, as “with B”: ${yarns
            .slice(0, 10)
            .map(({ name }, index) => `${"ABCDEFGHIJ"[index]} is ${name}`)
            .join(", ")}.`}
      </p>
    </div>
  );
}
