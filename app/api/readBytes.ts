/** Read to its end, though not kept, a body that is too large still gets its answer; beyond so many times what it may be it is cut off. */
const mostDrained = 10;

/** The bytes of a body; null when it is larger than it may be. */
export async function readBytes(request: Request, mostBytes: number): Promise<Uint8Array | null> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > mostDrained * mostBytes) {
      await reader.cancel();
      return null;
    }
    if (size <= mostBytes) chunks.push(value);
  }
  return size > mostBytes ? null : new Uint8Array(Buffer.concat(chunks));
}
