import { createHash } from "node:crypto";
import { answer, refuse } from "@/app/api/answer";
import { readBytes } from "@/app/api/readBytes";
import { mostPictureBytes, pictureType } from "@/formats/bundle";
import { currentStore } from "@/store/currentStore";

interface Context {
  params: Promise<{ sha256: string }>;
}

const isSha256 = (text: string): boolean => /^[0-9a-f]{64}$/.test(text);
const noSuchPicture = (): Response => refuse(404, "there is no such picture");

/** A picture by the SHA-256 of its bytes, as what it is and nothing else. */
export const GET = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { sha256 } = await params;
    const bytes = isSha256(sha256) ? await (await currentStore()).attachments.pictureOf(sha256) : null;
    const type = bytes && pictureType(bytes);
    if (!bytes || !type) return noSuchPicture();
    return new Response(Buffer.from(bytes), {
      headers: { "content-type": type, "content-security-policy": "default-src 'none'; sandbox" },
    });
  });

/** Keeps a picture; one that is there is there. */
export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { sha256 } = await params;
    const bytes = await readBytes(request, mostPictureBytes);
    if (bytes === null) return refuse(413, "the picture is over 1 MB; expected a smaller one");
    if (pictureType(bytes) === null) return refuse(422, "expected a JPEG, PNG or WebP");
    if (createHash("sha256").update(bytes).digest("hex") !== sha256)
      return refuse(422, "its bytes are not those of its name");
    await (await currentStore()).attachments.keepPicture(sha256, bytes);
    return new Response(null, { status: 204 });
  });

/** Takes a picture out for good: what names it names nothing from now on, here and in what is given out. */
export const DELETE = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { sha256 } = await params;
    const isGone = isSha256(sha256) && (await (await currentStore()).attachments.erase(sha256));
    return isGone ? new Response(null, { status: 204 }) : noSuchPicture();
  });
