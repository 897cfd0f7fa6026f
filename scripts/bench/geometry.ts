import {
  axisBox,
  checkMesh,
  draftFound,
  massProperties,
  readyBody,
  shadow,
  undercuts,
  walls,
} from '../../src/core/part-file/geometry';
import { readMeshFile } from '../../src/core/part-file/readers';
import { goal, pace } from './goals';
import { wavyShell } from './wavy-ball';

/** Prints how long a part of a million facets takes to read, judge and measure, step by step. */
const bytes = wavyShell(708);
let start = performance.now();
const lap = (): number => {
  const ms = performance.now() - start;
  start = performance.now();
  return ms;
};
const slower = pace();
const told = (label: string, ms: number, limit: number | null = null): void => {
  if (limit === null) console.log(`${label.padEnd(66)} ${ms.toFixed(0).padStart(7)} ms`);
  else goal(label, ms, limit, 'ms', slower);
};

start = performance.now();
const raw = readMeshFile('ball.stl', bytes);
told(`reading ${raw.triangles.length / 3} facets of binary STL`, lap());
const checked = checkMesh(raw, 'mm');
told(`joining and judging them (${checked.verdict}, ${checked.counts.components} shells)`, lap());
massProperties(checked.mesh);
axisBox(checked.mesh);
draftFound(checked.mesh, [0, 0, 1], 1);
shadow(checked.mesh, [0, 0, 1]);
told('volume, area, box, draft and projected area', lap(), 1000);
const body = readyBody(checked);
const tree = lap();
told('tree of boxes, round walls, edges', tree);
walls(body.fine, body);
const wall = lap();
told('walls by ray and sphere', wall);
undercuts(body.seen, [0, 0, 1]);
const under = lap();
told('undercuts along one draw', under);
told('tree, walls and undercuts together', tree + wall + under, 6000);
