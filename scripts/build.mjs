/** npm run build: the pages, then the server that answers with them. */
import { createHash } from "node:crypto";
import { cpSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import { build } from "esbuild";
import { root } from "./server.mjs";
import { run } from "./steps.mjs";

const exported = path.join(root, "out");
const into = path.join(root, "build");
const pages = path.join(into, "pages");

const hashOf = (content) => createHash("sha256").update(content).digest("base64");

/** The scripts that stand in a page, as its content policy names them. */
function hashesOf(html) {
  const scripts = [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([^]*?)<\/script>/g)];
  return [...new Set(scripts.map(([, script]) => `sha256-${hashOf(script)}`))];
}

if (!run("npx", "next", "build")) process.exit(1);
rmSync(into, { recursive: true, force: true });
mkdirSync(into);
renameSync(exported, pages);

await build({
  entryPoints: {
    main: path.join(root, "src/server/main.ts"),
    thread: path.join(root, "src/server/heavy.worker.ts"),
    healthy: path.join(root, "src/server/healthy.ts"),
  },
  outdir: into,
  outExtension: { ".js": ".mjs" },
  bundle: true,
  platform: "node",
  format: "esm",
  target: "node20",
  external: ["piscina"],
  // What is bundled may still ask for parts of Node in the old way.
  banner: {
    js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);',
  },
  logLevel: "warning",
});

/** The one package that starts threads from files of its own. */
for (const part of ["package.json", "LICENSE", "dist"])
  cpSync(path.join(root, "node_modules/piscina", part), path.join(into, "node_modules/piscina", part), {
    recursive: true,
  });

/** Letters of a printed sheet, which a browser does not hand out. */
mkdirSync(path.join(pages, "fonts"));
for (const file of ["ttf/DejaVuSans.ttf", "ttf/DejaVuSans-Bold.ttf", "LICENSE"])
  cpSync(
    path.join(root, "node_modules/dejavu-fonts-ttf", file),
    path.join(pages, "fonts", file === "LICENSE" ? "LICENSE.txt" : path.basename(file)),
  );

const html = readdirSync(pages).filter((name) => name.endsWith(".html"));
const scripts = Object.fromEntries(
  html.map((name) => [
    name === "index.html" ? "/" : `/${name.replace(/\.html$/, "")}`,
    hashesOf(readFileSync(path.join(pages, name), "utf8")),
  ]),
);
writeFileSync(path.join(into, "scripts.json"), JSON.stringify(scripts));

/** All that is kept in the browser. What has a hash in its name is another file when it is another. */
const kept = readdirSync(pages, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile())
  .map((entry) => path.join(entry.parentPath, entry.name))
  .map((file) => {
    const url = `/${path.relative(pages, file).split(path.sep).join("/")}`;
    const revision = url.startsWith("/_next/static/") ? null : hashOf(readFileSync(file));
    return { url, revision };
  });
await build({
  entryPoints: { sw: path.join(root, "src/offline/service.worker.ts") },
  outdir: pages,
  bundle: true,
  minify: true,
  target: "es2022",
  define: { BUILT_FILES: JSON.stringify(kept), "process.env.NODE_ENV": '"production"' },
  logLevel: "warning",
});

/** Compressed once here, and not for everybody who asks. */
for (const name of readdirSync(pages, { recursive: true, encoding: "utf8" })) {
  if (!/\.(?:html|js|css|txt|svg|json|webmanifest)$/.test(name)) continue;
  const file = path.join(pages, name);
  const content = readFileSync(file);
  if (content.length < 1000) continue;
  writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
  writeFileSync(`${file}.br`, brotliCompressSync(content));
}
