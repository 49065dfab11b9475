export interface PlanPaint {
  colour: string;
  area_m2: number;
  /** Over prints, beside the area of regions; absent where nothing is printed with it. */
  printed_m2?: number;
  /** What goes into mixes; absent where it goes into none. */
  mixed_ml?: number;
  /** Made, not bought, beyond what is in the store; absent for what is bought. */
  made_ml?: number;
  coats: number;
  need_ml: number;
  terms: { film_ml: number; seal_ml: number; past_ml: number; tools_ml: number; touchUp_ml: number };
  /** From the store, before anything is bought. */
  store_ml: number;
  packs: PlanPacks["packs"];
  cost: number;
  left_ml: number;
  /** The next cheapest ways to cover it, none with a tin that it could do without. */
  alternatives: PlanPacks[];
  /** What each wall takes of its film. */
  walls: { wall: string; area_m2: number; film_ml: number }[];
  /** From the contrast with what is under it; null where that is not known or not asked. */
  advice: { coats: number; why: string[] } | null;
}

/** A paint that is made: in so many equal batches, and what is measured for each. */
export interface PlanMix {
  paint: string;
  make_ml: number;
  batches: number;
  each: { paint?: string; water?: true; ml: number; measure: string }[];
  /** As measured: ml of tint by litre of its base, where the label limits that. */
  actual: { ml_per_l?: number };
  overLimit: boolean;
  /** Who has taken that upon himself. */
  accepted?: string;
  /** Of several batches: the walls of each where none breaks within one; else they are boxed, and each is half of the other. */
  breaks?: { walls: string[]; ml: number }[];
}

/** A batch as it was really made. */
export interface PlanBatch {
  mix: string;
  n: number;
  of: number;
  parts: { paint?: string; water?: true; ml: number; measure: string }[];
  ml: number;
  /** ml of tint by litre of its base, where the label limits that, and whether it is more. */
  ml_per_l?: number;
  overLimit?: boolean;
  /** The colour that was to be expected, the one that it dried to, and how far that is from it, CIEDE2000. */
  predicted?: string;
  dry?: string;
  off?: number;
  useBy?: string;
  at: string;
  by: string;
  /** The journal's entry that told it. */
  entry: string;
}

export interface PlanPacks {
  /** A price is null while it is not known. */
  packs: { size_ml: number; count: number; price: number | null }[];
  /** Of the tins with a price. */
  cost: number;
  left_ml: number;
}

/** Something that the work is done with. */
export interface PlanTool {
  item: string;
  name: string;
  why: string;
  owned: boolean;
}

export interface PlanSundry {
  item: string;
  name: string;
  /** What it was counted from. */
  why: string;
  count: number;
  onHand: number;
  buy: number;
  /** Null while no price is known. */
  price: number | null;
  cost: number;
}

export interface PlanCost {
  paint: number;
  sundries: number;
  total: number;
  /** Sizes of tins and sundries to buy without a price. */
  unpriced: number;
}

/** Of a job that is under way: what of a paint is used, left and yet needed, as far as its tins were weighed; ml. */
export interface PlanForecast {
  paint: string;
  used_ml: number;
  left_ml: number;
  needs_ml: number;
  /** Four times in five it takes between these. */
  low_ml: number;
  high_ml: number;
  verdict: "enough" | "tight" | "short";
  /** The step during which it runs out; absent where it does not. */
  stopAt?: string;
  /**
   * Nine times in ten it lasts to the end of this piece of a step, a good place to stop; without a piece it is not to be begun before
   * there is more.
   */
  lastsTo?: { step: string; piece?: string };
}
