"use client";

import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { Place } from "@/core/look/inRoom";
import type { Room } from "./useRoom";

interface Props {
  readonly photo: ImageData;
  readonly laid: ImageData | null;
  readonly room: Room;
  /** How much of the picture shows what will be, from the left. */
  readonly after: number;
  readonly onChange: (room: Room) => void;
}

const cornerNames = ["Lower left corner", "Lower right corner", "Upper right corner", "Upper left corner"];

/** The photo, what will be laid over a part of it, and the corners to be dragged or moved by arrow keys. */
export function RoomPhoto({ photo, laid, room, after, onChange }: Props) {
  const move = (index: number, to: Place) =>
    onChange({
      ...room,
      corners: room.corners.map((corner, at) => (at === index ? [...to] : corner)) as Room["corners"],
    });
  const outline = room.corners.map(([x, y]) => `${x * photo.width},${y * photo.height}`).join(" ");
  return (
    <div
      className="relative mx-auto w-full touch-none overflow-hidden rounded-md border border-hairline select-none"
      // All of it is in sight, with what belongs to it.
      style={{ maxWidth: `calc(${photo.width / photo.height} * 56vh)` }}
    >
      <Shown image={photo} label="The room as it is" />
      {laid && (
        <div className="absolute inset-0" style={{ clipPath: `inset(0 ${(1 - after) * 100}% 0 0)` }}>
          <Shown image={laid} label="The room as it will look: a prediction" />
        </div>
      )}
      <svg
        viewBox={`0 0 ${photo.width} ${photo.height}`}
        className="pointer-events-none absolute inset-0 size-full"
        aria-hidden
      >
        <polygon
          points={outline}
          fill="none"
          stroke="#ffffff"
          strokeWidth={photo.width / 240}
          strokeDasharray={`${photo.width / 60}`}
        />
        <polygon points={outline} fill="none" stroke="#5b3a78" strokeWidth={photo.width / 500} />
      </svg>
      {room.corners.map((corner, index) => (
        <Handle key={index} name={cornerNames[index]!} at={corner} onMove={(to) => move(index, to)} />
      ))}
      {room.known !== "none" && (
        <Handle
          name="Spot W"
          letter="W"
          at={room.white}
          onMove={(to) => onChange({ ...room, white: [...to] })}
        />
      )}
    </div>
  );
}

function Shown({ image, label }: { readonly image: ImageData; readonly label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    canvas.current?.getContext("2d")?.putImageData(image, 0, 0);
  }, [image]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      width={image.width}
      height={image.height}
      className="block w-full"
    />
  );
}

interface HandleProps {
  readonly name: string;
  readonly letter?: string;
  /** Shares of the picture's sides. */
  readonly at: Place;
  readonly onMove: (to: Place) => void;
}

/** An arrow key moves by so much of the picture; with shift by ten times that. */
const step = 0.001;
const within = (share: number): number => Math.max(0, Math.min(1, share));

function Handle({ name, letter, at: [x, y], onMove }: HandleProps) {
  const drag = (event: PointerEvent<HTMLButtonElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = event.currentTarget.parentElement!.getBoundingClientRect();
    onMove([within((event.clientX - box.left) / box.width), within((event.clientY - box.top) / box.height)]);
  };
  const key = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    const far = event.shiftKey ? step * 10 : step;
    onMove([within(x + by[0]! * far), within(y + by[1]! * far)]);
  };
  return (
    <button
      type="button"
      aria-label={`${name}: ${Math.round(x * 1000) / 10} % across, ${Math.round(y * 1000) / 10} % down`}
      className="absolute grid size-11 -translate-1/2 cursor-grab place-items-center rounded-full active:cursor-grabbing"
      style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={drag}
      onKeyDown={key}
    >
      <span className="grid size-5 place-items-center rounded-full border-2 border-white bg-violet text-[0.625rem] font-bold text-white">
        {letter}
      </span>
    </button>
  );
}
