import * as z from "zod";
import { acts, worked } from "../work/act";
import { parseMoment } from "./moment";

/** What an entry may hold: bounded, so that one of a foreign hand cannot fill a store. */
const longestId = 200;
const longestText = 2000;
const mostIds = 5000;
const mostWork = 200;

export const idText = z.string().min(1).max(longestId);
/** A moment of a clock, as it is written. */
export const momentText = z
  .string()
  .refine((text) => parseMoment(text) !== null, "expected a moment like 2027-01-12T09:41:07+01:00");
export const freeText = z.string().max(longestText);
export const figure = z.number().min(-1e9).max(1e9);
export const amount = z.number().min(0).max(1e9);
export const spot = z.tuple([figure, figure]);
export const hexText = z.string().regex(/^#[0-9a-fA-F]{6}$/, "expected a colour like #C8A56E");
export const sha256Text = z.string().regex(/^[0-9a-f]{64}$/, "expected a SHA-256 in lower-case hex");

/** Work as its keys name it: an act on things of one kind. */
export const workSchema = z.strictObject({
  wall: idText.optional(),
  act: z.enum(acts),
  of: z.enum(worked),
  ids: z.array(idText).min(1).max(mostIds),
  pass: z.number().int().min(1).max(1000).optional(),
  coat: z.number().int().min(1).max(1000).optional(),
  /** The paint, or the item, that it is done with: beside the key, not in it. */
  with: idText.optional(),
});

export const workList = z.array(workSchema).min(1).max(mostWork);
export type WorkItem = z.infer<typeof workSchema>;
