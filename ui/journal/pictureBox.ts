import { keptBox } from "@/ui/job/keptBox";

/** A picture that the data folder has not acknowledged. */
interface UnsentPicture {
  readonly sha256: string;
  /** Its bytes in base 64. */
  readonly data: string;
  /** When it was taken in, ms since 1970. */
  readonly at: number;
}

/** Pictures of this browser that are not acknowledged yet. */
export const pictureBox = keptBox<UnsentPicture>("pictures");

/** What the program would not have: it is not sent again. */
const isRefusal = (status: number): boolean => status === 413 || status === 422;

/** Sends pictures before the entries that name them. */
export async function sendPictures(): Promise<void> {
  for (const { sha256, data } of await pictureBox.all()) {
    const bytes = Uint8Array.from(atob(data), (letter) => letter.charCodeAt(0));
    const { ok, status } = await fetch(`/api/attachments/${sha256}`, { method: "PUT", body: bytes });
    if (ok || isRefusal(status)) await pictureBox.drop([sha256]).catch(() => undefined);
  }
}
