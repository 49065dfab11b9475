import type { OwnContribution } from "./contributionsOf";
import type { PlanCoat, PlanWall } from "../plan/planTypes";

/** The coats of broken colour on a wall, each with the parts that it is worked in; nothing where there are none. */
export function describeCoats(wall: string, own: readonly OwnContribution[]): Pick<PlanWall, "coats"> {
  const coats = own.flatMap(({ finish, coats = [] }) =>
    coats
      .filter((coat) => coat.wall === wall)
      .map((coat): PlanCoat => ({
        finish,
        coat: coat.coat,
        colour: coat.colour,
        minutes: coat.minutes,
        hands: coat.hands,
        unbroken: true,
        front_min: coat.frontMin,
        open_min: coat.openMin,
        fits: coat.fits,
        need_ml: coat.needMl,
        sections: coat.sections.map(({ id, box, areaM2, minutes, tone, ragged }, index) => ({
          id,
          order: index + 1,
          area_m2: areaM2,
          minutes,
          box: [box.minX, box.minY, box.maxX - box.minX, box.maxY - box.minY],
          ...(tone !== undefined && { tone }),
          ...(ragged && { ragged: [...ragged] }),
        })),
      })),
  );
  return coats.length > 0 ? { coats } : {};
}
