/** When everything was last saved to a file, and whether that is too long ago. */
import { keepQuietly, recall } from "./quietly";
import { allCards } from "./records";

const LAST = "brenok-last-backup";
const REMINDED = "brenok-backup-reminded";
const FIRST = "brenok-first-kept";
const DAY_MS = 86_400_000;
/** Older than this a backup is old; and one is reminded of it no sooner than after a week. */
const OLD_MS = 30 * DAY_MS;
const AGAIN_MS = 7 * DAY_MS;

const timeOf = (key: string): number | null => Number(recall("localStorage", key)) || null;

/** In ms since 1970; null where it never was. */
export const lastBackup = (): number | null => timeOf(LAST);

export const backedUpNow = (now: number) => void keepQuietly("localStorage", LAST, String(now));
export const remindedNow = (now: number) => void keepQuietly("localStorage", REMINDED, String(now));

/** Whether to remind of a backup: there is something of one's own that is newer than a backup which is old. */
export async function isBackupDue(now: number): Promise<boolean> {
  const own = (await allCards()).filter(({ demo, goneAt }) => !demo && goneAt === null);
  if (own.length === 0) return false;
  const first = timeOf(FIRST);
  if (first === null) keepQuietly("localStorage", FIRST, String(now));
  const last = lastBackup() ?? first ?? now;
  const changed = own.some(({ changedAt }) => changedAt > (lastBackup() ?? 0));
  return changed && now - last > OLD_MS && now - (timeOf(REMINDED) ?? 0) > AGAIN_MS;
}
