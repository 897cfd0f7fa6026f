import { expect, test } from '@playwright/test';
import { Instance } from './instance';

const own = new Instance('e2e-kill', 3913);

test.beforeAll(() => own.wipe());
test.afterAll(() => own.stop());

interface Study {
  id: string;
  version: number;
  brief: { title: string; geometry: { volume_cm3: number } };
}

test('application and database killed during a series of saves: every acknowledged save is there afterwards', async () => {
  test.setTimeout(300_000);
  const { url } = own.place;
  await own.start();
  const { studies: list } = (await (await fetch(`${url}/api/studies`)).json()) as { studies: { id: string }[] };
  const studies = await Promise.all(
    list.slice(0, 4).map(async (s) => (await (await fetch(`${url}/api/studies/${s.id}`)).json()) as Study),
  );

  for (let round = 1; round <= 3; round++) {
    const acknowledged = new Map<string, { volume: number; version: number }>();
    const told = new Map<string, number>();
    let asked = 0;
    let going = true;
    // Four clients save without pause until the line breaks; each remembers the last save it was told of.
    const clients = studies.map(async (study) => {
      const now = (await (await fetch(`${url}/api/studies/${study.id}`)).json()) as Study;
      let version = now.version;
      for (let n = 1; going; n++) {
        const volume = round * 100 + n / 1000;
        const brief = { ...now.brief, geometry: { ...now.brief.geometry, volume_cm3: volume } };
        asked++;
        try {
          const response = await fetch(`${url}/api/studies/${study.id}`, {
            method: 'PUT',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ brief, school: 'published', version, editor: `client-${study.id}` }),
          });
          if (response.status !== 200) return;
          version = ((await response.json()) as { version: number }).version;
          acknowledged.set(study.id, { volume, version });
          told.set(study.id, (told.get(study.id) ?? 0) + 1);
        } catch {
          return;
        }
      }
    });
    // Killed at a moment of no one's choosing, but not before every client has been told of some saves.
    const until = Date.now() + 60_000;
    while (studies.some((study) => (told.get(study.id) ?? 0) < 5) && Date.now() < until) {
      await new Promise((done) => setTimeout(done, 20));
    }
    await new Promise((done) => setTimeout(done, round * 170));
    // A file on its way: announced, and never sent to its end.
    const half = { name: `half-${round}.stl`, bytes: 100, sha256: 'a'.repeat(64), chunks: 1 };
    const announced = await fetch(`${url}/api/part-files`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(half),
    });
    expect(announced.ok).toBe(true);
    await own.kill();
    going = false;
    await Promise.all(clients);
    const seconds = await own.start();
    // What was lost is said, once.
    expect(own.said).toContain('The last run was killed.');
    expect(own.said).toContain(`Lost: a part file half sent: “half-${round}.stl”.`);
    let ahead = 0;
    for (const [id, last] of acknowledged) {
      const found = (await (await fetch(`${url}/api/studies/${id}`)).json()) as Study;
      // One save may have been committed without its answer reaching the client; none may be behind.
      expect(found.version).toBeGreaterThanOrEqual(last.version);
      expect(found.version).toBeLessThanOrEqual(last.version + 1);
      if (found.version === last.version) expect(found.brief.geometry.volume_cm3).toBe(last.volume);
      else ahead++;
    }
    console.log(
      `round ${round}: ${asked} saves asked, killed, back after ${seconds.toFixed(1)} s, ${acknowledged.size} studies whole, ${ahead} one save ahead of its answer`,
    );
    expect(acknowledged.size).toBe(4);
    for (const study of studies) expect(told.get(study.id)).toBeGreaterThanOrEqual(5);
  }
});
