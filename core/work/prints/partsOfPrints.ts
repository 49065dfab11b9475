import type { Placement, WallMotif } from "../../pattern/placement";

/** The holes of a print that are shaded, with what they are shaded in and how large they are, m2. */
export function shadedIn(
  { motif, overlay, share }: Placement,
  motifs: readonly WallMotif[],
  shades: ReadonlyMap<string, string>,
): { paint: string; areaM2: number }[] {
  if (shades.size === 0) return [];
  const { cutouts, openM2 } = motifs.find(({ id }) => id === motif)!;
  return cutouts.flatMap((cutout, place) => {
    const paint = cutout.overlay === overlay ? shades.get(cutout.slot) : undefined;
    return paint === undefined ? [] : [{ paint, areaM2: openM2[place]! * share }];
  });
}

export const isMitred = ({ cutBy }: Placement): boolean => cutBy.includes("mitre");
