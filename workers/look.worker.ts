import { expose, transfer } from "comlink";
import { sceneOf, type LookOf, type Scene } from "@/core/look/scene";
import { drawTile, tilesOf, type Tile, type View } from "@/core/look/views";

/** What is told of a picture as it is made. */
export type OnTile = (tile: Tile, pixels: Uint8ClampedArray<ArrayBuffer>, done: number) => void;

/** The last wall that was laid out in cells: another view of it needs only to be drawn. */
let kept: { readonly key: string; readonly scene: Scene } | null = null;
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
    if (of && kept?.key !== key) kept = { key, scene: sceneOf(of) };
    if (kept?.key !== key) return false;
    const { scene } = kept;
    const tiles = tilesOf(view);
    for (const [index, tile] of tiles.entries()) {
      await breathe();
      if (own !== latest.get(canvas)) return false;
      const pixels = drawTile(scene, view, tile);
      onTile(tile, transfer(pixels, [pixels.buffer]), (index + 1) / tiles.length);
    }
    return true;
  },
};

export type LookApi = typeof look;

expose(look);
