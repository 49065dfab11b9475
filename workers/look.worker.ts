import { expose, transfer } from "comlink";
import { layIn, type Laying, type Picture } from "@/core/look/inRoom";
import { sceneOf, type LookOf, type Scene } from "@/core/look/scene";
import { cellFor, smallLook, type SmallPicture } from "@/core/look/smallLook";
import { drawTile, tilesOf, type Tile, type View } from "@/core/look/views";

/** What is told of a picture as it is made: first all of it in few pixels (at 0 done), to be drawn larger; then part by part. */
export type OnTile = (tile: Tile, pixels: Uint8ClampedArray<ArrayBuffer>, done: number) => void;

/** The longer side of what is shown at once, and of the small look of a wall, px. */
const coarsePx = 128;
const smallPx = 420;

/** All of a view in few pixels, of a wall that is laid out no finer than they are. */
function coarse(scene: Scene, view: View): SmallPicture {
  const scale = Math.min(1, coarsePx / Math.max(view.width, view.height));
  const size = { width: Math.ceil(view.width * scale), height: Math.ceil(view.height * scale) };
  return { ...size, pixels: drawTile(scene, { ...view, ...size }, { x: 0, y: 0, ...size }) };
}

/** The wall that was told last, and in cells as soon as it is laid out: another view of it needs only to be drawn. */
let told: { readonly key: string; readonly of: LookOf; scene?: Scene } | null = null;
/** The picture that was asked for last for each canvas. */
const latest = new Map<string, number>();
let asked = 0;

/** Lets what came in meanwhile be heard: a newer picture ends an older one. */
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** Draws how walls will look, part by part; it never keeps the screen or the planner waiting. */
const look = {
  /**
   * Draws a picture for a canvas; true when it is whole, false when a newer one was asked for before. `of` is null for the
   * wall that was told last.
   */
  async draw(canvas: string, key: string, of: LookOf | null, view: View, onTile: OnTile): Promise<boolean> {
    const own = ++asked;
    latest.set(canvas, own);
    if (of) told = { key, of };
    if (told?.key !== key) return false;
    const wall = told;
    const first = coarse(wall.scene ?? sceneOf(wall.of, cellFor(wall.of.wall, coarsePx)), view);
    onTile(
      { x: 0, y: 0, width: first.width, height: first.height },
      transfer(first.pixels, [first.pixels.buffer]),
      0,
    );
    await breathe();
    if (own !== latest.get(canvas)) return false;
    const scene = (wall.scene ??= sceneOf(wall.of));
    const tiles = tilesOf(view);
    for (const [index, tile] of tiles.entries()) {
      await breathe();
      if (own !== latest.get(canvas)) return false;
      const pixels = drawTile(scene, view, tile);
      onTile(tile, transfer(pixels, [pixels.buffer]), (index + 1) / tiles.length);
    }
    return true;
  },
  /** A wall square on in daylight, small. */
  async small(of: LookOf): Promise<SmallPicture> {
    // What somebody looks at in large goes before.
    await breathe();
    const picture = smallLook(of, smallPx);
    return transfer(picture, [picture.pixels.buffer]);
  },
  /** A look laid into a photo of the room. */
  async layIn(photo: Picture, look: Picture, laying: Laying): Promise<Uint8ClampedArray<ArrayBuffer>> {
    await breathe();
    const laid = layIn(photo, look, laying);
    return transfer(laid, [laid.buffer]);
  },
};

export type LookApi = typeof look;

expose(look);
