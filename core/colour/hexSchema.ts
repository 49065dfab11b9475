import * as z from "zod";

/** A colour as six hexadecimal digits. */
export const hexSchema = z
  .string()
  .regex(/^#[0-9a-fA-F]{6}$/, { error: 'expected a colour such as "#4C5B45"' });
