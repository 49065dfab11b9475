import type { Cure, Finding } from "../findings/finding";
import type { Fixture } from "../wall/schema";
import type { Strip } from "../wall/strip";
import { nameOf } from "../wall/surface";

/** What people see a pattern with is at least so wide, and its middle so near to the wall's that the two are compared, mm. */
const leastWide = 600;
const off = { least: 5, most: 200 } as const;

/** A pattern that is centred on a wall where a bed or a chest stands a little off that: its middle is offered. */
export function checkOffCentre(
  { parts, extent }: Strip,
  cureOn: (thing: Fixture, x: number) => Cure | null,
): Finding[] {
  const [only, another] = parts;
  if (!only || another) return [];
  const middle = (extent.minX + extent.maxX) / 2;
  return only.wall.fixtures.flatMap((thing): Finding[] => {
    if (thing.kind !== "furniture" || thing.width < leastWide) return [];
    const x = thing.x + thing.width / 2;
    const by = x - middle;
    if (Math.abs(by) < off.least || Math.abs(by) > off.most) return [];
    const cure = cureOn(thing, x);
    return [
      {
        code: "off-centre",
        severity: "note",
        values: { thing: nameOf(thing), by },
        at: { x, y: thing.y + thing.height },
        ...(cure && { cure }),
      },
    ];
  });
}
