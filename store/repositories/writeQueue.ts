import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";

type Db = PgDatabase<PgQueryResultHKT>;
type Write<Answer> = (db: Db) => Promise<Answer>;

interface Waiting {
  readonly bytes: number;
  readonly write: Write<unknown>;
  readonly resolve: (answer: unknown) => void;
  readonly reject: (error: unknown) => void;
}

/**
 * Writes one after the other, each answered when it is on the disk. Those that come while others are being written go
 * together in the next transaction, so that they wait for the disk once.
 */
export class WriteQueue {
  private waiting: Waiting[] = [];
  private isBusy = false;

  /** `guard` throws when nothing may be written, or not so many bytes. */
  constructor(
    private readonly db: Db,
    private readonly guard: (bytes: number) => void | Promise<void>,
  ) {}

  /** `bytes` is about how much the write brings. */
  add<Answer>(write: Write<Answer>, bytes = 0): Promise<Answer> {
    return new Promise<Answer>((resolve, reject) => {
      this.waiting.push({ bytes, write, resolve: resolve as (answer: unknown) => void, reject });
      if (!this.isBusy) void this.work();
    });
  }

  private async work(): Promise<void> {
    this.isBusy = true;
    while (this.waiting.length > 0) {
      const batch = this.waiting;
      this.waiting = [];
      await this.writeAll(batch);
    }
    this.isBusy = false;
  }

  private async writeAll(batch: readonly Waiting[]): Promise<void> {
    try {
      await this.guard(batch.reduce((sum, { bytes }) => sum + bytes, 0));
      const answers = await this.db.transaction(async (transaction) => {
        const made: unknown[] = [];
        for (const { write } of batch) made.push(await write(transaction));
        return made;
      });
      batch.forEach(({ resolve }, index) => resolve(answers[index]));
    } catch (error) {
      // One that fails takes back the others of its transaction; by themselves they may hold.
      if (batch.length === 1) batch[0]!.reject(error);
      else for (const one of batch) await this.writeAll([one]);
    }
  }
}
