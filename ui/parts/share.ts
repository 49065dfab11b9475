/** One of the shares of a whole. */
export interface Share {
  readonly label: string;
  readonly amount: number;
  readonly fill: string;
  /** How strong its fill is, 0 to 1. */
  readonly strength?: number;
}
