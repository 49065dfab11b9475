import * as z from "zod";
import { jobSchema } from "./schema";

/**
 * The JSON Schema of the job document, made from the schemas that parse it. Objects refuse unknown keys but
 * for those that start with "x-".
 */
export function jobJsonSchema(): object {
  const schema = z.toJSONSchema(jobSchema, {
    io: "input",
    override: ({ jsonSchema }) => {
      if (jsonSchema.additionalProperties === false) jsonSchema.patternProperties = { "^x-": {} };
    },
  });
  return { title: "Jacaranda job", ...schema };
}
