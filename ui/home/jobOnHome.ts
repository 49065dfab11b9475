import type { TileFigures } from "@/formats/jobTile";
import { dueText, figuresTexts } from "./figuresText";

/** A job as the list shows it: what is told of it is said before it is sent, since there may be hundreds. */
export interface JobOnHome {
  readonly id: string;
  readonly name: string;
  /** What it comes to, thing by thing. */
  readonly texts: readonly string[];
  /** When it goes on, and with what. */
  readonly due: readonly string[];
  /** Why nothing of it was worked out; null where it was. */
  readonly trouble: string | null;
  /** Whether anything has been worked out yet, and whether that is of the document as it is now. */
  readonly isKnown: boolean;
  readonly isFresh: boolean;
  readonly picture: string | null;
  readonly standing: "current" | "put-away" | "deleted";
}

/** A job as it stands in the store. */
export interface ListedJob extends Pick<JobOnHome, "id" | "name" | "isFresh" | "picture" | "standing"> {
  readonly changed: Date;
  /** Null until they have been worked out once. */
  readonly figures: TileFigures | null;
}

export function jobOnHome({ figures, changed, ...listed }: ListedJob, today: string): JobOnHome {
  return {
    ...listed,
    texts: figuresTexts(figures, listed.isFresh, changed),
    due: figures?.trouble === null ? dueText(figures, today) : [],
    trouble: figures?.trouble ?? null,
    isKnown: figures !== null,
  };
}
