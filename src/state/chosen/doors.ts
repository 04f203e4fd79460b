/** Whether a newcomer stands before the doors; whoever went through one does not meet them again. */
import { create } from "zustand";
import { useSettings } from "../keeping/settings";
import { useProjectStore } from "../project/projectStore";

interface Doors {
  readonly open: boolean;
}

export const useDoors = create<Doors>()(() => ({ open: false }));

/** One is through: a project is open. */
export function passDoors() {
  useSettings.setState({ met: true });
  useDoors.setState({ open: false });
}

/** Opens them to who was never here; another project than the one that is there closes them, whatever brought it. */
export function meetDoors() {
  if (useSettings.getState().met) return;
  useDoors.setState({ open: true });
  const { id } = useProjectStore.getState().project;
  const stop = useProjectStore.subscribe(({ project }) => {
    if (project.id === id) return;
    stop();
    passDoors();
  });
}
