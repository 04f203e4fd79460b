"use client";
import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { LIBRARY } from "@/core/panels/library";
import { choosePiece, chooseYarn } from "@/state/chosen/chosen";
import { openPalette } from "@/state/chosen/palette";
import { choosePanel } from "@/state/chosen/panel";
import { lookHome, useHome } from "@/state/keeping/home";
import { useSettings } from "@/state/keeping/settings";
import { useProject } from "@/state/project/projectStore";
import { ColourDot } from "@/ui/parts/Colour";
import { Sheet } from "@/ui/parts/Sheet";
import { openProject } from "@/ui/projects/openProject";
import { BENCHES, HELP_PATH, PANELS_PATH, SHELF_PATH } from "./benches";
import { PROJECT_ACTS } from "./projectActs";
import { SHORTCUTS, type Hands } from "./shortcuts";

/** What opens it need not stand in it. */
const PALETTE_KEYS = "Ctrl K";

interface Entry {
  readonly id: string;
  readonly name: string;
  readonly keys?: string | undefined;
  readonly colour?: string;
  readonly act: () => void;
}

interface Group {
  readonly name: string;
  readonly entries: readonly Entry[];
}

/** Everything that can be gone to or done, in groups. */
function useGroups(hands: Omit<Hands, "go">): readonly Group[] {
  const { push } = useRouter();
  const { pieces, yarns, panels, id: here } = useProject();
  const british = useSettings(({ words }) => words === "UK");
  const cards = useHome((home) => home.cards) ?? [];
  const shortcutActs = SHORTCUTS.filter(({ does }) => !/^Go to/.test(does));
  const benches = [
    ...BENCHES,
    { path: PANELS_PATH, name: "Panels", key: "P" },
    { path: SHELF_PATH, name: "Shelf", key: "S" },
    { path: HELP_PATH, name: "Help", key: undefined },
  ];
  const known = new Set(PROJECT_ACTS.flatMap(({ keys }) => (keys ? [keys] : [])));
  return [
    {
      name: "Benches",
      entries: benches.map(({ path, name, key }) => ({ id: path, name, keys: key, act: () => push(path) })),
    },
    {
      name: "This project",
      entries: [
        ...pieces.map(({ id, name }) => ({
          id,
          name: name || "A piece",
          act: () => {
            choosePiece(id);
            push("/");
          },
        })),
        ...yarns.map(({ id, name, colour }) => ({
          id,
          name: name || "Yarn",
          colour,
          act: () => {
            chooseYarn(id);
            push("/");
          },
        })),
      ],
    },
    {
      name: "What can be done",
      entries: [
        ...PROJECT_ACTS.filter(({ keys }) => keys !== PALETTE_KEYS).map(({ name, keys, act }) => ({
          id: name,
          name,
          keys,
          act,
        })),
        ...shortcutActs
          .filter(({ keys }) => !known.has(keys))
          .map(({ keys, does, act }) => ({
            id: does,
            name: does,
            keys,
            act: () => act({ go: push, ...hands }),
          })),
      ],
    },
    {
      name: "Projects",
      entries: cards
        .filter(({ id, goneAt }) => goneAt === null && id !== here)
        .map(({ id, name, yarn }) => ({
          id,
          name: name || "Untitled project",
          colour: yarn.colour,
          act: () => void openProject({ id, name }),
        })),
    },
    {
      name: "Panels",
      entries: [
        ...panels.map(({ id, name }) => ({ id, name: name || "without a name" })),
        ...LIBRARY.map(({ id, name, uk }) => ({ id, name: british && uk ? uk : name })),
      ].map(({ id, name }) => ({
        id,
        name,
        act: () => {
          choosePanel(id);
          push(PANELS_PATH);
        },
      })),
    },
  ];
}

/** How well a name fits what was written: all of its words must stand in it, best at its beginning. */
function fit(_: string, written: string, [name = ""]: readonly string[] = []): number {
  const words = written.toLowerCase().split(/\s+/).filter(Boolean);
  const text = name.toLowerCase();
  if (!words.every((word) => text.includes(word))) return 0;
  return text.startsWith(words[0] ?? "") ? 1 : 0.5;
}

/** Everything by its name: written in part, chosen with the arrows, done with Enter. */
export function Palette(hands: Omit<Hands, "go">) {
  const groups = useGroups(hands);
  useEffect(() => void lookHome(), []);
  const close = () => openPalette(false);
  return (
    <Sheet open onOpenChange={openPalette} title="Find anything">
      <Command label="Find anything" filter={fit} className="mt-3">
        <Command.Input
          autoFocus
          placeholder="A bench, a piece, a yarn, a panel, a project, something to do"
          className="w-full rounded-lg border border-edge bg-paper px-3 py-2"
        />
        <Command.List className="mt-2 max-h-[50dvh] overflow-y-auto">
          <Command.Empty className="p-3 text-faint">Nothing has this name.</Command.Empty>
          {groups
            .filter(({ entries }) => entries.length > 0)
            .map(({ name, entries }) => (
              <Command.Group
                key={name}
                heading={name}
                className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-faint"
              >
                {entries.map(({ id, name: told, keys, colour, act }) => (
                  <Command.Item
                    key={id}
                    value={`${name} ${id}`}
                    keywords={[told]}
                    onSelect={() => {
                      close();
                      act();
                    }}
                    className="flex cursor-pointer items-center gap-2 rounded-md px-2 py-1.5 data-[selected=true]:bg-ink data-[selected=true]:text-paper"
                  >
                    {colour && <ColourDot colour={colour} />}
                    <span className="min-w-0 flex-1 wrap-anywhere">{told}</span>
                    {keys && <span className="text-sm opacity-75">{keys}</span>}
                  </Command.Item>
                ))}
              </Command.Group>
            ))}
        </Command.List>
      </Command>
    </Sheet>
  );
}
