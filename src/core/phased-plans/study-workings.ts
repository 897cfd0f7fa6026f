import type { Study } from '../study';
import { daysWithHolidays } from '../schedule';
import { refuse } from '../base/errors';
import { isPartFigure } from '../part';
import {
  contextOf,
  differenceWorking,
  isDifference,
  isFigure,
  isRuleFigure,
  workingIn,
  workingOf,
  type Context,
} from '../study/workings';
import { type Working } from '../equations';
import type { PlanDue } from './deliveries';
import { planFigure } from './plan-figures';
import { ALONE, PLAN, STEPS, type OpenPlan } from './plan-parts';
import { studyOfStep, type StepAt } from './step-study';

/** Where the figures of a lane are worked out: in which study, at how many pieces, on which lane. */
export interface Place {
  readonly study: Study;
  readonly q: number;
  readonly laneId: string;
}

/**
 * The workings of a study at a quantity, and of a plan in two steps beside its lanes: `plan` is the plan, `plan.1` and
 * `plan.2` its steps, `plan.alone` the route alone it is set against. What many figures share is made once.
 */
export class StudyWorkings {
  private readonly contexts = new Map<string, Context>();
  private readonly places = new Map<string, Place>();

  constructor(
    readonly study: Study,
    readonly q: number,
    readonly plan: OpenPlan | null = null,
    readonly deliveries: readonly PlanDue[] = [],
  ) {}

  /**
   * Where the figures of a lane, a baseline or a step are worked out.
   * @throws {CoreError} E_KEY for a step where there is no plan
   */
  place(id: string): Place {
    const known = this.places.get(id);
    if (known !== undefined) return known;
    const step = this.stepOf(id);
    const made =
      step === null
        ? { study: this.study, q: this.q, laneId: id }
        : { study: studyOfStep(this.study, step), q: step.pieces, laneId: step.laneId };
    this.places.set(id, made);
    return made;
  }

  /**
   * The working of a figure.
   * @param id lane, baseline, the plan or a step of it
   * @throws {CoreError} E_KEY for an unknown lane or figure, E_NO_VALUE for a lane without money
   */
  working(id: string, figure: string): Working {
    if (isDifference(figure))
      return { figure, ...differenceWorking(this.study, id, figure, (of, name) => this.working(of, name)) };
    if (id === PLAN) return this.ofPlan(figure);
    const { study, q, laneId } = this.place(id);
    // Figures of the part and of rules need no money: barred lanes have them too.
    const plain = !isFigure(figure) || isPartFigure(figure) || isRuleFigure(figure);
    if (plain || study.baselines.some((b) => b.id === laneId)) return workingOf(study, laneId, q, figure);
    let context = this.contexts.get(id);
    if (context === undefined) this.contexts.set(id, (context = contextOf(study, laneId, q)));
    return workingIn(context, figure);
  }

  private ofPlan(figure: string): Working {
    const { plan, q, deliveries: deliveries } = this;
    if (plan === null) return refuse('E_KEY', 'lane', PLAN, 'a lane: no two-step plan is at hand');
    const { brief, rates } = this.study;
    const shut = (days: number): number => daysWithHolidays(brief.quantity.orderDate, days, rates.calendar);
    return planFigure({ plan, q, deliveries, of: (step, name) => this.working(step, name), shut }, figure);
  }

  private stepOf(id: string): StepAt | null {
    const k = STEPS.findIndex((s) => s === id);
    if (k < 0 && id !== ALONE) return null;
    return (k < 0 ? this.plan?.alone : this.plan?.steps[k]) ?? refuse('E_KEY', 'lane', id, 'a step of a plan at hand');
  }
}
