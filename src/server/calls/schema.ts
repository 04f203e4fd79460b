/** GET /api/schema: the JSON Schema of the project file. */
import { z } from "zod";
import { projectSchema } from "@/core/project/project";
import { answered } from "../answered";

export const schema = () => answered(z.toJSONSchema(projectSchema, { io: "input" }));
