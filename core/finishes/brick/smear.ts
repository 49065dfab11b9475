import { lightnessOf } from "../../colour/lightness";
import type { Finding } from "../../findings/finding";
import { resolvedMmPerMetre } from "../../trade/constants";
import type { PaintUse, SundryUse } from "../../work/contribution";
import { printedUses } from "../../work/prints/printedUses";
import { did } from "../../work/act";
import { heightOf } from "../../work/cautions";
import { filmMl } from "../../work/filmMl";
import { finishStep } from "../../work/keys";
import { floorCovered } from "../../work/room/protectRoom";
import { waitFor, type StepDraft } from "../../work/step";
import type { PartOfWall, Site } from "../defineCraft";
import type { BrickLayout } from "./layout";

/** m2 of wall that filler and white are dragged across in a minute, and minutes for the board that is tried first. */
const smearing = 0.15;
const boardMin = 20;
/** White dragged on thinly goes so far, m2 a litre; what a spatula keeps, ml. */
const white = { spreadRate: 14, toolsMl: 20 } as const;
/** Joints read while they are at least so many times as wide as what the eye resolves, and differ by so much of L*. */
const timesResolved = 3;
const leastContrast = 8;

/** Filler dries a night for each so many mm begun: the first from the evening on, every further one a day, minutes. */
const mmANight = 1.5;
const fillerNights = ({ thickness }: Smear): number =>
  12 * 60 + (Math.ceil(thickness / mmANight - 1e-9) - 1) * 24 * 60;

type Smear = NonNullable<BrickLayout["spec"]["smear"]>;

/** m2 of faces on a wall. */
const facesM2 = ({ bricks }: PartOfWall): number =>
  bricks
    .flatMap(({ list }) => list)
    .reduce((sum, { box, share }) => sum + ((box.maxX - box.minX) * (box.maxY - box.minY) * share) / 1e6, 0);

/** Filler under a share of the faces, ml: m2 x mm are litres. */
export const fillerMl = (on: PartOfWall, { share, thickness }: Smear): number =>
  facesM2(on) * share * thickness * 1000;

/** A board at three shares, looked at from where people stand; then filler and white dragged across. */
export function smearSteps(on: PartOfWall, layout: BrickLayout, site: Site, after: string): StepDraft[] {
  const { spec } = layout;
  if (!spec.smear) return [];
  const { share, paint } = spec.smear;
  const id = (name: string) => finishStep(on.wall.id, spec.id, name);
  const shared = { wall: on.wall.id, session: spec.id, colour: paint } as const;
  return [
    {
      ...shared,
      id: id("smear-board"),
      phase: "prepare",
      verb: "smear-board",
      does: [
        did("trial", "board", [`${on.wall.id}/${spec.id}/smear-board`], {
          with: paint,
          tools: ["smear-filler"],
        }),
      ],
      gate: "look",
      minutes: boardMin,
      after: [floorCovered],
      say: {
        code: "brick-smear-board",
        values: { wall: on.wall.id, share, distance: layout.context.viewingDistance },
      },
      cautions: [{ code: "care-filler", values: {} }],
      evening: [{ code: "ready-smear", values: {} }],
    },
    {
      ...shared,
      id: id("smear"),
      phase: "colour",
      verb: "smear",
      does: [
        did("coat", "wall", [on.wall.id], {
          with: paint,
          ml: filmMl(white, facesM2(on) * share, on.wall.texture),
          tools: ["smear-filler"],
          heightMm: heightOf(on.wall),
        }),
      ],
      minutes: facesM2(on) / smearing,
      driesMin: fillerNights(spec.smear),
      after: [waitFor(after), waitFor(id("smear-board"), "drying", site.paints.get(paint)!.touchDryMin)],
      say: {
        code: "brick-smear",
        values: { wall: on.wall.id, colour: paint, share, filler: fillerMl(on, spec.smear) },
      },
      cautions: [{ code: "care-filler", values: {} }],
      evening: [],
    },
  ];
}

/** What the smear uses up: white by the share of the faces, filler by that and its thickness. */
export function smearUses(
  walls: readonly PartOfWall[],
  { spec: { smear } }: BrickLayout,
): { readonly paint: readonly PaintUse[]; readonly sundries: readonly SundryUse[] } {
  if (!smear) return { paint: [], sundries: [] };
  const areas = walls.map((on) => ({
    wall: on.wall,
    areas: new Map([[smear.paint, facesM2(on) * smear.share]]),
  }));
  const amount = walls.reduce((sum, on) => sum + fillerMl(on, smear), 0);
  return { paint: printedUses(areas, white), sundries: [{ item: "smear-filler", amount }] };
}

/** Whether joints still read from where people stand: wide enough for the eye, and apart from faces that are smeared so far. */
export function checkJoints(on: PartOfWall, layout: BrickLayout, { paints }: Site): Finding[] {
  const { spec, context } = layout;
  if (!spec.smear) return [];
  const light = (paint: string) => lightnessOf(paints.get(paint)!.hex);
  const [joint, face, smear] = [light(on.wall.base), light(spec.colour), light(spec.smear.paint)];
  const smeared = face + spec.smear.share * (smear - face);
  const resolved = (timesResolved * resolvedMmPerMetre * context.viewingDistance) / 1000;
  const contrast = Math.abs(joint - smeared);
  if (contrast >= leastContrast && spec.joint >= resolved) return [];
  const values = { wall: on.wall.id, contrast, least: leastContrast, joint: spec.joint, resolved };
  return [{ own: true, code: "joints-vanish", severity: "check", values, at: null }];
}
