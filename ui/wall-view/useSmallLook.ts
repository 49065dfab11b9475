import { useEffect, useState } from "react";
import type { LookOf } from "@/core/look/scene";
import type { Paint } from "@/core/paint/schema";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import type { SmallPicture } from "@/core/look/smallLook";
import { lookOf } from "./lookOf";

/** A wall's small look as an address of a picture, made once for a plan and its paints, whoever shows it. */
const kept = new WeakMap<LookOf, Promise<string>>();

/** A wall that is being moved about is not painted at each step, ms. */
const restMs = 150;

/**
 * The small look of a wall that broken colour lies on, to be drawn where it lies: an address of a picture; null while there is none.
 * What was shown last stays until the next is there.
 */
export function useSmallLook(
  wall: Wall | undefined,
  plan: PlanWall | null,
  paints: readonly Paint[],
): string | null {
  const [shown, setShown] = useState<{ readonly wall: string; readonly address: string } | null>(null);
  const isBroken = (plan?.effects?.length ?? 0) > 0;
  useEffect(() => {
    if (!wall || !plan || !isBroken) return;
    let isOver = false;
    const look = lookOf(wall, plan, paints);
    const timer = setTimeout(
      () => {
        const address = kept.get(look) ?? drawn(look);
        kept.set(look, address);
        address.then(
          (made) => !isOver && setShown({ wall: wall.id, address: made }),
          // Without a connection the next plan asks again.
          () => kept.delete(look),
        );
      },
      kept.has(look) ? 0 : restMs,
    );
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [wall, plan, paints, isBroken]);
  return isBroken && shown?.wall === wall?.id ? (shown?.address ?? null) : null;
}

const drawn = async (look: LookOf): Promise<string> =>
  addressOf(await (await import("@/workers/lookClient")).drawSmall(look));

function addressOf({ pixels, width, height }: SmallPicture): string {
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [width, height];
  canvas.getContext("2d")!.putImageData(new ImageData(pixels, width, height), 0, 0);
  return canvas.toDataURL("image/jpeg", 0.85);
}
