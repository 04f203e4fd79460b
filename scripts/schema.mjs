/** npm run schema: writes the JSON Schema of the project file into docs, from the schema that the code checks by. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { build } from "esbuild";
import { root } from "./server.mjs";

const { outputFiles } = await build({
  stdin: {
    contents: `import { z } from "zod";
      import { projectSchema } from "@/core/project/project";
      export const text = JSON.stringify(z.toJSONSchema(projectSchema, { io: "input" }), null, 2);`,
    resolveDir: root,
    loader: "ts",
  },
  bundle: true,
  write: false,
  format: "esm",
  platform: "node",
  tsconfig: path.join(root, "tsconfig.json"),
});
const code = Buffer.from(outputFiles[0].contents).toString("base64");
const { text } = await import(`data:text/javascript;base64,${code}`);
writeFileSync(path.join(root, "docs/project.schema.json"), `${text}\n`);
console.log("docs/project.schema.json is written.");
