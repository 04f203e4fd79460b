/** Which drawers of a bench stand open, by their names: what was opened or shut once stays so in this browser. */
import { create } from "zustand";
import { persist } from "zustand/middleware";
import { quietStorage } from "@/state/keeping/quietly";

type Drawers = Readonly<Partial<Record<string, boolean>>>;

export const useDrawers = create<{ readonly open: Drawers }>()(
  persist(() => ({ open: {} }), { name: "brenok-drawers", storage: quietStorage() }),
);

export const openDrawer = (name: string, open: boolean) =>
  useDrawers.setState((drawers) => ({ open: { ...drawers.open, [name]: open } }));
