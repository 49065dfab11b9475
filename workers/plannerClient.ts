import { proxy, wrap, type Remote } from "comlink";
import type { Plan } from "@/core/job/planTypes";
import type { PlannerApi } from "./planner.worker";

/**
 * Plans jobs off the main thread. While one is being planned only the newest later request is kept, so a drag
 * never builds up a queue. A plan that takes long can be stopped: the worker is ended and a fresh one made.
 */
export class PlannerClient {
  private worker: Worker | null = null;
  private remote: Remote<PlannerApi> | null = null;
  private waiting: string | null = null;
  private busy = false;

  /**
   * `answer` is given each plan; `progress` how much of it is done while one is being planned, and null when
   * nothing is under way any more.
   */
  constructor(
    private readonly answer: (plan: Plan, text: string) => void,
    private readonly progress: (share: number | null) => void = () => undefined,
  ) {}

  request(documentText: string): void {
    this.waiting = documentText;
    if (!this.busy) void this.work();
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
    this.busy = false;
    this.waiting = null;
    this.progress(null);
  }

  private async work(): Promise<void> {
    this.busy = true;
    const remote = this.connect();
    while (this.waiting !== null && remote === this.remote) {
      const text = this.waiting;
      this.waiting = null;
      this.progress(0);
      const answer = await remote.plan(
        text,
        proxy((share: number) => {
          if (remote === this.remote) this.progress(share);
        }),
      );
      if (remote === this.remote && answer.ok) this.answer(JSON.parse(answer.text) as Plan, answer.text);
    }
    if (remote !== this.remote) return;
    this.busy = false;
    this.progress(null);
  }

  private connect(): Remote<PlannerApi> {
    if (!this.remote) {
      this.worker = new Worker(new URL("./planner.worker.ts", import.meta.url), { type: "module" });
      this.remote = wrap<PlannerApi>(this.worker);
    }
    return this.remote;
  }
}
