import { writeFileSync } from "node:fs";
import { jobJsonSchema } from "@/core/job/jobJsonSchema";

writeFileSync("docs/job.schema.json", `${JSON.stringify(jobJsonSchema(), null, 2)}\n`);
