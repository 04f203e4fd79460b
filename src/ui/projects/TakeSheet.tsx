"use client";
import { useEffect, useState, type ReactNode } from "react";
import type { Project } from "@/core/project/project";
import { tellPutUp } from "@/core/units/format";
import { otherProjects } from "@/state/keeping/home";
import { useUnits } from "@/state/keeping/settings";
import { takePanel } from "@/state/project/panels";
import { takeYarn } from "@/state/project/yarns";
import { Button } from "@/ui/parts/Button";
import { ColourDot } from "@/ui/parts/Colour";
import { EmptyState } from "@/ui/parts/EmptyState";
import { SearchField } from "@/ui/parts/SearchField";
import { Sheet } from "@/ui/parts/Sheet";
import { toast } from "@/ui/parts/toast";
import { undoable } from "@/ui/parts/undoable";

/** Something of another project that can be taken. */
interface Thing {
  readonly id: string;
  readonly name: string;
  readonly told: ReactNode;
  /** Takes it, and gives its id here. */
  readonly take: () => string;
}

interface Others {
  readonly name: string;
  readonly id: string;
  readonly things: readonly Thing[];
}

type What = "panels" | "yarns";

const WORDS: Readonly<Record<What, { readonly title: string; readonly none: string }>> = {
  panels: {
    title: "Panels of your other projects",
    none: "No other project has a panel of its own.",
  },
  yarns: { title: "Yarns of your other projects", none: "There is no other project to take a yarn from." },
};

/** What a project has of a kind. */
function useThings(what: What) {
  const units = useUnits();
  return ({ name, panels, yarns }: Project): readonly Thing[] =>
    what === "panels"
      ? panels.map((panel) => ({
          id: panel.id,
          name: panel.name || "without a name",
          told: panel.text.split("\n")[0]?.slice(0, 80),
          take: () => takePanel(panel, name),
        }))
      : yarns.map((yarn) => ({
          id: yarn.id,
          name: yarn.name || "Yarn",
          told: (
            <>
              <ColourDot colour={yarn.colour} />{" "}
              {yarn.putUp ? tellPutUp(yarn.putUp, units) : "of unknown put-up"}
            </>
          ),
          take: () => {
            takeYarn(yarn);
            return yarn.id;
          },
        }));
}

interface TakeSheetProps {
  readonly what: What;
  readonly onClose: () => void;
  /** Something was taken, and has this id here. */
  readonly onTaken?: (id: string) => void;
}

/** Panels or yarns of all other projects, to be taken into the open one. */
export function TakeSheet({ what, onClose, onTaken }: TakeSheetProps) {
  const thingsOf = useThings(what);
  const [others, setOthers] = useState<readonly Project[]>([]);
  const [reading, setReading] = useState(true);
  const [sought, setSought] = useState("");
  useEffect(() => {
    let current = true;
    const read = async () => {
      for await (const project of otherProjects()) {
        if (!current) return;
        setOthers((before) => [...before.filter(({ id }) => id !== project.id), project]);
      }
    };
    void read()
      .catch(() => {})
      .finally(() => current && setReading(false));
    return () => {
      current = false;
    };
  }, []);
  const fits = ({ name }: Thing) => name.toLowerCase().includes(sought.trim().toLowerCase());
  const shown: readonly Others[] = others
    .map((project) => ({
      id: project.id,
      name: project.name || "Untitled project",
      things: thingsOf(project).filter(fits),
    }))
    .filter(({ things }) => things.length > 0);
  const take = (thing: Thing) => {
    const id = thing.take();
    onTaken?.(id);
    onClose();
    toast.success(`${thing.name} is in this project`, undoable);
  };
  return (
    <Sheet open onOpenChange={onClose} title={WORDS[what].title}>
      <div className="mt-3 flex">
        <SearchField
          labelHidden
          label="Find by name"
          example="Find by name"
          value={sought}
          onText={setSought}
        />
      </div>
      {reading && (
        <p role="status" className="mt-2 text-sm text-faint">
          Reading your projects …
        </p>
      )}
      {!reading && shown.length === 0 && (
        <EmptyState>{sought.trim() ? "Nothing has this name." : WORDS[what].none}</EmptyState>
      )}
      {shown.map(({ id, name, things }) => (
        <section key={id} aria-label={name} className="mt-3">
          <h3 className="text-sm text-faint wrap-anywhere">{name}</h3>
          <ul className="divide-y divide-line">
            {things.map((thing) => (
              <li key={thing.id} className="flex items-center justify-between gap-3 py-1.5">
                <span className="min-w-0">
                  <span className="block font-semibold wrap-anywhere">{thing.name}</span>
                  <span className="block text-sm wrap-anywhere text-faint">{thing.told}</span>
                </span>
                <Button size="small" aria-label={`Take ${thing.name}`} onClick={() => take(thing)}>
                  Take
                </Button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Sheet>
  );
}
