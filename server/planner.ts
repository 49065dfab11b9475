import { createHash } from "node:crypto";
import { Worker } from "node:worker_threads";
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

/**
 * Plans in a thread of its own, one job after the other, so that the server goes on saving and answering meanwhile. A
 * plan that takes too long is given up, and so is one whose clients have all gone; the same question is worked out once
 * and kept.
 */
export class Planner {
  private worker: Worker | null = null;
  private readonly queue: Task[] = [];
  private running: { task: Task; id: number; timer: NodeJS.Timeout } | null = null;
  private readonly kept = new Map<string, string>();
  /** What was given up for its size: it would be again, and everyone would wait for it. */
  private readonly hopeless = new Map<string, PlanProblem>();
  private keptSize = 0;
  private count = 0;

  constructor(private readonly settings: Settings = {}) {}

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
      this.next();
    });
  }

  async close(): Promise<void> {
    if (this.running) clearTimeout(this.running.timer);
    await this.worker?.terminate();
  }

  private taskFor(key: string, request: PlanRequest): Task {
    const known = [...(this.running ? [this.running.task] : []), ...this.queue].find(
      (task) => task.key === key,
    );
    if (known) return known;
    const task: Task = { key, request, waiting: new Set() };
    this.queue.push(task);
    return task;
  }

  private leave(task: Task, waiter: Parameters<Task["waiting"]["delete"]>[0], reason: unknown): void {
    if (!task.waiting.delete(waiter)) return;
    waiter.reject(reason);
    if (task.waiting.size > 0) return;
    const place = this.queue.indexOf(task);
    if (place >= 0) this.queue.splice(place, 1);
    else if (this.running?.task === task) this.giveUp(new PlanProblem("nobody waits for it any more"));
  }

  private next(): void {
    if (this.running) return;
    const task = this.queue.shift();
    if (!task) return;
    const id = ++this.count;
    const limitMs = this.settings.limitMs ?? usualLimitMs;
    const timer = setTimeout(() => {
      this.giveUp(this.remember(task.key, `it took longer than ${Math.round(limitMs / 1000)} seconds`));
    }, limitMs);
    this.running = { task, id, timer };
    this.connect().postMessage({ id, request: task.request });
  }

  private connect(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(this.settings.worker ?? new URL("./planWorker.mjs", import.meta.url), {
      resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
    });
    worker.unref();
    worker.on("message", ({ id, text, error }: { id: number; text?: string; error?: string }) => {
      if (this.running?.id !== id) return;
      this.settle(text === undefined ? new PlanProblem(error) : this.keep(this.running.task.key, text));
    });
    worker.on("error", (error: NodeJS.ErrnoException) => {
      if (this.worker !== worker) return;
      this.worker = null;
      const isMemory = error.code === "ERR_WORKER_OUT_OF_MEMORY";
      const key = this.running?.task.key;
      const memory = "it takes more memory than there is";
      this.settle(isMemory && key ? this.remember(key, memory) : new PlanProblem(error.message));
    });
    this.worker = worker;
    return worker;
  }

  /** Ends the thread in the middle of a plan; the next one gets a fresh thread. */
  private giveUp(problem: PlanProblem): void {
    void this.worker?.terminate();
    this.worker = null;
    this.settle(problem);
  }

  private remember(key: string, why: string): PlanProblem {
    const problem = new PlanProblem(why);
    this.hopeless.set(key, problem);
    // The machine may have been busy with something else.
    setTimeout(() => this.hopeless.delete(key), hopelessForMs).unref();
    return problem;
  }

  private settle(answer: string | PlanProblem): void {
    if (!this.running) return;
    const { task, timer } = this.running;
    clearTimeout(timer);
    this.running = null;
    for (const { resolve, reject } of task.waiting) {
      if (typeof answer === "string") resolve(answer);
      else reject(answer);
    }
    this.next();
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
