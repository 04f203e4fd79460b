import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import type { NextConfig } from "next";

/** What a project is, as a hash of the files that say so: what was kept under it was checked by just these. */
function schemaHash() {
  const folder = path.join(import.meta.dirname, "src/core/project");
  const hash = createHash("sha256");
  for (const name of readdirSync(folder).toSorted()) hash.update(readFileSync(path.join(folder, name)));
  return hash.digest("base64url").slice(0, 16);
}

const config: NextConfig = {
  // Every page is the same for everybody: files, which any server can send.
  output: "export",
  env: { SCHEMA_HASH: schemaHash() },
  reactStrictMode: true,
  images: { unoptimized: true },
  // Components are drawn anew only where what they are made of has changed.
  reactCompiler: true,
  turbopack: { root: import.meta.dirname },
};

export default config;
