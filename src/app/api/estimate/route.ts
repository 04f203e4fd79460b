/** POST /api/estimate: the yarn of a project file, its balls and their chances, as the page shows them. */
import { plainly } from "@/core/words/plainly";
import { Engine } from "@/core/engine/engine";
import { checkProject } from "@/core/files/projectFile";
import { reportOn } from "@/core/forecast/report";
import { jsonOf, unanswerable } from "../respond";

/** Fabrics that were relaxed for one request are there for the next. */
const engine = new Engine();

export async function POST(request: Request) {
  const body = await jsonOf(request);
  if (!body.ok) return body.response;
  const opened = checkProject(body.value);
  if (!opened.ok)
    return unanswerable("This is not a project that can be read.", [
      { path: opened.path || "body", message: plainly(opened.message) },
    ]);
  const report = reportOn(opened.project, engine.layOf(opened.project));
  if ("missing" in report) return unanswerable("The project lacks what an estimate needs.", report.missing);
  return Response.json(report);
}
