/**
 * What is asked of a material beside its numbers. mineral: lime, and what it bonds with; it burns. on mineral only: powders
 * off from any other ground. marks: tape and hands leave marks on it, or it flakes: it goes on last. hides: covers what is
 * under it in coats that its contrast tells. settles: what is in it sinks, and is stirred up at intervals.
 */
export type MaterialKind = "mineral" | "on mineral only" | "marks" | "hides" | "settles";

interface Material {
  readonly spreadRate: number;
  readonly coats: number;
  readonly open: number;
  readonly touchDry: number;
  readonly recoat: number;
  readonly tapeOver: number;
  readonly is: readonly MaterialKind[];
}

/**
 * Materials: spread in m2 per litre and coat, coats, and waits in minutes at 20 C and 50 % RH; `open` is how long an edge
 * stays wet enough to be joined and to be peeled. Midpoints of what labels commonly state.
 */
export const materials = {
  "wall-paint": {
    spreadRate: 11,
    coats: 2,
    open: 40,
    touchDry: 60,
    recoat: 180,
    tapeOver: 1440,
    is: ["hides"],
  },
  primer: { spreadRate: 10, coats: 1, open: 40, touchDry: 60, recoat: 180, tapeOver: 1440, is: [] },
  "mineral-primer": {
    spreadRate: 7,
    coats: 1,
    open: 30,
    touchDry: 120,
    recoat: 720,
    tapeOver: 1440,
    is: ["mineral"],
  },
  limewash: {
    spreadRate: 6.5,
    coats: 3,
    open: 20,
    touchDry: 120,
    recoat: 180,
    tapeOver: 2880,
    is: ["mineral", "on mineral only", "marks", "settles"],
  },
  "metallic-plaster": {
    spreadRate: 1.8,
    coats: 2,
    open: 20,
    touchDry: 120,
    recoat: 240,
    tapeOver: 1440,
    is: ["marks"],
  },
  "pearl-coat": {
    spreadRate: 8,
    coats: 2,
    open: 25,
    touchDry: 60,
    recoat: 240,
    tapeOver: 1440,
    is: ["marks", "settles"],
  },
  "metallic-paint": {
    spreadRate: 9,
    coats: 2,
    open: 25,
    touchDry: 60,
    recoat: 240,
    tapeOver: 1440,
    is: ["marks", "settles"],
  },
  gloss: {
    spreadRate: 13,
    coats: 2,
    open: 20,
    touchDry: 240,
    recoat: 960,
    tapeOver: 2880,
    is: ["marks", "hides"],
  },
  "floor-paint": {
    spreadRate: 10,
    coats: 2,
    open: 30,
    touchDry: 120,
    recoat: 480,
    tapeOver: 2880,
    is: ["hides"],
  },
  "floor-varnish": {
    spreadRate: 11,
    coats: 2,
    open: 20,
    touchDry: 60,
    recoat: 240,
    tapeOver: 1440,
    is: [],
  },
  varnish: { spreadRate: 12, coats: 2, open: 20, touchDry: 60, recoat: 240, tapeOver: 1440, is: [] },
  whitewash: { spreadRate: 14, coats: 1, open: 20, touchDry: 60, recoat: 180, tapeOver: 1440, is: [] },
} as const satisfies Record<string, Material>;

/** Whether a material is of a kind. */
export const isOf = (material: keyof typeof materials, kind: MaterialKind): boolean =>
  (materials[material].is as readonly MaterialKind[]).includes(kind);

/** Whether tape and hands leave marks on a paint: by its material, or by a sheen of gloss. */
export const marksUnderTape = ({
  material,
  sheen,
}: {
  readonly material: keyof typeof materials;
  readonly sheen: string;
}): boolean => isOf(material, "marks") || sheen === "gloss";
