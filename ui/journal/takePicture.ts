import { mostPictureBytes } from "@/formats/bundle";
import { pictureBox } from "./pictureBox";

/** Longer sides are drawn smaller, px; then smaller again until the picture is small enough. */
const firstLongestPx = 1800;
const leastPx = 300;
const quality = 0.82;

/**
 * Takes a picture in: drawn anew, so that neither the place nor the camera that a file tells of stays in it, and small enough to be
 * kept. Answers the SHA-256 of its bytes; throws, with a sentence, for what is no picture.
 */
export async function takePicture(file: Blob): Promise<string> {
  const image = await createImageBitmap(file).catch(() => {
    throw new Error("This is not a picture that the browser can read.");
  });
  for (let longest = firstLongestPx; longest >= leastPx; longest *= 0.75) {
    const bytes = await drawn(image, longest);
    if (bytes.length <= mostPictureBytes) return keep(bytes);
  }
  throw new Error("This picture could not be made small enough.");
}

async function drawn(image: ImageBitmap, longestPx: number): Promise<Uint8Array> {
  const scale = Math.min(1, longestPx / Math.max(image.width, image.height));
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [Math.round(image.width * scale), Math.round(image.height * scale)];
  canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", quality));
  if (!blob) throw new Error("This picture could not be drawn.");
  return new Uint8Array(await blob.arrayBuffer());
}

async function keep(bytes: Uint8Array): Promise<string> {
  const digest = await crypto.subtle.digest("SHA-256", new Uint8Array(bytes));
  const sha256 = [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  const data = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(""));
  await pictureBox.keep({ sha256, data, at: Date.now() });
  return sha256;
}
