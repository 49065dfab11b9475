import { maximumBytes, withoutMarks } from "@/core/job/parseJob";

/** Read to its end, though not kept, a body that is too large still gets its answer; beyond this it is cut off. */
const mostDrained = 10 * maximumBytes;

/** The body as text, without byte order marks, or null when it is larger than a job document may be. */
export async function readBody(request: Request): Promise<string | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > mostDrained) {
      await reader.cancel();
      return null;
    }
    if (size <= maximumBytes) chunks.push(value);
  }
  if (size > maximumBytes) return null;
  return withoutMarks(new TextDecoder().decode(Buffer.concat(chunks)));
}
