import { maximumBytes, withoutMarks } from "@/core/job/parseJob";
import { readBytes } from "./readBytes";

/** The body as text, without byte order marks, or null when it is larger than a job document may be. */
export async function readBody(request: Request): Promise<string | null> {
  const bytes = await readBytes(request, maximumBytes);
  return bytes && withoutMarks(new TextDecoder().decode(bytes));
}
