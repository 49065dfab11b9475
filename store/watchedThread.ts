import { Worker, type ResourceLimits } from "node:worker_threads";

/** Why a thread gave no answer: it was ended, or ended by itself, in the middle of its work. */
export class ThreadEnded extends Error {
  override name = "ThreadEnded";
  constructor(
    readonly why: "slow" | "memory" | "failed" | "closed",
    message: string,
  ) {
    super(message);
  }
}

interface Settings {
  readonly entry: URL;
  /** It is ended when it has answered nothing for so long while something is asked of it. */
  readonly limitMs: number;
  readonly resourceLimits?: ResourceLimits;
  /** Told what the thread says without being asked. */
  readonly hear?: (message: unknown) => void;
}

interface Waiting {
  readonly limitMs: number;
  readonly resolve: (answer: unknown) => void;
  readonly reject: (error: unknown) => void;
}

/** What goes to the thread, and what comes back: `value`, or `error` as the thread wrote it. */
export interface ThreadRequest<Request> {
  readonly id: number;
  readonly request: Request;
}
type Answer = { readonly id: number; readonly value?: unknown; readonly error?: unknown };

/**
 * A thread that is asked and answers, and that is watched: one that does not answer in time is ended, in the middle of
 * whatever it does, and everyone who waits is told so. It starts with the first question, and a new one with the next
 * question after an end. It keeps the process running only while something is asked of it.
 */
export class WatchedThread<Request> {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private timer: NodeJS.Timeout | null = null;
  private count = 0;

  constructor(private readonly settings: Settings) {}

  /** `limitMs`: for what takes longer than everything else. */
  ask<Value>(request: Request, limitMs = this.settings.limitMs): Promise<Value> {
    return new Promise((resolve, reject) => {
      const id = ++this.count;
      this.waiting.set(id, { limitMs, resolve: resolve as (answer: unknown) => void, reject });
      const worker = this.connect();
      if (this.waiting.size === 1) worker.ref();
      if (this.waiting.size === 1 || limitMs > this.settings.limitMs) this.watch();
      worker.postMessage({ id, request } satisfies ThreadRequest<Request>);
    });
  }

  /** Ends the thread at once, and tells all who wait why; resolves when it is gone. */
  async end(why: ThreadEnded): Promise<void> {
    const { worker } = this;
    this.forget(why);
    await worker?.terminate();
  }

  private connect(): Worker {
    if (this.worker) return this.worker;
    const { entry, resourceLimits, hear } = this.settings;
    const worker = new Worker(entry, { resourceLimits });
    worker.unref();
    worker.on("message", (message: Answer) => {
      if (this.worker !== worker) return;
      if (typeof message.id !== "number") return hear?.(message);
      this.settle(message);
    });
    worker.on("error", (error: NodeJS.ErrnoException) => {
      if (this.worker !== worker) return;
      const isMemory = error.code === "ERR_WORKER_OUT_OF_MEMORY";
      this.forget(new ThreadEnded(isMemory ? "memory" : "failed", error.message));
    });
    worker.on("exit", () => {
      if (this.worker === worker) this.forget(new ThreadEnded("failed", "it ended by itself"));
    });
    return (this.worker = worker);
  }

  private settle({ id, ...answer }: Answer): void {
    const one = this.waiting.get(id);
    this.waiting.delete(id);
    if (this.waiting.size > 0) this.watch();
    else this.rest();
    if ("error" in answer) one?.reject(answer.error);
    else one?.resolve(answer.value);
  }

  /** Each answer is a sign of life, from which the time is counted anew. */
  private watch(): void {
    if (this.timer) clearTimeout(this.timer);
    const limitMs = Math.max(...[...this.waiting.values()].map((one) => one.limitMs));
    const slow = new ThreadEnded("slow", `it took longer than ${Math.round(limitMs / 1000)} seconds`);
    this.timer = setTimeout(() => void this.end(slow), limitMs);
  }

  private rest(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    this.worker?.unref();
  }

  private forget(why: ThreadEnded): void {
    this.rest();
    this.worker = null;
    const all = [...this.waiting.values()];
    this.waiting.clear();
    for (const { reject } of all) reject(why);
  }
}
