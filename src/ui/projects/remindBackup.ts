/** A word when nothing has been saved to a file for long: what is in a browser alone is lost with it. */
import { openHome } from "@/state/chosen/homeSheet";
import { lastBackup, isBackupDue, remindedNow } from "@/state/keeping/lastBackup";
import { toast } from "@/ui/parts/toast";
import { tellWhen } from "./when";

/** Reminds of it where it is due; once, and again after a week. */
export async function remindBackup(): Promise<void> {
  const now = Date.now();
  if (!(await isBackupDue(now).catch(() => false))) return;
  remindedNow(now);
  const last = lastBackup();
  toast.warning(
    last === null
      ? "Your projects are in this browser alone"
      : `Your newest backup was saved ${tellWhen(last, now)}`,
    {
      description: "Save everything to a file, and keep it elsewhere.",
      duration: 20_000,
      action: { label: "To the backup", onClick: () => openHome() },
    },
  );
}
