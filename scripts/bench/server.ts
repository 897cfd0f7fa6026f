/**
 * How soon others are answered while heavy work is under way: signs one copy of a study and makes two PDFs of another's
 * record at once, and asks for the health of the server all the while. usage: tsx scripts/bench/server.ts URL
 */
import { goal, pace } from './goals';

const url = process.argv[2] ?? 'http://127.0.0.1:3900';
const HEALTH_EVERY_MS = 10;
/** Others are answered within this share of the time the heavy work takes, and within this on a quiet machine. */
const SHARE = 0.1;
const GOAL_MS = 250;

async function json<T>(path: string, method = 'GET', body?: unknown): Promise<T> {
  const response = await fetch(url + path, {
    method,
    ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return (await response.json()) as T;
}

const signing = (laneId: string, version: number): object => ({
  laneId,
  quantity: 2400,
  why: 'Least all in, and the shop knows the alloy.',
  signedBy: 'Bench',
  signedOn: '2027-01-05',
  version,
});

async function copyOf(title: string): Promise<{ id: string; leader: string }> {
  const found = await json<{ studies: { id: string; title: string; leader: string | null }[] }>(
    `/api/studies?search=${encodeURIComponent(title)}&sort=title&up=1`,
  );
  const study = found.studies.find((s) => s.title === title);
  if (study === undefined) throw new Error(`no study “${title}”`);
  const { id } = await json<{ id: string }>(`/api/studies/${study.id}/duplicate`, 'POST');
  return { id, leader: study.leader ?? 'gravity-die/hand' };
}

const timed = async (work: () => Promise<unknown>): Promise<number> => {
  const start = performance.now();
  await work();
  return performance.now() - start;
};
const quantile = (list: readonly number[], share: number): number =>
  list.toSorted((a, b) => a - b)[Math.min(list.length - 1, Math.floor(share * list.length))] ?? NaN;

async function main(): Promise<void> {
  const slower = pace();
  const [signed, open] = [await copyOf('Tripod hub'), await copyOf('Tripod hub')];
  const decision = await json<{ id: string }>(`/api/studies/${signed.id}/decisions`, 'POST', signing(signed.leader, 1));
  const pdf = (): Promise<unknown> =>
    fetch(`${url}/api/studies/${signed.id}/decisions/${decision.id}/record/pdf`).then((r) => r.arrayBuffer());
  const quiet: number[] = [];
  for (let i = 0; i < 40; i++) quiet.push(await timed(() => json('/api/health')));
  let busy = true;
  const heavy = timed(() =>
    Promise.all([pdf(), pdf(), json(`/api/studies/${open.id}/decisions`, 'POST', signing(open.leader, 1))]),
  ).finally(() => (busy = false));
  const others: number[] = [];
  while (busy) {
    others.push(await timed(() => json('/api/health')));
    await new Promise((done) => setTimeout(done, HEALTH_EVERY_MS));
  }
  const took = await heavy;
  const worst = Math.max(...others);
  const ms = (x: number): string => `${x.toFixed(0).padStart(6)} ms`;
  console.log(`two PDFs and a signing at once                 ${ms(took)}`);
  console.log(`health on a quiet server, median of 40         ${ms(quantile(quiet, 0.5))}`);
  console.log(
    `health meanwhile, median of ${String(others.length).padEnd(4)}               ${ms(quantile(others, 0.5))}`,
  );
  goal('health while two PDFs are made and a record is signed, worst', worst, SHARE * took, 'ms');
  goal('the same, of a quiet machine', worst, GOAL_MS, 'ms', slower);
  for (const { id } of [signed, open]) await json(`/api/studies/${id}/archive`, 'POST');
}

void main();
