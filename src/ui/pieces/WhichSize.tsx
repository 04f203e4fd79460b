"use client";
import { isInSize } from "@/core/project/asks";
import type { GradedSize } from "@/core/project/sizes";
import { asksInSize } from "@/state/project/asks";
import { useProjectPart } from "@/state/project/projectStore";
import { Choice } from "@/ui/parts/Choice";

const labelOf = ({ name, balls }: GradedSize) => `${name || "–"}: ${balls}`;

/** Which of the sizes that a pattern tells the balls of is knitted; nothing where it tells none. */
export function WhichSize() {
  const sizes = useProjectPart(({ sizes }) => sizes);
  const asks = useProjectPart(({ asks }) => asks);
  const told = sizes.filter(({ balls }) => balls !== null);
  if (told.length < 2) return null;
  return (
    <div className="text-sm">
      <p aria-hidden>Your size, with its balls</p>
      <Choice
        label="Your size"
        options={told.map((size) => ({ value: size.id, label: labelOf(size) }))}
        value={told.find((size) => isInSize(asks, size))?.id ?? null}
        onChange={(id) => {
          const size = told.find((one) => one.id === id);
          if (size) asksInSize(size);
        }}
      />
    </div>
  );
}
