import { expect, inject, it } from "vitest";
import { keysOf } from "@/core/work/keys";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan, PlanTape } from "@/core/plan/planTypes";
import { randomDocument, type RandomDocument } from "./documents";
import { randomOf } from "./support";

/** Days are set up and closed as they come; all else is work that lasts. */
const keysIn = ({ steps }: Plan): Set<string> =>
  new Set(steps.flatMap(({ does }) => keysOf(does)).filter((key) => !/ (set-up|close) room /.test(key)));

function planned(document: RandomDocument): Plan | null {
  const parsed = parseJob(document);
  const whole = parsed.ok ? plan(parsed.job) : null;
  return whole && whole.steps.length > 0 ? whole : null;
}

const withWork = (document: RandomDocument, work: object): RandomDocument => ({
  ...document,
  work: { ...(document.work as object), ...work },
});

it("work is the same work in other air, with other hands and hours, and whenever the next coat may go on", () => {
  const random = randomOf(inject("propertySeed"));
  let compared = 0;
  for (let document = randomDocument(random); compared < 10; document = randomDocument(random)) {
    const usual = planned(document);
    if (!usual) continue;
    const keys = keysIn(usual);
    for (const work of [
      { temperature: 12, humidity: 75 },
      { temperature: 31, humidity: 40 },
      { crew: 3 },
      { from: "07:30", to: "12:45", break_min: 0 },
      { secondCoat: "next-day" },
      { secondCoat: "touch", crew: 2 },
    ]) {
      const other = planned(withWork(document, work));
      // In some air nothing is painted.
      if (other) expect(keysIn(other), JSON.stringify([work, document])).toEqual(keys);
    }
    compared++;
  }
});

it("under another hex every key that is still there means the same work", () => {
  const random = randomOf(inject("propertySeed") + 1);
  let kept = 0;
  for (let count = 0; count < 40; count++) {
    const document = randomDocument(random);
    const usual = planned(document);
    const paints = (document.paints as { id: string }[]).map((paint, index) =>
      index === 1 ? { ...paint, hex: "#102030" } : paint,
    );
    const other = usual && planned({ ...document, paints });
    if (!other) continue;
    const meant = meaningOf(usual);
    for (const [key, meaning] of meaningOf(other)) {
      if (!meant.has(key) || meant.get(key) === inAMillimetre || meaning === inAMillimetre) continue;
      expect([key, meaning]).toEqual([key, meant.get(key)]);
      kept++;
    }
  }
  expect(kept).toBeGreaterThan(100);
});

/** Places in names are whole millimetres: a piece that is shorter may have the name of the next, and two that begin within one share theirs. */
const inAMillimetre = "within a millimetre";
const isTiny = (path: PlanTape["path"]): boolean =>
  path.every(([x, y]) => Math.abs(x - path[0]![0]) < 1 && Math.abs(y - path[0]![1]) < 1);

/** Pieces that lie elsewhere than the one whose name they have with a number, and that one: not the same laid once more. */
function sharingNames(tape: readonly PlanTape[]): string[] {
  const byId = new Map(tape.map((piece) => [piece.id, piece]));
  return tape.flatMap(({ id, path }) => {
    const first = byId.get(id.replace(/-\d+$/, ""));
    return first && first.id !== id && JSON.stringify(first.path) !== JSON.stringify(path)
      ? [id, first.id]
      : [];
  });
}

/** What a key stands for: where its tape lies, how large its region is, what it is done with. */
function meaningOf({ steps, walls }: Plan): Map<string, string> {
  const places = new Map<string, string>();
  const tiny = new Set(
    walls.flatMap(({ tape }) => [
      ...tape.flatMap(({ id, path }) => (isTiny(path) ? [id] : [])),
      ...sharingNames(tape),
    ]),
  );
  for (const { tape, regions, prints = [] } of walls) {
    for (const { id, path, lies } of tape) places.set(id, JSON.stringify([path, lies]));
    for (const { id, area_m2, label } of regions) places.set(id, JSON.stringify([area_m2, label]));
    for (const { list } of prints)
      for (const { id, at, overlay } of list) places.set(id, JSON.stringify([at, overlay]));
  }
  return new Map(
    steps.flatMap(({ does }) =>
      does.flatMap((one) =>
        keysOf([one]).map((key, place): [string, string] => [
          key,
          tiny.has(one.ids[place]!)
            ? inAMillimetre
            : `${one.with ?? ""} ${places.get(one.ids[place]!) ?? ""}`,
        ]),
      ),
    ),
  );
}
