import { connect } from 'node:net';
import { expect, test } from '@playwright/test';
import { BRACKET as brief } from '../src/core/testing/demo-briefs';
import { studyId } from './journeys';

test('evaluate answers the comparison, and notes what it ignored', async ({ request }) => {
  const response = await request.post('/api/evaluate', {
    data: { brief: { ...brief, colour: 'red' }, quantity: 500, school: 'shop' },
  });
  expect(response.status()).toBe(200);
  const body = (await response.json()) as {
    leader: string;
    quantity: number;
    school: string;
    lanes: Record<string, unknown>[];
    notes: string[];
  };
  expect(body).toMatchObject({ quantity: 500, school: 'shop' });
  expect(body.notes[0]).toContain('colour');
  const lane = body.lanes.find((l) => l['id'] === body.leader) ?? {};
  for (const key of [
    'status',
    'tooling',
    'unit',
    'allIn',
    'firstArticle_days',
    'lastPart_days',
    'positions',
    'lines',
    'findings',
  ])
    expect(lane[key], key).not.toBeNull();
  expect(body.lanes.map((l) => l['id'])).toEqual(expect.arrayContaining(['machined', 'gravity-die/hand']));
});

test.describe('evaluate refuses with the field’s path', () => {
  for (const [name, data, status, path] of [
    ['no brief', {}, 400, 'brief'],
    [
      'a text for a figure',
      { brief: { ...brief, geometry: { ...brief.geometry, volume_cm3: 'x' } } },
      400,
      'brief.geometry.volume_cm3',
    ],
    ['an unknown alloy', { brief: { ...brief, alloy: 'mithril' } }, 400, 'brief.alloy'],
    ['a fraction of a piece', { brief, quantity: 2.5 }, 400, 'quantity'],
    ['another school', { brief, school: 'night' }, 400, 'school'],
    ['no quantity anywhere', { brief: { ...brief, quantity: {} } }, 422, 'quantity'],
    [
      'a contradiction',
      { brief: { ...brief, geometry: { ...brief.geometry, wallMin_mm: 20 } } },
      400,
      'brief.geometry.wallMin_mm',
    ],
  ] as const) {
    test(name, async ({ request }) => {
      const response = await request.post('/api/evaluate', { data });
      expect(response.status()).toBe(status);
      const body = (await response.json()) as { error: { issues: { path: string }[] } };
      expect(body.error.issues.map((i) => i.path)).toContain(path);
    });
  }
});

test('evaluate needs no database', async ({ request }) => {
  const times: number[] = [];
  for (let i = 0; i < 5; i++) {
    const start = performance.now();
    expect((await request.post('/api/evaluate', { data: { brief, quantity: 500 + i } })).status()).toBe(200);
    times.push(performance.now() - start);
  }
  console.log(`evaluate over HTTP: ${times.map((t) => t.toFixed(0)).join(', ')} ms`);
});

test('the door: foreign hosts, foreign origins, wrong types, broken and oversized bodies', async ({
  request,
  baseURL,
}) => {
  expect((await request.get('/', { headers: { host: 'pours.example' } })).status()).toBe(421);
  const foreign = await request.post('/api/evaluate', {
    data: { brief },
    headers: { origin: 'http://elsewhere.example' },
  });
  expect(foreign.status()).toBe(403);
  const own = await request.post('/api/evaluate', { data: { brief }, headers: { origin: baseURL ?? '' } });
  expect(own.status()).toBe(200);
  expect(
    (
      await request.post('/api/evaluate', {
        data: 'x=1',
        headers: { 'content-type': 'application/x-www-form-urlencoded' },
      })
    ).status(),
  ).toBe(415);
  expect(
    (
      await request.post('/api/evaluate', {
        data: Buffer.from('{"brief":'),
        headers: { 'content-type': 'application/json' },
      })
    ).status(),
  ).toBe(400);
  const large = await request.post('/api/evaluate', { data: { brief: { ...brief, what: 'x'.repeat(700_000) } } });
  expect(large.status()).toBe(413);
});

test('pages carry a strict policy and load nothing from elsewhere', async ({ page, request }) => {
  const strangers: string[] = [];
  const errors: string[] = [];
  page.on('request', (r) => {
    if (!r.url().startsWith('http://127.0.0.1:') && !/^(data|blob):/.test(r.url())) strangers.push(r.url());
  });
  page.on('console', (m) => {
    if (m.type() === 'error' || m.type() === 'warning') errors.push(m.text());
  });
  const response = await page.goto(`/studies/${await studyId(request, 'Tripod hub')}/routes`);
  await page.waitForTimeout(1000);
  const policy = response?.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic' 'wasm-unsafe-eval'(;|$)/);
  expect(policy).toContain("frame-ancestors 'none'");
  expect(strangers).toEqual([]);
  expect(errors).toEqual([]);
});

test('methods that nothing takes are refused in words, also those no framework knows', async ({ baseURL }) => {
  const { hostname, port } = new URL(baseURL ?? '');
  for (const method of ['TRACE', 'PROPFIND', 'LINK']) {
    const answer = await new Promise<string>((done, fail) => {
      const line = connect(Number(port), hostname, () =>
        line.write(`${method} /api/health HTTP/1.1\r\nHost: ${hostname}:${port}\r\nConnection: close\r\n\r\n`),
      );
      let said = '';
      line.on('data', (data) => (said += data.toString()));
      line.on('end', () => done(said));
      line.on('error', fail);
    });
    expect(answer).toMatch(/^HTTP\/1\.1 405 /);
    expect(answer).toContain(`${method} is not answered here.`);
  }
});

test('what does not exist is said plainly', async ({ page, request }) => {
  expect((await request.get('/api/studies/00000000-0000-4000-8000-000000000000')).status()).toBe(404);
  await page.goto('/studies/00000000-0000-4000-8000-000000000000/routes');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});
