/** The browser's database, through localForage, which is loaded beside the page and not before it. */

/** A store of its own name in a database of its own name. Rejects where the browser has none. */
export const database = async (name: string, storeName: string) => {
  const { default: localforage } = await import("localforage");
  return localforage.createInstance({ name, storeName });
};
