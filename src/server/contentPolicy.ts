/** Which content a page may have: what comes from here, and of scripts in the page itself those alone that were built into it. */

/** The hashes of each page's own scripts, by its path. */
export type ScriptHashes = Readonly<Record<string, readonly string[]>>;

const ANYWHERE = [
  "default-src 'self'",
  // Styles are set on what is drawn, in places and widths that nobody knows beforehand.
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self' data:",
  "connect-src 'self' blob: data:",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
];

/** The page that is shown where there is none. */
const MISSING = "/404";

/** A page may be asked for by the name of its file. Example: "/index.html" is "/", "/knit/" is "/knit". */
const pageOf = (path: string) => path.replace(/\.html$|(?<=.)\/$/, "").replace(/^\/index$/, "/");

/** Example: the policy of a page with one script names one hash, and no 'unsafe-inline' for scripts. */
export function contentPolicy(scripts: ScriptHashes, path: string): string {
  const hashes = scripts[pageOf(path)] ?? scripts[MISSING] ?? [];
  return [...ANYWHERE, `script-src ${["'self'", ...hashes.map((hash) => `'${hash}'`)].join(" ")}`].join("; ");
}
