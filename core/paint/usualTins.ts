import type { VolumeSystem } from "../measure/units";
import type { materials } from "../trade/materials";

type Material = keyof typeof materials;

/**
 * Sizes in which materials are commonly sold, as their labels read, the smallest first. Wall paints come from a sample pot
 * up; plasters and limewash in few and larger ones.
 */
const sizes: Readonly<Record<VolumeSystem, Readonly<Record<Material, readonly string[]>>>> = {
  litres: {
    "wall-paint": ["250 ml", "1 L", "2.5 L", "5 L"],
    primer: ["1 L", "2.5 L", "5 L"],
    "mineral-primer": ["1 L", "5 L"],
    limewash: ["1 L", "2.5 L", "5 L"],
    "metallic-plaster": ["1 L", "2.5 L"],
    "pearl-coat": ["500 ml", "1 L", "2.5 L"],
    varnish: ["250 ml", "750 ml", "2.5 L"],
    whitewash: ["750 ml", "2.5 L"],
    "metallic-paint": ["250 ml", "1 L", "2.5 L"],
    gloss: ["250 ml", "750 ml", "2.5 L"],
    "floor-paint": ["1 L", "2.5 L", "5 L"],
    "floor-varnish": ["1 L", "2.5 L", "5 L"],
  },
  us: {
    "wall-paint": ["8 fl oz", "1 qt", "1 gal"],
    primer: ["1 qt", "1 gal"],
    "mineral-primer": ["1 qt", "1 gal"],
    limewash: ["1 qt", "1 gal"],
    "metallic-plaster": ["1 qt", "1 gal"],
    "pearl-coat": ["1 pt", "1 qt", "1 gal"],
    varnish: ["8 fl oz", "1 qt", "1 gal"],
    whitewash: ["1 qt", "1 gal"],
    "metallic-paint": ["8 fl oz", "1 qt", "1 gal"],
    gloss: ["8 fl oz", "1 qt", "1 gal"],
    "floor-paint": ["1 qt", "1 gal"],
    "floor-varnish": ["1 qt", "1 gal"],
  },
};

/** A list of tins to begin with, marked as no more than usual and without prices, in the form of a document. */
export const usualTins = (material: Material, volumes: VolumeSystem): { size: string; usual: true }[] =>
  sizes[volumes][material].map((size) => ({ size, usual: true }));
