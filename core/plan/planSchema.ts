import * as z from "zod";
import { acts, worked } from "../work/act";
import type { Plan } from "./planTypes";

const id = z.string().max(1000);
const number = z.number();
const point = z.tuple([number, number]);
const ids = z.array(id).max(200_000);
const box = z.tuple([number, number, number, number]);

const did = z.looseObject({
  act: z.enum(acts),
  wall: id.optional(),
  of: z.enum(worked),
  ids,
  pass: number.optional(),
  coat: number.optional(),
  with: id.optional(),
  past_mm: number.optional(),
  ml: number.optional(),
  tools: z.array(id).optional(),
  height_mm: number.optional(),
});

const step = z.looseObject({
  id,
  kind: z.string(),
  wall: id.optional(),
  minutes: number,
  person: number,
  people: z.array(number).optional(),
  day: number,
  start: number,
  end: number,
  waitsFor: z.array(z.looseObject({ step: id, until: number })),
  does: z.array(did),
  stretches: z
    .array(
      z.looseObject({ minutes: number, start: number.optional(), ids: z.array(z.tuple([number, number])) }),
    )
    .optional(),
});

const mark = z.looseObject({
  id,
  line: id.optional(),
  on: z.string(),
  axis: z.enum(["x", "y"]),
  at: number,
  use: z.string(),
});

const tape = z.looseObject({
  id,
  path: z.array(point).min(1),
  length: number,
  lies: z.enum(["left", "right", "above", "below", "inside", "outside"]),
  width: number,
  line: id.optional(),
  overRegion: id.optional(),
  cuts: id.optional(),
  andCuts: id.optional(),
  against: z.string().optional(),
  centred: z.literal(true).optional(),
  corner: id.optional(),
});

const wall = z.looseObject({
  id,
  outline: z.array(point),
  regions: z.array(
    z.looseObject({
      id,
      colour: id,
      area_m2: number,
      outline: z.array(point).min(3),
      holes: z.array(z.array(point).min(3)),
      name: z.string(),
      label: point,
    }),
  ),
  lines: z.array(z.looseObject({ id, finish: id })),
  level: z.looseObject({ at: number }).nullable(),
  marks: z.array(mark),
  checks: z.array(mark),
  tape: z.array(tape),
  findings: z.array(z.looseObject({ code: z.string() })),
  prints: z
    .array(
      z.looseObject({
        finish: id,
        list: z.array(z.looseObject({ id, motif: id, at: point, turn: number, overlay: id, load: number })),
      }),
    )
    .optional(),
  motifs: z
    .array(
      z.looseObject({
        id,
        face: z.tuple([point, point]),
        cutouts: z.array(z.looseObject({ overlay: id, colour: id, contours: z.array(z.array(point)) })),
      }),
    )
    .optional(),
  bricks: z
    .array(z.looseObject({ finish: id, list: z.array(z.looseObject({ id, box, tone: id, load: number })) }))
    .optional(),
  sheets: z
    .array(
      z.looseObject({
        finish: id,
        drops: z.array(z.looseObject({ n: number, from: number, to: number, roll: number })),
      }),
    )
    .optional(),
  effects: z.array(z.looseObject({ finish: id, regions: z.array(id) })).optional(),
  coats: z
    .array(
      z.looseObject({
        finish: id,
        coat: number,
        colour: id,
        sections: z.array(
          z.looseObject({
            id,
            minutes: number,
            box,
            tone: z.string().optional(),
            ragged: z.array(z.enum(["right", "bottom"])).optional(),
          }),
        ),
      }),
    )
    .optional(),
});

/** Of a printed plan what is read when it is carried out; what else it holds is let be. */
const planSchema = z.looseObject({
  format: z.literal("jacaranda-plan/1"),
  walls: z.array(wall).max(1000),
  paint: z.array(
    z.looseObject({ colour: id, packs: z.array(z.looseObject({ size_ml: number, count: number })) }),
  ),
  mixes: z.array(z.looseObject({ paint: id, make_ml: number })).optional(),
  work: z.looseObject({ end: number }).nullable(),
  steps: z.array(step).max(20_000),
  days: z.array(
    z.looseObject({
      day: number,
      pause: z.looseObject({ from: z.string(), to: z.string() }).optional(),
    }),
  ),
  sundries: z.array(z.looseObject({ item: id, count: number })),
  tools: z.array(z.looseObject({ item: id })),
  findings: z.array(z.looseObject({ code: z.string() })),
});

export type ReadPlan =
  { ok: true; plan: Plan } | { ok: false; problems: { path: string; message: string }[] };

/** Reads a printed plan, from whatever program; its problems where it is none. */
export function readPlan(text: string): ReadPlan {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return { ok: false, problems: [{ path: "", message: `is not JSON (${reason}); expected a plan` }] };
  }
  const read = planSchema.safeParse(document);
  if (read.success) return { ok: true, plan: document as Plan };
  return {
    ok: false,
    problems: read.error.issues.slice(0, 100).map(({ path, message }) => ({ path: path.join("."), message })),
  };
}
