import { maximumBytes } from "@/core/job/parseJob";

/** The body as text, or null as soon as it turns out to be larger than a job document may be. */
export async function readBody(request: Request): Promise<string | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > maximumBytes) {
      await reader.cancel();
      return null;
    }
    chunks.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(chunks));
}
