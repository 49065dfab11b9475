import * as z from "zod";
import { hexSchema } from "../colour/hexSchema";
import { idSchema, nameSchema, volumeSchema } from "../measure/schema";
import { mixSchema } from "./mix";
import { hidings } from "./hidings";
import { materials } from "../trade/materials";

export const materialNames = Object.keys(materials) as (keyof typeof materials)[];
const minutes = z.number().min(0).max(1e6).optional();

export const packSchema = z.strictObject({
  size: volumeSchema({ min: 1, max: 1e6 }),
  price: z.number().min(0).max(1e6).optional().describe("absent while it is not known"),
  usual: z.literal(true).optional().describe("from the usual list: nobody has seen it on a shelf yet"),
  inStock: z.boolean().default(true).describe("whether it can be bought now"),
});

/** A coloured material with its spread rate, waits and packs; what is left out comes from its material. */
export const paintSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema().optional(),
    hex: hexSchema.default("#B9B2A6"),
    material: z.enum(materialNames).default("wall-paint"),
    sheen: z.enum(["matt", "eggshell", "satin", "silk", "gloss"]).default("matt"),
    spreadRate_m2_per_l: z.number().min(0.1).max(100).optional(),
    coats: z.int().min(1).max(10).optional(),
    hiding: z.enum(hidings).default("usual").describe("how well it hides what is under it"),
    recoat_min: minutes,
    tapeOver_min: minutes,
    touchDry_min: minutes,
    open_min: z
      .number()
      .min(5)
      .max(150)
      .optional()
      .describe("how long an edge stays wet, at 20 C and 50 % RH"),
    packs: z.array(packSchema).max(50).default([]),
    onHand: volumeSchema({ min: 0, max: 1e7 }).default(0),
    mix: mixSchema.optional().describe("it is made of others, not bought"),
  })
  .transform((paint) => {
    const usual = materials[paint.material];
    return {
      id: paint.id,
      name: paint.name ?? paint.id,
      hex: paint.hex,
      material: paint.material,
      sheen: paint.sheen,
      spreadRate: paint.spreadRate_m2_per_l ?? usual.spreadRate,
      coats: paint.coats ?? usual.coats,
      hiding: paint.hiding,
      recoatMin: paint.recoat_min ?? usual.recoat,
      tapeOverMin: paint.tapeOver_min ?? usual.tapeOver,
      openMin: paint.open_min ?? usual.open,
      touchDryMin: paint.touchDry_min ?? usual.touchDry,
      packs: paint.packs,
      onHandMl: paint.onHand,
      ...(paint.mix && { mix: paint.mix }),
    };
  });

export type Paint = z.infer<typeof paintSchema>;

export type Pack = z.infer<typeof packSchema>;
