import { createHash } from "node:crypto";
import { ThreadEnded, WatchedThread } from "@/store/watchedThread";
import type { PlanRequest } from "./answerPlan";
import { PlanProblem } from "./planProblem";

interface Task {
  readonly key: string;
  readonly request: PlanRequest;
  /** Those who still wait for it. */
  readonly waiting: Set<{ resolve: (text: string) => void; reject: (error: unknown) => void }>;
}

interface Settings {
  readonly worker?: URL;
  readonly limitMs?: number;
  /** Characters of plans that are kept to be given again. */
  readonly mostKept?: number;
}

const usualLimitMs = 20_000;
const usualMostKept = 40_000_000;
const mostMemoryMb = 2048;
const hopelessForMs = 300_000;

/** Nobody sits before it and waits. */
const canWait = ({ request }: Task): boolean => request.format === "tile";

/**
 * Plans in a thread of its own, one job after the other, so that the server goes on saving and answering meanwhile; what
 * somebody waits for goes before pictures for the list. A plan that takes too long is given up, and so is one whose clients
 * have all gone; the same question is worked out once and kept.
 */
export class Planner {
  private readonly thread: WatchedThread<PlanRequest>;
  private readonly queue: Task[] = [];
  private running: Task | null = null;
  private readonly kept = new Map<string, string>();
  /** What was given up for its size: it would be again, and everyone would wait for it. */
  private readonly hopeless = new Map<string, PlanProblem>();
  private keptSize = 0;

  constructor(private readonly settings: Settings = {}) {
    this.thread = new WatchedThread({
      entry: settings.worker ?? new URL("./planWorker.mjs", import.meta.url),
      limitMs: settings.limitMs ?? usualLimitMs,
      resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
    });
  }

  /** Rejects with a PlanProblem, or with the signal's reason once that is aborted. */
  plan(request: PlanRequest, signal?: AbortSignal): Promise<string> {
    const key = createHash("sha256").update(JSON.stringify(request)).digest("hex");
    const before = this.kept.get(key);
    if (before !== undefined) return Promise.resolve(this.keep(key, before));
    const problem = this.hopeless.get(key);
    if (problem) return Promise.reject(problem);
    if (signal?.aborted) return Promise.reject(signal.reason as Error);
    return new Promise((resolve, reject) => {
      const task = this.taskFor(key, request);
      const waiter = { resolve, reject };
      task.waiting.add(waiter);
      signal?.addEventListener("abort", () => this.leave(task, waiter, signal.reason), { once: true });
      void this.next();
    });
  }

  close(): Promise<void> {
    // Nothing more is begun.
    this.queue.length = 0;
    return this.thread.end(new ThreadEnded("closed", "the program is stopping"));
  }

  private taskFor(key: string, request: PlanRequest): Task {
    const known = [...(this.running ? [this.running] : []), ...this.queue].find((task) => task.key === key);
    if (known) return known;
    const task: Task = { key, request, waiting: new Set() };
    const place = canWait(task) ? -1 : this.queue.findIndex(canWait);
    this.queue.splice(place < 0 ? this.queue.length : place, 0, task);
    return task;
  }

  private leave(task: Task, waiter: Parameters<Task["waiting"]["delete"]>[0], reason: unknown): void {
    if (!task.waiting.delete(waiter)) return;
    waiter.reject(reason);
    if (task.waiting.size > 0) return;
    const place = this.queue.indexOf(task);
    if (place >= 0) this.queue.splice(place, 1);
    else if (this.running === task)
      void this.thread.end(new ThreadEnded("closed", "nobody waits for it any more"));
  }

  private async next(): Promise<void> {
    if (this.running) return;
    const task = this.queue.shift();
    if (!task) return;
    this.running = task;
    const answer = await this.thread
      .ask<string>(task.request)
      .then((text) => this.keep(task.key, text))
      .catch((error: unknown) => this.problemOf(task, error));
    this.running = null;
    for (const { resolve, reject } of task.waiting) {
      if (typeof answer === "string") resolve(answer);
      else reject(answer);
    }
    void this.next();
  }

  private problemOf({ key }: Task, error: unknown): PlanProblem {
    if (!(error instanceof ThreadEnded)) return new PlanProblem(String(error));
    if (error.why === "slow") return this.remember(key, error.message);
    if (error.why === "memory") return this.remember(key, "it takes more memory than there is");
    return new PlanProblem(error.message);
  }

  private remember(key: string, why: string): PlanProblem {
    const problem = new PlanProblem(why);
    this.hopeless.set(key, problem);
    // The machine may have been busy with something else.
    setTimeout(() => this.hopeless.delete(key), hopelessForMs).unref();
    return problem;
  }

  /** Keeps an answer as the latest used; the oldest go when there are too many. */
  private keep(key: string, text: string): string {
    if (this.kept.delete(key)) this.keptSize -= text.length;
    this.kept.set(key, text);
    this.keptSize += text.length;
    for (const [old, { length }] of this.kept) {
      if (this.keptSize <= (this.settings.mostKept ?? usualMostKept) || old === key) break;
      this.kept.delete(old);
      this.keptSize -= length;
    }
    return text;
  }
}
