"use client";
import { Button } from "@/ui/parts/Button";
import { useState } from "react";
import { toast } from "@/ui/parts/toast";
import type { TransformId } from "@/core/instructions/transformText";
import { addPanel } from "@/state/project/panels";
import { reader } from "@/state/engine/workers";
import { useSettings } from "@/state/keeping/settings";
import { Menu } from "@/ui/parts/Menu";
import { JoinSheet } from "./JoinSheet";

const TRANSFORMS = [
  { id: "mirror", name: "Mirror", suffix: "mirrored" },
  { id: "centre", name: "Mirror about the centre", suffix: "about its centre" },
  { id: "across", name: "Twice across", suffix: "twice across" },
  { id: "up", name: "Twice up", suffix: "twice up" },
] as const;

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
    if (made === null) toast.error("Not made: fix the rows that cannot be read first.");
    else onMade(addPanel({ name: `${name}, ${suffix}`, text: made }, name));
  };
  const transform = async (id: TransformId, suffix: string) =>
    keep(await reader().transformText(text, id, { naming, words }), suffix);
  const acts = [
    ...TRANSFORMS.map(({ id, name: label, suffix }) => ({
      name: label,
      act: () => void transform(id, suffix),
    })),
    { name: "Join or end …", act: () => setJoining(true) },
  ];
  return (
    <>
      <Menu acts={acts} trigger={<Button size="small">Make from it …</Button>} />
      <JoinSheet open={joining} onOpenChange={setJoining} text={text} onMade={keep} />
    </>
  );
}
