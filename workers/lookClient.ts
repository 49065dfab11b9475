import { proxy, wrap, type Remote } from "comlink";
import type { LookOf } from "@/core/look/scene";
import type { View } from "@/core/look/views";
import type { LookApi, OnTile } from "./look.worker";

/** A worker that draws looks, one picture at a time: what is asked for next ends what is being drawn. */
export function createLook() {
  const worker = new Worker(new URL("./look.worker.ts", import.meta.url), { type: "module" });
  const remote: Remote<LookApi> = wrap<LookApi>(worker);
  return {
    draw: (key: string, of: LookOf, view: View, onTile: OnTile): Promise<boolean> =>
      remote.draw(key, of, view, proxy(onTile)),
    end: () => worker.terminate(),
  };
}
