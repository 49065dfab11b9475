import { describe, expect, it } from "vitest";
import { contentSecurityPolicy, isLoopback, isOwnRequest, pathOf, urlOf } from "./requestGuard";

describe("who may ask", () => {
  it.each([
    ["127.0.0.1", true],
    ["127.8.9.1", true],
    ["localhost", true],
    ["::1", true],
    ["0.0.0.0", false],
    ["192.168.1.4", false],
    ["127.0.0.1.ferry.example", false],
    ["", false],
  ])("HOST %s keeps to this machine: %s", (host, own) => expect(isLoopback(host)).toBe(own));

  const passes = (host: string | undefined, origin?: string, port = 4610) =>
    isOwnRequest({ host, origin }, "127.0.0.1", port);

  it("lets in what names this server, from its own pages", () => {
    expect(passes("127.0.0.1:4610")).toBe(true);
    expect(passes("LOCALHOST:4610", "http://localhost:4610")).toBe(true);
    expect(passes("[::1]:4610", "http://[::1]:4610")).toBe(true);
    expect(passes("localhost", undefined, 80)).toBe(true);
  });

  it("turns away other names, ports, schemes and pages", () => {
    expect(passes(undefined)).toBe(false);
    expect(passes("localhost")).toBe(false);
    expect(passes("localhost:4611")).toBe(false);
    expect(passes("localhost:4610.ferry.example")).toBe(false);
    expect(passes("localhost:4610", "http://localhost:9999")).toBe(false);
    expect(passes("localhost:4610", "https://localhost:4610")).toBe(false);
    expect(passes("localhost:4610", "http://localhost:4610.ferry.example")).toBe(false);
    expect(passes("localhost:4610", "null")).toBe(false);
  });

  it("gives every answer a nonce of its own, and eval only in development", () => {
    expect(contentSecurityPolicy(false)).not.toBe(contentSecurityPolicy(false));
    expect(contentSecurityPolicy(false)).not.toContain("unsafe-eval");
    expect(contentSecurityPolicy(true)).toContain("unsafe-eval");
    expect(urlOf("::1", 80)).toBe("http://[::1]:80");
  });

  it.each([
    ["/jobs/a/w/mark?x=%ff", "/jobs/a/w/mark?x=%ff"],
    ["http://127.0.0.1:4610/jobs?x=1", "/jobs?x=1"],
    ["http://localhost:4610", "/"],
    ["/jobs/M%C3%BChle", "/jobs/M%C3%BChle"],
    ["http://ferry.example/jobs", null],
    ["http://127.0.0.1:4611/jobs", null],
    ["//ferry.example/jobs", null],
    ["/\\ferry.example", null],
    ["*", null],
    ["/jobs/%00", null],
    ["/jobs/%0d%0a", null],
    ["/jobs/%ff", null],
    ["/jobs/%", null],
    [undefined, null],
  ])("takes the address %s for %s", (url, path) => expect(pathOf(url, "127.0.0.1", 4610)).toBe(path));
});
