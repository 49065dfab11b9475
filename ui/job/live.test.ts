import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { followLive, type JobStanding } from "./live";

class FakeEventSource {
  static readonly CLOSED = 2;
  readyState = 1;
  onmessage?: (event: { data: string }) => void;
  constructor(readonly address: string) {
    lines.push(this);
  }
  close() {
    this.readyState = FakeEventSource.CLOSED;
  }
}
const lines: FakeEventSource[] = [];
const openLines = () => lines.filter(({ readyState }) => readyState !== FakeEventSource.CLOSED).length;
let page: EventTarget & { visibilityState: string };

beforeEach(() => {
  lines.length = 0;
  page = Object.assign(new EventTarget(), { visibilityState: "visible" });
  vi.useFakeTimers();
  vi.stubGlobal("window", new EventTarget());
  vi.stubGlobal("document", page);
  vi.stubGlobal("EventSource", FakeEventSource);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const show = (visibilityState: string) => {
  page.visibilityState = visibilityState;
  page.dispatchEvent(new Event("visibilitychange"));
};

it("one line is open while the page is looked at, and none after it", () => {
  const heard: JobStanding[] = [];
  const end = followLive("a b", (standing) => heard.push(standing));
  expect(lines.map(({ address }) => address)).toEqual(["/api/jobs/a%20b/live"]);
  lines[0]!.onmessage!({ data: '{"version":3,"seq":12}' });
  lines[0]!.onmessage!({ data: "null" });
  expect(heard).toEqual([{ version: 3, seq: 12 }, null]);
  vi.advanceTimersByTime(60_000);
  expect(lines).toHaveLength(1);
  show("hidden");
  vi.advanceTimersByTime(60_000);
  expect(openLines()).toBe(0);
  show("visible");
  expect([lines.length, openLines()]).toEqual([2, 1]);
  window.dispatchEvent(new Event("pagehide"));
  expect(openLines()).toBe(0);
  end();
  show("visible");
  vi.advanceTimersByTime(60_000);
  expect([lines.length, openLines()]).toEqual([2, 0]);
});

it("a line on which the browser has given up is opened again by itself, and at once when there is a connection", () => {
  const end = followLive("j", () => undefined);
  // One that the browser tries again by itself is left to it.
  lines[0]!.readyState = 0;
  vi.advanceTimersByTime(60_000);
  expect(lines).toHaveLength(1);
  lines[0]!.readyState = FakeEventSource.CLOSED;
  vi.advanceTimersByTime(3000);
  expect([lines.length, openLines()]).toEqual([2, 1]);
  lines[1]!.readyState = FakeEventSource.CLOSED;
  window.dispatchEvent(new Event("online"));
  expect([lines.length, openLines()]).toEqual([3, 1]);
  end();
  expect(openLines()).toBe(0);
});
