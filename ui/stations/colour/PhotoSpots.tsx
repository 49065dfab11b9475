"use client";

import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import { colourOfPixel, photoLights, type PhotoLight } from "@/core/colour/pixelColour";
import { readSpots } from "@/core/colour/readSpots";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { PictureButton } from "@/ui/parts/PictureButton";
import { NearestPaints, spotWords } from "./NearestPaints";

/** Large enough to hit a thing in it, px. */
const longestPx = 900;
/** Digits are read over so many pixels to each side: single ones are noise. */
const aroundPx = 3;
/** An arrow key moves the cross by so much of the photo. */
const step = 0.02;

type Spot = readonly [x: number, y: number];

/** A colour off a photo: places of a thing are picked by hand, and the light that it was taken in is stated. */
export function PhotoSpots() {
  const [photo, setPhoto] = useState<ImageBitmap | null>(null);
  const [spots, setSpots] = useState<readonly Spot[]>([]);
  const [light, setLight] = useState<PhotoLight>("balanced");
  const [problem, setProblem] = useState<string | null>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [digits, setDigits] = useState<readonly (readonly [number, number, number])[]>([]);
  useEffect(() => {
    const element = canvas.current;
    if (!photo || !element) return;
    const scale = Math.min(1, longestPx / Math.max(photo.width, photo.height));
    [element.width, element.height] = [Math.round(photo.width * scale), Math.round(photo.height * scale)];
    element.getContext("2d")!.drawImage(photo, 0, 0, element.width, element.height);
  }, [photo]);
  const take = async (file: File) => {
    const image = await createImageBitmap(file).catch(() => null);
    setProblem(image ? null : "This is not a picture that the browser can read.");
    if (!image) return;
    setPhoto(image);
    clear();
  };
  const clear = () => {
    setSpots([]);
    setDigits([]);
  };
  const pick = (spot: Spot) => {
    const read = digitsAt(canvas.current!, spot);
    setSpots((before) => [...before, spot]);
    setDigits((before) => [...before, read]);
  };
  const read = digits.map((one) => colourOfPixel(one, light));
  const found = readSpots(read);
  return (
    <div className="grid gap-2 border-t border-hairline pt-3">
      <PictureButton label="Off a photo" onPicture={(file) => void take(file)} />
      {problem !== null && (
        <p role="alert" className="text-[0.9375rem] text-brick">
          {problem}
        </p>
      )}
      {photo && (
        <>
          <Choice
            label="It was taken in"
            options={photoLights.map((one) => ({ ...one, selected: one.id === light }))}
            onChoose={({ id }) => setLight(id)}
          />
          <Picked canvas={canvas} spots={spots} onPick={pick} />
          <p role="status" className="text-[0.9375rem]">
            {found
              ? spotWords(read, found)
              : "Pick several places of one thing: by a click, or with the arrow keys and Enter."}
          </p>
          {found && <NearestPaints found={found} name="a photo" />}
          {found && (
            <Button look="quiet" className="-ml-3.5 justify-self-start" onClick={clear}>
              Pick anew
            </Button>
          )}
          <p className="text-sm text-soft">
            A photo tells less than a reader: how bright a thing is hangs on the exposure. Take it for a
            start, and hold a board to the thing.
          </p>
        </>
      )}
    </div>
  );
}

/** The mean of the digits around a place. */
function digitsAt(canvas: HTMLCanvasElement, [x, y]: Spot): [number, number, number] {
  const [left, top] = [Math.round(x * canvas.width) - aroundPx, Math.round(y * canvas.height) - aroundPx];
  const size = 2 * aroundPx + 1;
  const [from, until] = [Math.max(0, left), Math.max(0, top)];
  const { data } = canvas.getContext("2d")!.getImageData(from, until, size, size);
  const mean = (channel: number) => {
    let [sum, count] = [0, 0];
    // What lies beyond the photo has no colour.
    for (let at = 0; at < data.length; at += 4)
      if (data[at + 3] === 255) {
        sum += data[at + channel]!;
        count++;
      }
    return sum / Math.max(1, count);
  };
  return [mean(0), mean(1), mean(2)];
}

interface PickedProps {
  readonly canvas: React.RefObject<HTMLCanvasElement | null>;
  readonly spots: readonly Spot[];
  readonly onPick: (spot: Spot) => void;
}

/** The photo with a cross to be moved, and rings where places were picked. */
function Picked({ canvas, spots, onPick }: PickedProps) {
  const [cross, setCross] = useState<Spot>([0.5, 0.5]);
  const within = (share: number) => Math.max(0, Math.min(1, share));
  const key = (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onPick(cross);
      return;
    }
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    setCross(([x, y]) => [within(x + by[0]! * step), within(y + by[1]! * step)]);
  };
  return (
    <button
      type="button"
      aria-label="Pick a place of the photo"
      className="relative block cursor-crosshair overflow-hidden rounded-md border border-hairline"
      onKeyDown={key}
      onClick={(event) => {
        // A key presses at no place: it has picked already.
        if (event.detail === 0) return;
        const box = event.currentTarget.getBoundingClientRect();
        const spot: Spot = [
          within((event.clientX - box.left) / box.width),
          within((event.clientY - box.top) / box.height),
        ];
        setCross(spot);
        onPick(spot);
      }}
    >
      <canvas ref={canvas} className="block w-full" />
      {[...spots, cross].map(([x, y], index) => (
        <span
          key={index}
          aria-hidden
          className={`pointer-events-none absolute size-4 -translate-1/2 border-2 border-white outline outline-ink ${index < spots.length ? "rounded-full" : "rotate-45"}`}
          style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
        />
      ))}
    </button>
  );
}
