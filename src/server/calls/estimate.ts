/** The yarn of a project file, its balls and their chances, as the page shows them. */
import { plainly } from "@/core/words/plainly";
import { Engine } from "@/core/engine/engine";
import { checkProject } from "@/core/files/projectFile";
import { reportOn } from "@/core/forecast/report";
import { answered, unanswerable, type Answered } from "../answered";
import { parsed } from "../json";

/** Fabrics that were relaxed for one request are there for the next. */
const engine = new Engine();

/** Example: what `GET /api/demo` tells, sent back, is answered with the figures of the first page. */
export function estimateOf(text: string): Answered {
  const body = parsed(text);
  if (!body.ok) return body.refusal;
  const opened = checkProject(body.value);
  if (!opened.ok)
    return unanswerable(
      "This is not a project that can be read.",
      opened.faults.map(({ path, message }) => ({ path: path || "body", message: plainly(message) })),
    );
  const report = reportOn(opened.project, engine.layOf(opened.project));
  return "missing" in report
    ? unanswerable("The project lacks what an estimate needs.", report.missing)
    : answered(report);
}
