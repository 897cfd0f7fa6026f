import { change, rows, type Runner } from '../db';

/** Whether a mark was ever set in this database. */
export async function isMarked(on: Runner, name: string): Promise<boolean> {
  return (await rows<{ name: string }>(on, 'SELECT name FROM marks WHERE name = ?', [name])).length > 0;
}

export async function insertMark(on: Runner, name: string): Promise<void> {
  await change(on, 'INSERT INTO marks (name) VALUES (?)', [name]);
}

/** The demo studies that are there. */
export async function selectDemoStudies(on: Runner): Promise<{ id: string; title: string }[]> {
  return rows<{ id: string; title: string }>(on, 'SELECT id, title FROM studies WHERE demo');
}
