/** Which project is open: in this tab, and in the tab that was used last. */
import { keepQuietly, recall } from "./quietly";

const KEY = "brenok-open";

/** The id of the project that this tab had open, or else that any tab had open last; null where nobody knows. */
export const openHere = (): string | null => recall("sessionStorage", KEY) ?? recall("localStorage", KEY);

export function nowOpen(id: string): void {
  keepQuietly("sessionStorage", KEY, id);
  keepQuietly("localStorage", KEY, id);
}
