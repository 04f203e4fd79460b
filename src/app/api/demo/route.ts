/** GET /api/demo: the project that the browser opens at first start, as a project file. */
import { writeProject } from "@/core/files/projectFile";
import { demoProject } from "@/demo/slipover";

export const dynamic = "force-static";

export const GET = () =>
  new Response(writeProject(demoProject()), { headers: { "content-type": "application/json" } });
