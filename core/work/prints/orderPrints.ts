import Flatbush from "flatbush";
import type { Box } from "../../geometry/curve";

/** One print of one sheet: where its open parts and its plastic come to lie, mm, and how long it takes. */
export interface ToPrint {
  readonly open: Box;
  readonly sheet: Box;
  readonly minutes: number;
}

/** So many columns, and so many prints, beyond those begun are looked at for what can be made while others dry. */
const lookAhead = { columns: 4, prints: 60 };
/** Minutes of printing after which no further column is begun before all that are begun are done: work may stop there. */
const mostOpenMin = 60;

/**
 * The turn in which prints, listed column by column, are made: down the columns that are begun, leaving out what is near
 * a wet print, then from the top again for what was left out; a further column is begun where nothing else can be
 * printed. After an hour none is, until all of them are done, so that a day can end at whole columns. No sheet lies on
 * a wet print: where nothing is free, what is free first is waited for. The list's own order stays where no sheet
 * reaches over a neighbour. `columns` tells the column of each print, and never falls along the list; `walls` the wall, of
 * which one is done before another is begun.
 */
export function orderPrints(
  prints: readonly ToPrint[],
  columns: readonly number[],
  dryMin: number,
  walls: readonly number[] = [],
): number[] {
  const turns = new Turns(prints, columns, dryMin, walls);
  return prints.map(() => turns.next());
}

/** What is printed by now, what is wet, and which columns are begun. */
class Turns {
  private readonly over: (place: number) => readonly number[];
  /** From when a sheet may be laid at a place; never again once it is printed. */
  private readonly freeAt: number[];
  /** Behind the last place of each column. */
  private readonly ends: number[];
  private now = 0;
  private last = -1;
  /** Before it all is done. */
  private first = 0;
  private begun = 0;
  private begunAt = 0;

  constructor(
    private readonly prints: readonly ToPrint[],
    columns: readonly number[],
    private readonly dryMin: number,
    private readonly walls: readonly number[],
  ) {
    this.over = printsOver(prints);
    this.freeAt = prints.map(() => 0);
    this.ends = prints.flatMap((_, place) => (columns[place] === columns[place + 1] ? [] : [place + 1]));
  }

  next(): number {
    while (this.freeAt[this.first] === Infinity) this.first++;
    if (this.begun === 0 || this.first >= this.end) {
      this.begun += 1;
      this.begunAt = this.now;
    }
    const place =
      this.freeBetween(this.last + 1, this.end) ??
      this.freeBetween(this.first, Math.min(this.last, this.end)) ??
      this.beginAnother() ??
      this.soonest();
    this.print(place);
    return place;
  }

  private print(place: number): void {
    this.now = Math.max(this.now, this.freeAt[place]!) + this.prints[place]!.minutes;
    const dryAt = this.now + this.dryMin;
    for (const other of this.over(place)) this.freeAt[other] = Math.max(this.freeAt[other]!, dryAt);
    this.freeAt[place] = Infinity;
    this.last = place;
  }

  private get end(): number {
    return this.ends[this.begun - 1]!;
  }

  private freeBetween(from: number, to: number): number | null {
    for (let place = from; place < to; place++) if (this.freeAt[place]! <= this.now + 1e-9) return place;
    return null;
  }

  private beginAnother(): number | null {
    if (this.now - this.begunAt > mostOpenMin) return null;
    for (let column = this.begun; column < this.ends.length; column++) {
      const from = this.ends[column - 1]!;
      if (this.walls[from] !== this.walls[this.first]) return null;
      if (column >= this.begun + lookAhead.columns && from >= this.end + lookAhead.prints) return null;
      const place = this.freeBetween(from, this.ends[column]!);
      if (place === null) continue;
      this.begun = column + 1;
      return place;
    }
    return null;
  }

  private soonest(): number {
    let found = this.first;
    for (let place = this.first; place < this.end; place++)
      if (this.freeAt[place]! < this.freeAt[found]! - 1e-9) found = place;
    return found;
  }
}

/** The other prints whose sheets lie on each. */
function printsOver(prints: readonly ToPrint[]): (place: number) => readonly number[] {
  const onto = indexOf(prints.map(({ sheet }) => sheet));
  return (place) => onto(prints[place]!.open).filter((other) => other !== place);
}

/** Minutes that have to be waited before each print of an order, so that no sheet lies on a wet one. */
export function waitsIn(prints: readonly ToPrint[], dryMin: number): number[] {
  const under = printsUnder(prints);
  const doneAt: number[] = [];
  let now = 0;
  return prints.map(({ minutes }, place) => {
    const free = under(place)
      .filter((other) => other < place)
      .reduce((latest, other) => Math.max(latest, doneAt[other]! + dryMin), 0);
    const wait = Math.max(0, free - now);
    now += wait + minutes;
    doneAt.push(now);
    return wait;
  });
}

/** The other prints that the sheet of each lies on. */
function printsUnder(prints: readonly ToPrint[]): (place: number) => readonly number[] {
  const under = indexOf(prints.map(({ open }) => open));
  return (place) => under(prints[place]!.sheet).filter((other) => other !== place);
}

/** Which boxes overlap one; that they touch is not enough. */
function indexOf(boxes: readonly Box[]): (box: Box) => number[] {
  if (boxes.length === 0) return () => [];
  const index = new Flatbush(boxes.length);
  for (const { minX, minY, maxX, maxY } of boxes) index.add(minX, minY, maxX, maxY);
  index.finish();
  const inset = 1e-6;
  return ({ minX, minY, maxX, maxY }) => index.search(minX + inset, minY + inset, maxX - inset, maxY - inset);
}

/** Which load of the tool each print takes, from 1: a new one where the last does not reach. ml. */
export function loadsOf(needsMl: readonly number[], loadMl: number): number[] {
  let [load, left] = [0, 0];
  return needsMl.map((need) => {
    if (need > left + 1e-9) {
      load += 1;
      left = loadMl;
    }
    left = Math.max(0, left - need);
    return load;
  });
}
