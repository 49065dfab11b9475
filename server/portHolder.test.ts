import { createServer } from "node:net";
import { expect, it } from "vitest";
import { findPortHolder } from "./portHolder";

it("names the process that listens on a port, and nobody where none does", async () => {
  const server = createServer();
  const port = await new Promise<number>((resolve) =>
    server.listen(0, "127.0.0.1", () => resolve((server.address() as { port: number }).port)),
  );
  expect(findPortHolder(port)).toMatch(new RegExp(`^process ${process.pid} \\(.+\\)$`));
  await new Promise((resolve) => server.close(resolve));
  expect(findPortHolder(port)).toBeNull();
});
