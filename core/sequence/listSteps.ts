import type { Condition, Wall } from "../wall/schema";
import { fillerDryMin, roomMinutes, washedDryMin } from "../trade/constants";
import type { Paint } from "../paint/schema";
import { groundReady } from "./groundReady";
import { addPaintSteps, nextCoat } from "./paintSteps";
import type { Step } from "./step";
import { StepList, waitFor } from "./stepList";
import { workHoursOf } from "./workHours";
import { isInPass, type WorkSite, type WorkWall } from "./workSite";

/**
 * Every step of a job, from clearing the room to putting the furniture back, each after those that it waits for. Nothing
 * here depends on the temperature, and only the dividing of what is longer than a day depends on the hours.
 */
export function listSteps(site: WorkSite): Step[] {
  const walls = site.walls.filter(isWorkedOn);
  if (walls.length === 0) return [];
  const list = new StepList(workHoursOf(site.work).usable);
  const furniture = walls.reduce((sum, { wall }) => sum + thingsOf(wall, "furniture").length, 0);
  list.add({
    id: "clear",
    kind: "clear",
    minutes: roomMinutes.clearing + furniture * roomMinutes.movingOne,
    amount: furniture,
    after: [],
  });
  const metres = walls.reduce((sum, { wall }) => sum + wall.width / 1000, 0);
  list.add({
    id: "cover",
    kind: "cover",
    minutes: metres * roomMinutes.coveringPerM,
    amount: metres,
    after: [waitFor("clear")],
  });
  for (const wall of walls) addPreparation(list, wall, site);
  for (const wall of walls) addMarking(list, wall, site);
  addPaintSteps(list, walls, site);
  addWashingUp(list, site);
  for (const wall of walls) addFinishing(list, wall, site);
  list.add({
    id: "furniture-back",
    kind: "furniture-back",
    minutes: roomMinutes.uncovering + furniture * roomMinutes.movingOne,
    amount: furniture,
    after: [
      ...walls.map(({ wall }) => waitFor(`${wall.id}/plates-back`)),
      ...list.steps.map(({ id }) => waitFor(id)),
    ],
  });
  return list.steps;
}

/** A wall on which something is painted, or taped for what is painted around its corner. */
const isWorkedOn = ({ wall, regions, tape }: WorkWall): boolean =>
  regions.length > 0 &&
  (wall.baseState === "paint" || tape.length > 0 || regions.some(({ group }) => group > 0));

export const thingsOf = (wall: Wall, ...kinds: Wall["fixtures"][number]["kind"][]) =>
  wall.fixtures.filter(({ kind }) => kinds.includes(kind));

function addPreparation(
  list: StepList,
  { wall, surfaceM2, edgeMm }: WorkWall,
  { work, paints }: WorkSite,
): void {
  const id = (name: string) => `${wall.id}/${name}`;
  addPlatesOff(list, wall);
  list.add({
    id: id("wash-wall"),
    kind: "wash-wall",
    wall: wall.id,
    amount: surfaceM2,
    minutes: surfaceM2 * roomMinutes.washingPerM2,
    after: [waitFor("cover"), waitFor(id("plates-off"))],
  });
  // A test for lead comes before anything is rubbed or scraped, and so before the rest.
  const isTest = (index: number) => wall.conditions[index]!.kind === "old-paint";
  const inTurn = [...wall.conditions.keys()].sort((a, b) => Number(isTest(b)) - Number(isTest(a)) || a - b);
  const tests = inTurn.filter(isTest).map((index) => id(`prepare-${index + 1}`));
  for (const index of inTurn) addMending(list, wall, index, isTest(index) ? [] : tests);
  const primer = paints.find((paint) => paint.id === wall.primer);
  const ready = groundReady(wall);
  const whole = surfaceM2 / work.rates.rolling_m2_min + edgeMm / 1000 / work.rates.cuttingIn_m_min;
  const addCoats = (kind: "prime" | "base", paint: Paint, first: typeof ready) => {
    for (let coat = 1; coat <= paint.coats; coat++) {
      list.add({
        id: id(`${kind}-${coat}`),
        kind,
        wall: wall.id,
        colour: paint.id,
        coat,
        minutes: whole,
        amount: surfaceM2,
        after: coat === 1 ? first : nextCoat(id(`${kind}-${coat - 1}`), paint, work.secondCoat),
      });
    }
  };
  if (primer) addCoats("prime", primer, ready);
  if (wall.baseState === "paint") {
    const onPrimer = primer ? [waitFor(id(`prime-${primer.coats}`), "recoat", primer.recoatMin)] : ready;
    addCoats(
      "base",
      paints.find((paint) => paint.id === wall.base)!,
      onPrimer,
    );
  }
}

function addPlatesOff(list: StepList, wall: Wall): void {
  const plates = thingsOf(wall, "plate").length;
  const shelves = thingsOf(wall, "shelf").length;
  const masked = thingsOf(wall, "radiator", "pipe").length;
  if (plates + shelves + masked > 0) {
    list.add({
      id: `${wall.id}/plates-off`,
      kind: "plates-off",
      wall: wall.id,
      amount: plates + shelves + masked,
      minutes:
        plates * roomMinutes.plateOff + shelves * roomMinutes.shelfOff + masked * roomMinutes.maskingOne,
      after: [waitFor("cover")],
    });
  }
}

