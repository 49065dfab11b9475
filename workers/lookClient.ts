import { proxy, wrap, type Remote } from "comlink";
import type { Laying, Picture } from "@/core/look/inRoom";
import type { LookOf } from "@/core/look/scene";
import type { View } from "@/core/look/views";
import type { SmallPicture } from "@/core/look/smallLook";
import type { LookApi, OnTile } from "./look.worker";

let remote: Remote<LookApi> | null = null;
/** The wall that the worker has laid out; it is sent once, however many views of it are asked for. */
let sent: object | null = null;
const keys = new WeakMap<object, string>();
let count = 0;

/** Asks for a look of a wall on a canvas: what is asked for that canvas next ends what is being drawn. */
export function drawLook(canvas: string, of: LookOf, view: View, onTile: OnTile): Promise<boolean> {
  const remote = connect();
  const key = keys.get(of) ?? String(++count);
  keys.set(of, key);
  const isNew = sent !== of;
  sent = of;
  return remote.draw(canvas, key, isNew ? of : null, view, proxy(onTile));
}

/** A wall's small look. */
export const drawSmall = (of: LookOf): Promise<SmallPicture> => connect().small(of);

/** A look laid into a photo of the room, four digits a pixel. */
export const layInRoom = (
  photo: Picture,
  look: Picture,
  laying: Laying,
): Promise<Uint8ClampedArray<ArrayBuffer>> => connect().layIn(photo, look, laying);

const connect = (): Remote<LookApi> =>
  (remote ??= wrap<LookApi>(new Worker(new URL("./look.worker.ts", import.meta.url), { type: "module" })));
