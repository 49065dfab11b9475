import { useEffect, useMemo, useState } from "react";
import * as z from "zod";
import {
  isField,
  mappingOf,
  shadeOf,
  spotLight,
  type Picture,
  type Place,
  type Quad,
} from "@/core/look/inRoom";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { readLocal, writeLocal } from "@/ui/job/localKept";
import { pictureBox } from "@/ui/journal/pictureBox";
import { layInRoom } from "@/workers/lookClient";
import type { Drawn } from "./useLook";

/** What a spot of the photo may be known to be, and how much of the light that gives back. */
export const knownThings = [
  { id: "none", label: "nothing", reflects: null },
  { id: "white", label: "a sheet of white paper", reflects: 0.85 },
  { id: "grey", label: "a grey card", reflects: 0.18 },
] as const;
export type KnownThing = (typeof knownThings)[number]["id"];

const place = z.tuple([z.number(), z.number()]);
const roomSchema = z.object({
  sha256: z.string(),
  /** Lower left, lower right, upper right, upper left of what is marked; shares of the photo's sides. */
  corners: z.tuple([place, place, place, place]),
  /** The wall, or an opening of it whose size is known. */
  marked: z.string(),
  white: place,
  known: z.enum(["none", "white", "grey"]),
  isEven: z.boolean(),
});

/** A photo of a wall with what was marked in it. */
export type Room = z.infer<typeof roomSchema>;

export const freshRoom = (sha256: string): Room => ({
  sha256,
  corners: [
    [0.15, 0.8],
    [0.85, 0.8],
    [0.85, 0.2],
    [0.15, 0.2],
  ],
  marked: "wall",
  white: [0.5, 0.9],
  known: "none",
  isEven: false,
});

/** What was marked in the photo of a wall; it outlives a reload. */
export function useRoomMarked(jobId: string, wall: string) {
  const name = `room/${jobId}/${wall}`;
  const [room, setRoom] = useState<Room | null>(() => {
    try {
      return roomSchema.safeParse(JSON.parse(readLocal(name) ?? "null")).data ?? null;
    } catch {
      return null;
    }
  });
  return {
    room,
    put(next: Room) {
      setRoom(next);
      writeLocal(name, JSON.stringify(next));
    },
  };
}

/** What may be marked in a photo: the wall, or something on it of known size; its corners on the wall, mm. */
export function markable(wall: Wall): { readonly id: string; readonly label: string; readonly on: Quad }[] {
  const quad = (minX: number, minY: number, maxX: number, maxY: number): Quad => [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ];
  const { minX, minY, maxX, maxY } = boxOfWall(wall);
  return [
    { id: "wall", label: "the whole wall", on: quad(minX, minY, maxX, maxY) },
    ...wall.openings.map(({ id, kind, x, y, width, height }) => ({
      id,
      label: id === kind ? `the ${kind}` : `the ${kind}, ${id}`,
      on: quad(x, y, x + width, y + height),
    })),
  ];
}

/** A picture's pixels: from this browser where it is not sent yet, else from the data folder. Null while there is none. */
export function usePhoto(sha256: string | undefined): ImageData | null | "gone" {
  const [found, setFound] = useState<{ readonly of: string; readonly photo: ImageData | "gone" } | null>(
    null,
  );
  useEffect(() => {
    if (sha256 === undefined) return;
    let isOver = false;
    void readPhoto(sha256)
      .catch(() => "gone" as const)
      .then((photo) => !isOver && setFound({ of: sha256, photo }));
    return () => {
      isOver = true;
    };
  }, [sha256]);
  return found?.of === sha256 ? (found?.photo ?? null) : null;
}

async function readPhoto(sha256: string): Promise<ImageData> {
  const unsent = (await pictureBox.all()).find((one) => one.sha256 === sha256);
  const blob = unsent
    ? new Blob([Uint8Array.from(atob(unsent.data), (letter) => letter.charCodeAt(0))])
    : await fetch(`/api/attachments/${sha256}`).then((answer) => {
        if (!answer.ok) throw new Error("It is not there.");
        return answer.blob();
      });
  const image = await createImageBitmap(blob);
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [image.width, image.height];
  const context = canvas.getContext("2d")!;
  context.drawImage(image, 0, 0);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** The photo with the look laid in; null while it is being made, and a sentence where that cannot be. */
export function useLaid(wall: Wall, room: Room, photo: ImageData, look: Drawn): ImageData | string | null {
  const [laid, setLaid] = useState<{ readonly key: object; readonly image: ImageData } | null>(null);
  const { done, canvas } = look;
  const problem = useMemo(() => problemOf(room), [room]);
  const key = useMemo(() => ({ wall, room, photo, done }), [wall, room, photo, done]);
  useEffect(() => {
    const drawn = canvas.current;
    if (key.done !== 1 || problem !== null || !drawn) return;
    let isOver = false;
    // A corner that is being dragged is let go first.
    const soon = setTimeout(() => {
      const pixels = drawn.getContext("2d")!.getImageData(0, 0, drawn.width, drawn.height);
      const picture = { width: drawn.width, height: drawn.height, pixels: pixels.data };
      const laying = layingOf(key.wall, key.room, pictureOf(key.photo), picture);
      if (!laying) return;
      void layInRoom(pictureOf(key.photo), picture, laying).then((made) => {
        if (!isOver) setLaid({ key, image: new ImageData(made, key.photo.width, key.photo.height) });
      });
    }, 120);
    return () => {
      isOver = true;
      clearTimeout(soon);
    };
  }, [key, problem, canvas]);
  return problem ?? laid?.image ?? null;
}

const pictureOf = ({ width, height, data }: ImageData): Picture => ({ width, height, pixels: data });

const problemOf = ({ corners }: Room): string | null =>
  isField(corners as Quad) ? null : "The corners cross or dent in: put them around the wall in turn.";

function layingOf(
  wall: Wall,
  { corners, marked, white, known, isEven }: Room,
  photo: Picture,
  look: Picture,
) {
  const inPhoto = ([x, y]: Place): Place => [x * photo.width, y * photo.height];
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const on = (markable(wall).find(({ id }) => id === marked) ?? markable(wall)[0]!).on;
  // The look is drawn square on, its first row at the top.
  const inLook = on.map(([x, y]): Place => [
    ((x - minX) / (maxX - minX)) * look.width,
    ((maxY - y) / (maxY - minY)) * look.height,
  ]) as unknown as Quad;
  const seen = corners.map(inPhoto) as unknown as Quad;
  const [toLook, toPhoto] = [mappingOf(seen, inLook), mappingOf(inLook, seen)];
  if (!toLook || !toPhoto) return null;
  const reflects = knownThings.find(({ id }) => id === known)!.reflects;
  const light = spotLight(photo, inPhoto(white));
  const [r, g, b] = reflects === null ? [1, 1, 1] : light.map((channel) => channel / reflects);
  return { toLook, white: [r!, g!, b!] as const, shade: isEven ? shadeOf(photo, look, toPhoto) : null };
}
