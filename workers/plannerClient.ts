import { proxy, wrap, type Remote } from "comlink";
import type { Plan, PlanWall } from "@/core/job/planTypes";
import { keepAdvice } from "./keepAdvice";
import type { PlannerApi } from "./planner.worker";
import type { SentWalls } from "./planSender";

interface Listener {
  /** Is given each plan; and before it, where there has been one, the last one with its walls as they are now. */
  answer(plan: Plan): void;
  /** Is told how much of a plan is done while one is being made, and null when nothing is under way any more. */
  progress?(share: number | null): void;
  /** Is told when a plan could not be made; the next request is tried again. */
  failed?(): void;
}

/**
 * Plans jobs off the main thread. While one is being planned only the newest later request is kept, so a drag
 * never builds up a queue: the walls of each plan are answered first, and the rest of it only when nothing newer waits. A plan that
 * takes long can be stopped: the worker is ended and a fresh one made. So it is after one that failed.
 */
export class PlannerClient {
  private worker: Worker | null = null;
  private remote: Remote<PlannerApi> | null = null;
  private waiting: string | null = null;
  private busy = false;
  /** What the worker knows to have been received. */
  private walls: readonly PlanWall[] = [];

  /** `last`: the plan that is shown already. */
  constructor(
    private readonly listener: Listener,
    private last: Plan | null = null,
  ) {}

  request(documentText: string): void {
    this.waiting = documentText;
    if (!this.busy) void this.work();
  }

  stop(): void {
    this.end();
    this.busy = false;
    this.waiting = null;
    this.listener.progress?.(null);
  }

  private end(): void {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
    this.walls = [];
  }

  private async work(): Promise<void> {
    this.busy = true;
    while (this.waiting !== null) {
      const text = this.waiting;
      this.waiting = null;
      this.listener.progress?.(0);
      const isOurs = await this.planOne(text);
      // Stopped meanwhile: whoever asks next begins afresh.
      if (!isOurs) return;
    }
    this.busy = false;
  }

  /** Plans one document and tells the listener what came of it; false when it was stopped meanwhile. */
  private async planOne(text: string): Promise<boolean> {
    const { worker, remote } = this.connect();
    // A worker that cannot start, or dies, never answers a call.
    const failure = new Promise<never>((_, reject) => {
      worker.onerror = worker.onmessageerror = () => reject(new Error("The worker failed."));
    });
    const progress = proxy((share: number) => {
      if (worker === this.worker) this.listener.progress?.(share);
    });
    try {
      const walls = await Promise.race([remote.walls(text, progress), failure]);
      if (worker !== this.worker) return false;
      if (walls) this.showWalls(this.receive(walls));
      if (walls && this.waiting === null) {
        const whole = await Promise.race([remote.rest(), failure]);
        if (worker !== this.worker) return false;
        const rest = JSON.parse(whole.rest) as Omit<Plan, "walls">;
        this.last = { ...rest, walls: [...this.receive(whole.walls)] };
        this.listener.answer(this.last);
      }
      this.listener.progress?.(this.waiting === null ? null : 0);
    } catch (error) {
      if (worker !== this.worker) return false;
      console.error(error);
      this.end();
      this.listener.progress?.(null);
      if (this.waiting === null) this.listener.failed?.();
    }
    return true;
  }

  private showWalls(walls: readonly PlanWall[]): void {
    if (!this.last) return;
    const before = new Map(this.last.walls.map((wall) => [wall.id, wall]));
    this.listener.answer({ ...this.last, walls: walls.map((wall) => keepAdvice(wall, before.get(wall.id))) });
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