/** Conditions that are filled or wetted dry before they are sanded flush. */
const mending: Record<Condition["kind"], { readonly minutes: number; readonly sanding?: number }> = {
  crack: { minutes: 15, sanding: 10 },
  patch: { minutes: 10, sanding: 10 },
  gloss: { minutes: 20 },
  grease: { minutes: 15 },
  "bare-plaster": { minutes: 10 },
  "old-paint": { minutes: 10 },
};

function addMending(list: StepList, wall: Wall, index: number, tests: readonly string[]): void {
  const { kind } = wall.conditions[index]!;
  const { minutes, sanding } = mending[kind];
  const prepare = `${wall.id}/prepare-${index + 1}`;
  const shared = { wall: wall.id, condition: kind };
  const after = [
    waitFor(`${wall.id}/wash-wall`, "drying", washedDryMin),
    ...tests.filter((test) => test !== prepare).map((test) => waitFor(test)),
  ];
  list.add({ ...shared, id: prepare, kind: "prepare", minutes, after });
  if (sanding === undefined) return;
  const dry = waitFor(prepare, "drying", fillerDryMin);
  list.add({ ...shared, id: `${wall.id}/sand-${index + 1}`, kind: "sand", minutes: sanding, after: [dry] });
}

/** Marks go on what is dry: the washed and mended wall, or its new base. */
function addMarking(list: StepList, { wall, marks }: WorkWall, { work, paints }: WorkSite): void {
  if (marks === 0) return;
  const base = paints.find((paint) => paint.id === wall.base)!;
  const id = (name: string) => `${wall.id}/${name}`;
  list.add({
    id: id("mark"),
    kind: "mark",
    wall: wall.id,
    amount: marks,
    minutes: roomMinutes.levelLine + marks * work.rates.marking_min,
    after: [...groundReady(wall), waitFor(id(`base-${base.coats}`), "recoat", base.recoatMin)],
  });
}

/** A colour's roller and brush are washed once a round, after the last wall that uses it; between coats they are wrapped. */
function addWashingUp(list: StepList, { work, paints, passes }: WorkSite): void {
  const washUp = (id: string, colour: string, steps: readonly Step[], round?: number) => {
    if (steps.length === 0) return;
    const after = steps.map((step) => waitFor(step.id));
    list.add({ id, kind: "wash-tools", colour, round, minutes: work.rates.washingUp_min, after });
  };
  for (const paint of paints) {
    const whole = list.steps.filter(
      ({ kind, colour }) => (kind === "base" || kind === "prime") && colour === paint.id,
    );
    washUp(`wash-tools-${paint.id}-0`, paint.id, whole);
    for (const pass of passes.filter((candidate) => isInPass(paint, candidate))) {
      const own = list.steps.filter(
        ({ kind, colour, round }) => kind === "paint" && colour === paint.id && round === pass.round,
      );
      washUp(`wash-tools-${paint.id}-${pass.round}`, paint.id, own, pass.round);
    }
  }
}

/** What is left on a wall when its last coat is dry. */
function addFinishing(list: StepList, { wall, marks, tape }: WorkWall, { paints }: WorkSite): void {
  const id = (name: string) => `${wall.id}/${name}`;
  const recoatOf = new Map(paints.map((paint) => [paint.id, paint]));
  const painted = list.steps.filter(
    ({ kind, wall: on }) => on === wall.id && (kind === "paint" || kind === "base"),
  );
  const edges = tape.reduce((sum, { metres }) => sum + metres, 0);
  list.add({
    id: id("touch-up"),
    kind: "touch-up",
    wall: wall.id,
    amount: edges,
    minutes: 5 + edges * roomMinutes.checkingPerM,
    after: [
      waitFor(id("mark")),
      ...painted.map((step) => waitFor(step.id, "recoat", recoatOf.get(step.colour!)!.recoatMin)),
      ...list.steps
        .filter(({ kind, wall: on }) => kind === "peel" && on === wall.id)
        .map((step) => waitFor(step.id)),
    ],
  });
  const dry = Math.max(0, ...painted.map((step) => recoatOf.get(step.colour!)!.touchDryMin));
  if (marks > 0) {
    list.add({
      id: id("rub-out"),
      kind: "rub-out",
      wall: wall.id,
      amount: marks,
      minutes: marks * roomMinutes.rubbingOut,
      after: [waitFor(id("touch-up"), "touch-dry", dry)],
    });
  }
  const fixed = thingsOf(wall, "plate", "shelf", "radiator", "pipe").length;
  if (fixed === 0) return;
  list.add({
    id: id("plates-back"),
    kind: "plates-back",
    wall: wall.id,
    amount: fixed,
    minutes: fixed * roomMinutes.plateBack,
    after: [waitFor(id("touch-up"), "touch-dry", dry), waitFor(id("rub-out"))],
  });
}
