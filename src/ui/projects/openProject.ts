/** Opening a project that is kept in this browser; why one was not opened is said. */
import { openKept } from "@/state/keeping/home";
import { asSaid } from "@/ui/parts/Said";
import { toast } from "@/ui/parts/toast";

/** Gives whether it is open now. */
export async function openProject({ id, name }: { readonly id: string; readonly name: string }) {
  const refused = await openKept(id);
  if (refused) toast.error(`${name} was not opened`, { description: asSaid(refused), duration: 15_000 });
  return refused === null;
}
