import { wrap } from "comlink";
import type { ReadSheet } from "@/formats/readSvgSheet";
import type { SheetApi } from "./sheet.worker";

/** A drawing of any size that is let in takes a fraction of this. */
const limitMs = 10_000;

/**
 * Reads a sheet from a drawing in a worker of its own, which is ended when that takes too long or is given up: then null for
 * what was given up, and a sentence for what takes too long.
 */
export async function readSheet(
  text: string,
  as: { id: string; name: string; width: number },
  signal: AbortSignal,
): Promise<ReadSheet | null> {
  const worker = new Worker(new URL("./sheet.worker.ts", import.meta.url), { type: "module" });
  const givenUp = new Promise<null>((resolve) =>
    signal.addEventListener("abort", () => resolve(null), { once: true }),
  );
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tooLong = new Promise<ReadSheet>((resolve) => {
    const message = "This drawing takes too long to read; expected a simpler one.";
    timer = setTimeout(() => resolve({ ok: false, message }), limitMs);
  });
  const failed = new Promise<ReadSheet>((resolve) =>
    worker.addEventListener("error", () =>
      resolve({ ok: false, message: "This drawing could not be read; expected an SVG file." }),
    ),
  );
  try {
    return await Promise.race([wrap<SheetApi>(worker).read(text, as), givenUp, tooLong, failed]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
