import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { jobJsonSchema } from "./jobJsonSchema";

it("docs/job.schema.json is the schema that parses; npm run schema writes it", () => {
  const written: unknown = JSON.parse(readFileSync("docs/job.schema.json", "utf8"));
  expect(written).toEqual(JSON.parse(JSON.stringify(jobJsonSchema())));
});

it("asks for what a job cannot do without", () => {
  expect(jobJsonSchema()).toMatchObject({
    required: ["format", "name", "paints", "walls", "finishes"],
    additionalProperties: false,
    patternProperties: { "^x-": {} },
  });
});
