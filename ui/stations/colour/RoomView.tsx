"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { photo as photoKind } from "@/core/journal/kinds/photo";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { useJobState, useJournal } from "@/ui/job/JobProvider";
import { takePicture } from "@/ui/journal/takePicture";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { PictureButton } from "@/ui/parts/PictureButton";
import { RoomPhoto } from "./RoomPhoto";
import { useLook } from "./useLook";
import { freshRoom, knownThings, markable, useLaid, usePhoto, useRoomMarked, type Room } from "./useRoom";

/** The look is drawn so wide for a photo, px. */
const lookPx = 1000;

/** A photo of a wall: taken in, marked, and with the look laid into it. */
export function RoomView({ wall }: { readonly wall: Wall }) {
  const jobId = useJobState((state) => state.jobId);
  const journal = useJournal();
  const { room, put } = useRoomMarked(jobId, wall.id);
  const photo = usePhoto(room?.sha256);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File) => {
    try {
      const sha256 = await takePicture(file);
      journal.tell([{ kind: photoKind.kind, payload: { sha256, wall: wall.id } }]);
      put(freshRoom(sha256));
      setProblem(null);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <div className="grid gap-3 pt-2">
      <PictureButton
        label={room ? "Another photo" : "A photo of the wall"}
        onPicture={(file) => void take(file)}
      />
      {(problem !== null || photo === "gone") && (
        <p role="alert" className="text-brick">
          {problem ?? "This photo is not here any more: take another."}
        </p>
      )}
      {room && photo !== null && photo !== "gone" && (
        <Marked wall={wall} room={room} photo={photo} onChange={put} />
      )}
      <p className="text-sm text-soft">
        What a photo cannot tell: the true colour (a camera balances it by itself), sheen, and what stands
        before the wall, which is painted over here. It helps to talk; a dry board in the room decides.
      </p>
    </div>
  );
}

interface Props {
  readonly wall: Wall;
  readonly room: Room;
  readonly photo: ImageData;
  readonly onChange: (room: Room) => void;
}

function Marked({ wall, room, photo, onChange }: Props) {
  const journal = useJournal();
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const size = { width: lookPx, height: Math.round((lookPx * (maxY - minY)) / (maxX - minX)) };
  const look = useLook("room", wall.id, { from: { kind: "square" }, lighting: { by: "even" }, ...size });
  const { canvas: drawnOn } = look;
  const laid = useLaid(wall, room, photo, look);
  const [after, setAfter] = useState(0.5);
  const [kept, setKept] = useState("");
  const keep = async (image: ImageData) => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [image.width, image.height];
    canvas.getContext("2d")!.putImageData(image, 0, 0);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
    const sha256 = await takePicture(blob!);
    journal.tell([{ kind: photoKind.kind, payload: { sha256, wall: wall.id } }]);
    setKept("Kept with the job's pictures.");
  };
  const places = markable(wall);
  return (
    <>
      <canvas ref={drawnOn} className="hidden" {...size} />
      <div className="grid gap-3 md:grid-cols-3">
        {places.length > 1 && (
          <Choice
            label="The four corners are those of"
            options={places.map((place) => ({ ...place, selected: place.id === room.marked }))}
            onChoose={({ id }) => onChange({ ...room, marked: id })}
          />
        )}
        <Choice
          label="The spot W is"
          options={knownThings.map((thing) => ({ ...thing, selected: thing.id === room.known }))}
          onChoose={({ id }) => onChange({ ...room, known: id })}
        />
        <Choice
          label="The wall there by now"
          options={[
            { isEven: false, label: "has a pattern" },
            { isEven: true, label: "is one colour: keep its shadows" },
          ].map((option) => ({ ...option, selected: option.isEven === room.isEven }))}
          onChoose={({ isEven }) => onChange({ ...room, isEven })}
        />
      </div>
      <RoomPhoto
        photo={photo}
        laid={typeof laid === "string" ? null : laid}
        room={room}
        after={after}
        onChange={onChange}
      />
      {typeof laid === "string" ? (
        <p role="alert" className="text-brick">
          {laid}
        </p>
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          <label className="flex min-w-60 flex-1 items-center gap-2 text-[0.9375rem]">
            <span>before</span>
            <input
              type="range"
              aria-label="Before and after"
              className="h-8 w-full accent-violet max-md:h-11"
              min={0}
              max={100}
              value={Math.round(after * 100)}
              onChange={(event) => setAfter(Number(event.target.value) / 100)}
            />
            <span>after</span>
          </label>
          <Button look="primary" disabled={laid === null} onClick={() => laid && void keep(laid)}>
            Keep this picture
          </Button>
          <p role="status" className="text-[0.9375rem] text-leaf empty:hidden">
            {kept}
          </p>
        </div>
      )}
    </>
  );
}
