"use client";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { toast } from "sonner";
import { addPanel } from "@/state/panels";
import { reckoner } from "@/state/reckoner";
import { useSettings } from "@/state/settings";
import { JoinSheet } from "./JoinSheet";

const TRANSFORMS = [
  { id: "mirror", name: "Mirror", suffix: "mirrored" },
  { id: "centre", name: "Mirror about the centre", suffix: "about its centre" },
  { id: "across", name: "Twice across", suffix: "twice across" },
  { id: "up", name: "Twice up", suffix: "twice up" },
] as const;

const ITEM =
  "cursor-pointer rounded-md px-3 py-2 outline-none data-[highlighted]:bg-ink data-[highlighted]:text-paper";

interface MakeMenuProps {
  readonly name: string;
  readonly text: string;
  readonly onMade: (id: string) => void;
}

/** New panels from this one; it stays as it is. */
export function MakeMenu({ name, text, onMade }: MakeMenuProps) {
  const { naming, words } = useSettings();
  const [joining, setJoining] = useState(false);
  const keep = (made: string | null, suffix: string) => {
    if (made === null) toast.error("Not made: mend the rows that cannot be read first.");
    else onMade(addPanel({ name: `${name}, ${suffix}`, text: made, notes: `Made from ${name}.` }));
  };
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger className="rounded-lg border border-edge px-3 py-1.5 font-semibold hover:bg-line">
          Make from it …
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={4}
            className="z-30 rounded-xl border border-line bg-card p-1.5 shadow-lg"
          >
            {TRANSFORMS.map(({ id, name: label, suffix }) => (
              <DropdownMenu.Item
                key={id}
                className={ITEM}
                onSelect={async () =>
                  keep(await reckoner().transformText(text, id, { naming, words }), suffix)
                }
              >
                {label}
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Item className={ITEM} onSelect={() => setJoining(true)}>
              Join or end …
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <JoinSheet open={joining} onOpenChange={setJoining} text={text} onMade={keep} />
    </>
  );
}
