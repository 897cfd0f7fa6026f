import type { Alloy } from '@/core/catalogue/alloys';
import type { AlloyPair } from '@/core/comparison/alloys';
import type { CostCurves } from '@/core/comparison/board';
import type { FieldEffect } from '@/core/comparison/next-fields';
import type { RequirementCost } from '@/core/comparison/requirements';
import type { StudyAsked, CostCurvesAnswer, CostCurvesRequest } from './cost-curves.protocol';

/** Thrown into a request that a newer one has overtaken, or that was ended. */
export class Cancelled extends Error {
  override readonly name = 'Cancelled';
}

interface Waiting {
  readonly kind: CostCurvesRequest['kind'];
  readonly resolve: (answer: CostCurvesAnswer) => void;
  readonly reject: (error: Error) => void;
}

/**
 * One worker, many questions. A newer question cancels the one before it; every promise settles, also when the
 * client is closed or the worker dies.
 */
export class CostCurvesClient {
  private worker: Worker | null = null;
  private next = 1;
  private readonly waiting = new Map<number, Waiting>();

  /** Cost curves of a brief; cancels those still under way. */
  async costCurves({ brief, school, rates }: StudyAsked): Promise<CostCurves> {
    this.overtake('cost-curves');
    const answer = await this.ask({ id: this.next++, kind: 'cost-curves', brief, school, rates });
    if (answer.kind !== 'cost-curves') throw new Error('unexpected answer');
    return answer.curves;
  }

  /** What each requirement costs at q pieces; cancels the same question still under way. */
  async requirements(
    { brief, school, rates }: StudyAsked,
    q: number,
    orderDate: string,
  ): Promise<{ readonly costs: readonly RequirementCost[]; readonly q: number }> {
    this.overtake('requirements');
    const answer = await this.ask({ id: this.next++, kind: 'requirements', brief, school, rates, q, orderDate });
    if (answer.kind !== 'requirements') throw new Error('unexpected answer');
    return answer;
  }

  /** The brief in every alloy at q pieces; cancels the same question still under way. */
  async alloys(
    { brief, school, rates }: StudyAsked,
    q: number,
  ): Promise<{ readonly pairs: readonly AlloyPair[]; readonly alloys: readonly Alloy[]; readonly q: number }> {
    this.overtake('alloys');
    const answer = await this.ask({ id: this.next++, kind: 'alloys', brief, school, rates, q });
    if (answer.kind !== 'alloys') throw new Error('unexpected answer');
    return answer;
  }

  /** How much hangs on open fields of the brief; cancels the same question still under way. */
  async nextFields(
    { brief, school, rates }: StudyAsked,
    paths: readonly string[],
    q: number,
  ): Promise<readonly FieldEffect[]> {
    this.overtake('next-fields');
    const answer = await this.ask({ id: this.next++, kind: 'next-fields', brief, school, rates, paths, q });
    if (answer.kind !== 'next-fields') throw new Error('unexpected answer');
    return answer.effects;
  }

  /** Ends the worker; what still waits is cancelled. */
  close(): void {
    this.worker?.terminate();
    this.worker = null;
    for (const w of this.waiting.values()) w.reject(new Cancelled('closed'));
    this.waiting.clear();
  }

  private overtake(kind: CostCurvesRequest['kind']): void {
    for (const [id, w] of this.waiting) {
      if (w.kind !== kind) continue;
      this.waiting.delete(id);
      w.reject(new Cancelled('overtaken'));
    }
  }

  private ask(request: CostCurvesRequest): Promise<CostCurvesAnswer> {
    this.worker ??= this.start();
    const worker = this.worker;
    return new Promise((resolve, reject) => {
      this.waiting.set(request.id, { kind: request.kind, resolve, reject });
      worker.postMessage(request);
    });
  }

  private start(): Worker {
    const worker = new Worker(new URL('./cost-curves.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<CostCurvesAnswer>) => {
      const w = this.waiting.get(data.id);
      if (w === undefined) return;
      this.waiting.delete(data.id);
      if (data.kind === 'refused') w.reject(new Error(data.message));
      else w.resolve(data);
    };
    worker.onerror = (event) => {
      // One that was ended while it started still reports that it failed.
      if (this.worker !== worker) return;
      this.worker = null;
      for (const w of this.waiting.values()) w.reject(new Error(event.message || 'the worker failed'));
      this.waiting.clear();
    };
    return worker;
  }
}
