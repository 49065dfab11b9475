import type { TileFigures } from "@/formats/jobTile";

/** A job as the list shows it. */
export interface JobOnHome {
  readonly id: string;
  readonly name: string;
  readonly changed: string;
  /** Null until they have been worked out once. */
  readonly figures: TileFigures | null;
  /** Whether figures and picture are of the document as it is now. */
  readonly isFresh: boolean;
  readonly picture: string | null;
  readonly standing: "current" | "put-away" | "deleted";
}
