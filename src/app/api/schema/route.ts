/** GET /api/schema: the JSON Schema of the project file. */
import { z } from "zod";
import { projectSchema } from "@/core/project/project";

export const dynamic = "force-static";

export const GET = () => Response.json(z.toJSONSchema(projectSchema, { io: "input" }));
