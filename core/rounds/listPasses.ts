/** finish: each round is finished before the next. coat-by-coat: one coat everywhere, re-tape, second coats. */
export const schools = ["finish", "coat-by-coat"] as const;
export type School = (typeof schools)[number];

/** One taping, painting and peeling: a round of the plan. */
export interface Pass {
  readonly round: number;
  /** Which group of regions is painted. */
  readonly group: number;
  /** Which coat; absent when all coats go on in this round. */
  readonly coat?: number;
}

/** Coats of a paint that are asked for when their tape is off already: they go on in rounds of their own, to tape that is laid anew. */
export interface Anew {
  readonly paint: string;
  readonly walls: readonly string[];
  /** By their ids; null: all of the paint there. */
  readonly regions: readonly string[] | null;
  readonly coats: readonly number[];
  /** The manieth time that these coats go on. */
  readonly pass: number;
  /** What is there is in another paint: of this one nothing was used for it. */
  readonly isInstead: boolean;
}

/** A pass with the paints that have a coat left to go on in it. */
export interface Round extends Pass {
  readonly paints: ReadonlySet<string>;
  /** What it is laid anew for; absent for what is done on all walls. */
  readonly anew?: Anew;
}

/** Whether a round is for a wall. */
export const isRoundOn = ({ anew }: Pick<Round, "anew">, wall: string): boolean =>
  anew === undefined || anew.walls.includes(wall);

/** Whether a round is for a region of its paints, on a wall that it is for. */
export const isRoundFor = ({ anew }: Pick<Round, "anew">, region: string): boolean =>
  anew?.regions?.includes(region) ?? true;

/** Passes with their paints, of which `coatsOf` tells the coats: the one place that knows what goes on when. */
export const roundsOf = (passes: readonly Pass[], coatsOf: ReadonlyMap<string, number>): Round[] =>
  passes.map((pass) => ({
    ...pass,
    paints: new Set(
      [...coatsOf].flatMap(([paint, coats]) =>
        pass.coat === undefined || pass.coat <= coats ? [paint] : [],
      ),
    ),
  }));

/**
 * The rounds of a job in order. `coatsOfGroup[k]` is the most coats that a paint of group k + 1 takes. Where tape comes
 * off after each coat (`taping` "each coat": its seal must still be wet), a group that is finished first is taped anew for each.
 */
export function listPasses(
  coatsOfGroup: readonly number[],
  school: School,
  taping: "once" | "each coat" = "once",
): Pass[] {
  const coatsTo = (coats: number) => Array.from({ length: coats }, (_, index) => index + 1);
  const passes = (): Omit<Pass, "round">[] => {
    if (school === "finish" && taping === "once")
      return coatsOfGroup.map((_, index) => ({ group: index + 1 }));
    if (school === "finish") {
      return coatsOfGroup.flatMap((coats, index) =>
        coatsTo(coats).map((coat) => ({ group: index + 1, coat })),
      );
    }
    return coatsTo(Math.max(0, ...coatsOfGroup)).flatMap((coat) =>
      coatsOfGroup.flatMap((coats, index) => (coats >= coat ? [{ group: index + 1, coat }] : [])),
    );
  };
  return passes().map((pass, index) => ({ round: index + 1, ...pass }));
}
