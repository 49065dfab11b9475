import type { Job } from "../job/schema";
import { clockOf, minutesADay } from "../measure/calendar";
import { formatLength, formatVolume } from "../measure/formatLength";
import type { PlanPoint } from "../plan/planPoint";
import type { Plan, PlanTape, PlanWall } from "../plan/planTypes";
import { Drying } from "./drying";
import type { Fault, FaultCode } from "./fault";
import { Ground } from "./ground";
import { timelineOf, type Doing } from "./timeline";

/** Paint that has come onto a region: its own coat, one over the whole wall, or a part of broken colour. */
export interface Layer {
  readonly paint: string | null;
  readonly kind: "own" | "whole" | "broken";
  readonly act: Doing["did"]["act"];
  readonly coat: number;
  readonly from: number;
  readonly to: number;
  readonly doing: Doing | null;
  /** The finish whose broken colour it is. */
  readonly finish?: string;
}

/** A piece of tape from its laying until it is off; off never, where no step takes it off. */
export interface TapeLife {
  readonly piece: PlanTape;
  readonly wall: string;
  readonly laid: Doing | null;
  readonly off: Doing | null;
}

/** What happens to what, and when, where the steps of a plan are carried out to the letter. Rules read it. */
export class History {
  readonly doings: readonly Doing[];
  readonly drying: Drying;
  readonly walls: ReadonlyMap<string, PlanWall>;
  readonly tape: ReadonlyMap<string, TapeLife>;
  private readonly grounds = new Map<string, Ground>();
  private readonly layersOf = new Map<string, Layer[]>();
  private readonly byAct = new Map<string, Doing[]>();
  private readonly names: ReadonlyMap<string, string>;

  constructor(
    readonly job: Job,
    readonly plan: Plan,
  ) {
    this.doings = timelineOf(plan);
    this.drying = new Drying(job);
    this.walls = new Map(plan.walls.map((wall) => [wall.id, wall]));
    this.names = new Map([...job.walls, ...job.paints].map(({ id, name }) => [id, name ?? id]));
    for (const doing of this.doings) {
      const key = `${doing.did.act} ${doing.did.of}`;
      const own = this.byAct.get(key);
      if (own) own.push(doing);
      else this.byAct.set(key, [doing]);
    }
    this.tape = this.tapeLives();
    for (const wall of job.walls) this.layOnWall(wall);
  }

  /** All that is done by an act to things of a kind, in time. */
  all = (act: Doing["did"]["act"], of: Doing["did"]["of"]): readonly Doing[] =>
    this.byAct.get(`${act} ${of}`) ?? [];

  ground(wall: string): Ground {
    let known = this.grounds.get(wall);
    if (!known) this.grounds.set(wall, (known = new Ground(this.walls.get(wall)!)));
    return known;
  }

  /** All paint on a region, the first first; a base that was on from the first has come long before. */
  layers = (region: string): readonly Layer[] => this.layersOf.get(region) ?? [];

  called = (id: string): string => this.names.get(id) ?? id;

  /** A fault that happens as something is done, where it is told: there, else in the middle of its wall. */
  faultIn(code: FaultCode, { step, wall, from }: Doing, say: string, at: PlanPoint | null = null): Fault {
    return this.fault(code, { step: step.id, wall }, at, from, say);
  }

  fault(
    code: FaultCode,
    { step, wall }: { readonly step: string | null; readonly wall: string | null },
    at: PlanPoint | null,
    minute: number,
    say: string,
  ): Fault {
    const where = wall === null || wall === "" ? "" : `${this.called(wall)}: `;
    const place = at ?? this.middleOf(wall);
    return { code, step, wall: wall === "" ? null : wall, at: place, minute, say: `${where}${say}` };
  }

  /** What has no place of its own is told in the middle of its wall. */
  private middleOf(wall: string | null): PlanPoint | null {
    const outline = this.walls.get(wall ?? "")?.outline ?? [];
    if (outline.length === 0) return null;
    const sum = (axis: 0 | 1) => outline.reduce((total, point) => total + point[axis], 0);
    return [sum(0) / outline.length, sum(1) / outline.length];
  }

  length = (mm: number): string => formatLength(mm, this.job.units);
  volume = (ml: number): string => formatVolume(ml, this.job.volumes);

  /** A moment in words. */
  at(minute: number): string {
    const whole = Math.round(minute);
    const day = Math.floor(whole / minutesADay);
    return `day ${day + 1} at ${clockOf(whole - day * minutesADay)}`;
  }

  private tapeLives(): Map<string, TapeLife> {
    const first = (...doings: (readonly Doing[])[]) => {
      const found = new Map<string, Doing>();
      for (const doing of doings.flat()) if (!found.has(doing.id)) found.set(doing.id, doing);
      return found;
    };
    const laid = first(this.all("tape", "tape"), this.all("mask", "tape"));
    const off = first(this.all("peel", "tape"), this.all("unmask", "tape"));
    return new Map(
      this.plan.walls.flatMap(({ id, tape }) =>
        tape.map((piece): [string, TapeLife] => [
          piece.id,
          { piece, wall: id, laid: laid.get(piece.id) ?? null, off: off.get(piece.id) ?? null },
        ]),
      ),
    );
  }

  private layOnWall({ id, base, baseState, baseAge = Infinity }: Job["walls"][number]): void {
    const wall = this.walls.get(id);
    if (!wall) return;
    const onAll: Layer[] =
      baseState === "on"
        ? [
            {
              paint: base,
              kind: "whole",
              act: "base",
              coat: 1,
              from: -baseAge,
              to: this.job.work.from - baseAge,
              doing: null,
            },
          ]
        : [];
    const covered = new Map((wall.effects ?? []).map(({ finish, regions }) => [finish, regions] as const));
    const own = new Map<string, Layer[]>(wall.regions.map((region) => [region.id, []]));
    for (const doing of this.doings) {
      if (doing.wall !== id) continue;
      const { act, of, coat = 1 } = doing.did;
      const layer = { paint: doing.did.with ?? null, act, coat, from: doing.from, to: doing.to, doing };
      // A patch that is primed by itself is none.
      if (of === "wall" && doing.id === id && (act === "base" || act === "prime" || act === "coat"))
        onAll.push({ ...layer, kind: "whole" });
      if (of === "region" && act === "coat") own.get(doing.id)?.push({ ...layer, kind: "own" });
      if (of === "section" && (act === "coat" || act === "prime")) {
        const finish = finishOfSection(doing.id, covered);
        for (const region of finish === null ? [] : covered.get(finish)!)
          mergeBroken(own.get(region) ?? [], {
            ...layer,
            kind: "broken",
            ...(finish !== null && { finish }),
          });
      }
    }
    for (const [region, layers] of own)
      this.layersOf.set(
        region,
        [...onAll, ...layers].sort((a, b) => a.from - b.from),
      );
  }
}

/** "f3/c2r1", or on a further wall "f3/stair/c2r1": of f3. */
function finishOfSection(id: string, covered: ReadonlyMap<string, unknown>): string | null {
  const finish = id.slice(0, id.indexOf("/"));
  return covered.has(finish) ? finish : null;
}

/** The sections of one coat are one layer on what they cover, from the first until the last. */
function mergeBroken(layers: Layer[], layer: Layer): void {
  const place = layers.findIndex(
    ({ finish, act, coat, paint }) =>
      finish === layer.finish && act === layer.act && coat === layer.coat && paint === layer.paint,
  );
  const before = layers[place];
  if (before) layers[place] = { ...before, to: Math.max(before.to, layer.to) };
  else layers.push(layer);
}
