import { expect, it } from "vitest";
import { maximumBytes } from "@/core/job/parseJob";
import { readBody } from "./readBody";

const request = (body: string | null) => new Request("http://127.0.0.1/", { method: "POST", body });

it("reads a body as text, in whatever pieces it comes", async () => {
  expect(await readBody(request("9′ 4⅜″"))).toBe("9′ 4⅜″");
  expect(await readBody(request(null))).toBe("");
});

it("refuses one that is larger than a job may be", async () => {
  expect(await readBody(request("x".repeat(maximumBytes)))).toHaveLength(maximumBytes);
  expect(await readBody(request("x".repeat(maximumBytes + 1)))).toBeNull();
});
