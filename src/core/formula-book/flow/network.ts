import { filled, notNegative } from '../../base/checks';
import { refuse } from '../../base/errors';

export interface Task {
  readonly id: string;
  readonly days: number;
  readonly after?: readonly string[];
}

/**
 * Longest chain through a network of tasks (formula cal.critical-path).
 *
 * @param input.tasks id, days and predecessors of each; finish-to-start links, no resource limits
 * @returns duration, earliest starts and floats in days, and the critical ids in the order given
 * @throws {CoreError} E_KEY for an unknown or repeated id, E_CYCLE when the network feeds back
 * @example
 * criticalPath({ tasks: [{ id: 'design', days: 5 }, { id: 'die', days: 20, after: ['design'] }, { id: 'cores', days: 8, after: ['design'] }, { id: 'trial', days: 3, after: ['die', 'cores'] }, { id: 'gauge', days: 15, after: ['design'] }, { id: 'first', days: 2, after: ['trial', 'gauge'] }] }).duration_d
 * // 30
 */
export function criticalPath(input: { tasks: readonly Task[] }): {
  duration_d: number;
  start_d: Record<string, number>;
  float_d: Record<string, number>;
  critical: string[];
} {
  const tasks = filled('tasks', input.tasks);
  const byId = new Map<string, Task>();
  tasks.forEach((task, i) => {
    notNegative(`tasks[${i}].days`, task.days);
    if (byId.has(task.id)) refuse('E_KEY', `tasks[${i}].id`, task.id, 'an id used once');
    byId.set(task.id, task);
  });
  tasks.forEach((task, i) => {
    for (const id of task.after ?? []) if (!byId.has(id)) refuse('E_KEY', `tasks[${i}].after`, id, 'the id of a task');
  });
  const start = new Map<string, number>();
  const order: Task[] = [];
  const open = new Set<string>();
  const visit = (task: Task): number => {
    const known = start.get(task.id);
    if (known !== undefined) return known + task.days;
    if (open.has(task.id)) return refuse('E_CYCLE', 'tasks', task.id, 'a network without a loop');
    open.add(task.id);
    let earliest = 0;
    for (const id of task.after ?? []) earliest = Math.max(earliest, visit(byId.get(id) as Task));
    open.delete(task.id);
    start.set(task.id, earliest);
    order.push(task);
    return earliest + task.days;
  };
  const duration = Math.max(...tasks.map(visit));
  const latest = new Map(tasks.map((t) => [t.id, duration]));
  for (const task of order.reverse()) {
    const begin = (latest.get(task.id) as number) - task.days;
    for (const id of task.after ?? []) latest.set(id, Math.min(latest.get(id) as number, begin));
  }
  const float = (t: Task): number => (latest.get(t.id) as number) - t.days - (start.get(t.id) as number);
  return {
    duration_d: duration,
    start_d: Object.fromEntries(tasks.map((t) => [t.id, start.get(t.id) as number])),
    float_d: Object.fromEntries(tasks.map((t) => [t.id, float(t)])),
    critical: tasks.filter((t) => Math.abs(float(t)) < 1e-9).map((t) => t.id),
  };
}
