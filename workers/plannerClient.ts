import { proxy, wrap, type Remote } from "comlink";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import { keepAdvice } from "./keepAdvice";
import type { PlannerApi } from "./planner.worker";
import type { SentWalls } from "./planSender";

interface Listener {
  /** Is given the walls of a plan before its rest is there, with what else could be done as it was known last. */
  walls(walls: readonly PlanWall[]): void;
  /** Is given each whole plan. */
  answer(plan: Plan): void;
  /** Is told how much of a plan is done while one is being made, and null when nothing is under way any more. */
  progress?(share: number | null): void;
  /** Is told when a plan could not be made; the next request is tried again. */
  failed?(): void;
}

interface Request {
  readonly text: string;
  readonly isPreview: boolean;
}

/** What happened on the job, entry by entry, ever more of it, and the moment to plan from. */
export interface From {
  readonly journal: readonly string[];
  readonly moment: string;
}

/** A plan that takes no longer is not announced. */
const silentMs = 120;
/** A hand that has not moved for so long rests. */
const restMs = 200;

/**
 * Plans jobs off the main thread. While one is being planned only the newest later request is kept, so a drag
 * never builds up a queue: the walls of each plan are answered first, and the rest of it only when nothing newer waits. A plan that
 * takes long can be stopped: the worker is ended and a fresh one made. So it is after one that failed.
 */
export class PlannerClient {
  private worker: Worker | null = null;
  private remote: Remote<PlannerApi> | null = null;
  private waiting: Request | null = null;
  /** Ends the pause in which a drag may go on. */
  private wake: () => void = () => undefined;
  private busy = false;
  /** What the worker knows to have been received. */
  private walls: readonly PlanWall[] = [];
  /** The entries that it has heard. */
  private heard: readonly string[] = [];

  /** `last`: the plan that is shown already; `from` is asked for each plan, null for a job on which nothing has happened. */
  constructor(
    private readonly listener: Listener,
    private last: Plan | null = null,
    private readonly from: () => From | null = () => null,
  ) {}

  /** `isPreview`: of a drag that is under way; its walls come at once, its rest when the hand rests. */
  request(text: string, isPreview = false): void {
    this.waiting = { text, isPreview };
    this.wake();
    if (!this.busy) void this.work();
  }

  /** Has a document that is shown already worked out in the worker, so that its first change is as fast as those after it. */
  prepare(text: string): void {
    if (this.busy || this.worker) return;
    const from = this.from();
    // Nobody waits for it: what cannot be planned is told when a plan is asked for.
    this.connectFor(from)
      .remote.prepare(text, from?.moment)
      .catch(() => undefined);
  }

  stop(): void {
    this.end();
    this.wake();
    this.busy = false;
    this.waiting = null;
    this.listener.progress?.(null);
  }

  private end(): void {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
    this.walls = [];
    this.heard = [];
  }

  private async work(): Promise<void> {
    this.busy = true;
    while (this.waiting !== null) {
      const request = this.waiting;
      this.waiting = null;
      const isOurs = await this.planOne(request);
      // Stopped meanwhile: whoever asks next begins afresh.
      if (!isOurs) return;
    }
    this.busy = false;
  }

  /** Plans one document and tells the listener what came of it; false when it was stopped meanwhile. */
  private async planOne({ text, isPreview }: Request): Promise<boolean> {
    const from = this.from();
    const { worker, remote } = this.connectFor(from);
    // What is there at once is not worth a word.
    const late = setTimeout(() => this.listener.progress?.(0), silentMs);
    // A worker that cannot start, or dies, never answers a call.
    const failure = new Promise<never>((_, reject) => {
      worker.onerror = worker.onmessageerror = () => reject(new Error("The worker failed."));
    });
    const started = performance.now();
    let isOver = false;
    const progress = proxy((share: number) => {
      const isLate = performance.now() - started >= silentMs;
      // The last word of it may come after the plan itself.
      if (worker === this.worker && isLate && !isOver) this.listener.progress?.(share);
    });
    try {
      const walls = await Promise.race([remote.walls(text, progress, from?.moment), failure]);
      if (worker !== this.worker) return false;
      if (walls) this.showWalls(this.receive(walls));
      if (isPreview) await this.pause();
      if (worker !== this.worker) return false;
      if (walls && this.waiting === null) {
        const whole = await Promise.race([remote.rest(), failure]);
        if (worker !== this.worker) return false;
        const rest = JSON.parse(whole.rest) as Omit<Plan, "walls">;
        this.last = { ...rest, walls: [...this.receive(whole.walls)] };
        this.listener.answer(this.last);
      }
      isOver = true;
      this.listener.progress?.(this.waiting === null ? null : 0);
    } catch (error) {
      isOver = true;
      if (worker !== this.worker) return false;
      console.error(error);
      this.end();
      this.listener.progress?.(null);
      if (this.waiting === null) this.listener.failed?.();
    } finally {
      clearTimeout(late);
    }
    return true;
  }

  /** A worker that has heard all that happened. It answers calls in their turn. */
  private connectFor(from: From | null): { worker: Worker; remote: Remote<PlannerApi> } {
    const journal = from?.journal ?? [];
    const last = this.heard.length - 1;
    // What was told and refused cannot be unheard.
    if (last >= 0 && journal[last] !== this.heard[last]) this.end();
    const connected = this.connect();
    const news = journal.slice(this.heard.length);
    if (news.length > 0) void connected.remote.hear(news.join("\n"));
    this.heard = journal;
    return connected;
  }

  /** Until the hand has rested for a moment, or something newer is asked for. */
  private pause(): Promise<void> {
    if (this.waiting !== null) return Promise.resolve();
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, restMs);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  private showWalls(walls: readonly PlanWall[]): void {
    if (!this.last) return;
    const before = new Map(this.last.walls.map((wall) => [wall.id, wall]));
    this.listener.walls(walls.map((wall) => keepAdvice(wall, before.get(wall.id))));
  }

  /** The walls as they are now; those that have not changed are the same objects as before. */
  private receive(texts: SentWalls): readonly PlanWall[] {
    this.walls = texts.map((text, index) =>
      text === null ? this.walls[index]! : (JSON.parse(text) as PlanWall),
    );
    return this.walls;
  }

  private connect(): { worker: Worker; remote: Remote<PlannerApi> } {
    if (!this.worker || !this.remote) {
      this.worker = new Worker(new URL("./planner.worker.ts", import.meta.url), { type: "module" });
      this.remote = wrap<PlannerApi>(this.worker);
    }
    return { worker: this.worker, remote: this.remote };
  }
}
