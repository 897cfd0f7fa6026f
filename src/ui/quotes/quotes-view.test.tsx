// @vitest-environment jsdom
import { act, fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { assessQuotes, type HeldQuote } from '@/core/comparison/quotes';
import { lifetimeQuantity } from '@/core/brief';
import type { Quote } from '@/core/quotes';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { notices } from '../shell/notices';
import { arrived } from '../testing/arrived';
import { fieldOf } from '../testing/field-of';
import { mountStudy, type Opened } from '../testing/mounted';
import { setUpPage } from '../testing/set-up';
import { QuotesView } from './quotes-view';
import type { QuotesFound } from './quotes.types';

const SETTING = {
  ...{ asOf: '2026-11-28', currency: 'USD', rates: { USD: { rate: 1, date: '2026-11-28' } } },
  ...{ calendarPerWorkday: 1.4, workdaysPerWeek: 5, workdaysPerMonth: 21 },
};
const study = prepareStudy(bracket());
const q = lifetimeQuantity(bracket()) ?? 1;
const quote = (id: string, price: number, more: Partial<Quote> = {}): Quote => ({
  ...{ id, foundryId: 'f-a', route: 'gravity-die', variant: 'hand', date: '2026-11-20', validDays: 60, unit: 'each' },
  ...{ currency: 'USD', priceBreaks: [{ from: 1, price }], minOrder: 0, lotCharge: 0 },
  tooling: { mode: 'foundry-pays', first: 0, replacement: 0, ownedBy: 'foundry' },
  ...{ alloy: null, scope: [{ line: 'casting', status: 'included' }], exceptions: [], lead: null, capacity: null },
  ...{ incomingBad: 0, decline: null, maxPieces: null, remarks: '' },
  ...more,
});
function foundOf(quotes: readonly Quote[], more: Partial<QuotesFound> = {}): QuotesFound {
  const held = quotes.map((one): HeldQuote => ({
    ...{ quote: one, foundry: `Foundry ${one.id}`, simulated: one.id === 'sim', withdrawn: null },
  }));
  return {
    quotes: held.map((h) => ({
      ...{ ...h, version: 3, foundryId: 'f-a', entered: 'typed' as const, requestId: null, receivedAt: '2026-11-20' },
      ...{ changedAt: '2026-11-20', changedBy: 'Jory Lund' },
    })),
    assessed: assessQuotes(study, q, held, SETTING),
    ...{ unread: [], setting: SETTING, asOf: null, given: [], changes: [], awards: [], requests: [], desk: true },
    ...more,
  };
}

let opened: Opened;
let said: string[];
setUpPage();
beforeEach(() => {
  said = [];
  vi.spyOn(notices, 'create').mockImplementation((notice) => {
    said.push(String(notice.title));
  });
});
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const sent = (method: string, end: string) =>
  opened.asked.filter((a) => a.method === method && (a.path.split('?')[0] ?? '').endsWith(end)).at(-1);
async function open(found: QuotesFound): Promise<void> {
  opened = mountStudy(
    bracket(),
    <QuotesView foundries={[{ id: 'f-a', name: 'Foundry A – north yard', lanes: ['gravity-die/hand'] }]} />,
  );
  await wait(300);
  await act(async () => sent('GET', '/quotes')?.answer(200, found));
  await arrived(
    import('./quote-sheets'),
    import('./quoted-leads'),
    import('./award'),
    import('./requests'),
    import('./compare-on'),
    import('./quote-detail'),
    import('./quote-working'),
    import('./quote-form'),
  );
  await wait(0);
}
const press = (name: string | RegExp) => fireEvent.click(screen.getAllByRole('button', { name })[0] as HTMLElement);
const type = (label: string, text: string) => fireEvent.change(fieldOf(label), { target: { value: text } });
/** Types a name in the sheet; the page behind it has a field for one too. */
const sign = (text: string) =>
  fireEvent.change(within(screen.getByTestId('quote-sheet')).getByLabelText(/^Your name/), { target: { value: text } });

describe('the quotes of a study', () => {
  test('without any, the page says how to begin', async () => {
    await open(foundOf([]));
    expect(screen.getByText(/No quote yet/)).toBeDefined();
    expect(screen.getByText(/^0 quotes, compared at/)).toBeDefined();
  });

  test('are told the cheapest first, with what leads and what the model says; a figure opens its working', async () => {
    await open(foundOf([quote('dear', 40), quote('sim', 2)]));
    expect(screen.getByTestId('quotes-outcome').textContent).toMatch(/leads at 2\.00 USD.*quoted by Foundry sim/);
    const rows = within(screen.getByRole('table', { name: 'Quotes compared' }))
      .getAllByRole('row')
      .slice(1);
    expect(rows.map((r) => /Foundry (sim|dear)/.exec(r.textContent)?.[0])).toEqual(['Foundry sim', 'Foundry dear']);
    expect(rows[0]?.textContent).toContain('simulated desk');
    press('2.00');
    await wait(0);
    const sheet = screen.getByTestId('quote-sheet');
    expect(within(sheet).getByTestId('expression').textContent).toContain('programme / need');
    press('← back');
    await wait(0);
    press('Foundry dear');
    await wait(0);
    expect(within(screen.getByTestId('quote-sheet')).getByRole('table', { name: 'Gap by line' })).toBeDefined();
  });

  test('that cannot be had are asked for again; those that this build does not read are counted', async () => {
    opened = mountStudy(bracket(), <QuotesView foundries={[]} />);
    await wait(300);
    await act(async () => sent('GET', '/quotes')?.die('no line'));
    expect(screen.getByText(/The server does not answer/)).toBeDefined();
    press('Ask again');
    await wait(300);
    await act(async () => sent('GET', '/quotes')?.answer(200, foundOf([], { unread: ['a', 'b'] })));
    expect(screen.getByText(/2 cannot be read by this build/)).toBeDefined();
  });
});

describe('a quote that is typed', () => {
  async function typed(): Promise<void> {
    await open(foundOf([]));
    press('Enter a quote');
    await wait(0);
  }

  test('is refused field by field and kept in this browser, then put in', async () => {
    await typed();
    sign('Jory Lund');
    press('Save the quote');
    await wait(0);
    const sheet = screen.getByTestId('quote-sheet');
    expect(sheet.textContent).toContain('Foundry: one of the list, or the name of another supplier, is wanted.');
    expect(sheet.textContent).toContain('Date of the quote: a value is wanted.');
    expect(sent('POST', '/quotes')).toBeUndefined();
    type('Name of the supplier', 'Harbour dies');
    type('Route', 'gravity-die/hand');
    type('Date of the quote', '20 Nov 2026');
    fireEvent.blur(fieldOf('Date of the quote'));
    type('Valid for days', '60');
    type('Currency three letters', 'USD');
    type('Price is for', 'each');
    type('Price break 1: from pieces', '1');
    type('Price break 1: price USD', '24,50');
    type('Tool', 'separate');
    expect(JSON.parse(localStorage.getItem('nine-pours-quote-s-new') ?? '{}')).toMatchObject({
      supplier: 'Harbour dies',
      texts: { 'priceBreaks.1.price': '24,50' },
    });
    press('Save the quote');
    await wait(0);
    const put = sent('POST', '/quotes');
    expect(put?.body).toMatchObject({
      ...{ who: 'Jory Lund', entered: 'typed' },
      quotes: [{ foundryId: null, supplier: 'Harbour dies', quote: { priceBreaks: [{ from: 1, price: 24.5 }] } }],
    });
    await act(async () =>
      put?.answer(400, { error: { message: 'No.', issues: [{ path: 'x', value: '', message: 'y' }] } }),
    );
    expect(screen.getByText('No. x: y.')).toBeDefined();
    press('Save the quote');
    await act(async () => sent('POST', '/quotes')?.answer(201, { ids: ['n'] }));
    expect(said).toEqual(['The quote is in.']);
    expect(localStorage.getItem('nine-pours-quote-s-new')).toBe('null');
  });

  test('that was saved by somebody else meanwhile stays as it was typed', async () => {
    await open(foundOf([quote('own', 21)]));
    press('Foundry own');
    await wait(0);
    press('Correct it');
    await wait(0);
    expect(fieldOf('Price break 1: price USD').value).toBe('21');
    sign('Jory Lund');
    type('Price break 1: price USD', '20');
    press('Save the correction');
    await wait(0);
    const put = sent('PUT', '/quotes/own');
    expect(put?.body).toMatchObject({ version: 3, quote: { priceBreaks: [{ from: 1, price: 20 }] } });
    await act(async () => put?.answer(409, { outcome: 'conflict' }));
    expect(screen.getByText(/Somebody saved this quote in between/)).toBeDefined();
    expect(fieldOf('Price break 1: price USD').value).toBe('20');
  });
});

describe('a reply sheet', () => {
  const give = async (answer: object, status = 200): Promise<void> => {
    await arrived(import('../kit/file-upload'));
    fireEvent.input(screen.getByTestId('reply-sheet'), { target: { files: [new File(['x'], 'reply.csv')] } });
    await wait(0);
    await act(async () => opened.asked.find((a) => a.path === '/api/quotes/read')?.answer(status, answer));
    await wait(0);
  };

  test('opens in the form with the request it answers, rows that are not of it among them', async () => {
    await open(foundOf([]));
    await give({
      ...{
        rows: [
          { key: 'colour', value: 'red' },
          { key: 'minOrder', value: 'few' },
        ],
        issues: [],
      },
      of: { lineId: 'l', studyId: 's', foundryId: 'f-a', laneId: 'gravity-die/hand' },
    });
    const sheet = screen.getByTestId('quote-sheet');
    expect(sheet.textContent).toContain('colour: “red”');
    expect(sheet.textContent).toContain('“few”: a number (pieces) is wanted.');
    expect(fieldOf('Foundry').value).toBe('f-a');
    press('remove');
    await wait(0);
    expect(screen.getByTestId('quote-sheet').textContent).not.toContain('colour: “red”');
  });

  test('that is none is refused in words; one of another study says so', async () => {
    await open(foundOf([]));
    await give({ rows: [], issues: [{ path: 'file', value: '', message: 'a value is wanted' }], of: null });
    expect(screen.getByText('reply.csv: a value is wanted.')).toBeDefined();
  });

  test('of another study says so', async () => {
    await open(foundOf([]));
    await give({
      ...{ rows: [{ key: 'remarks', value: 'hello' }], issues: [] },
      of: { lineId: 'l', studyId: 'other', foundryId: 'f-a', laneId: 'gravity-die/hand' },
    });
    expect(screen.getByText(/answers a request of another study/)).toBeDefined();
    expect(fieldOf('Foundry').value).toBe('');
  });
});

test('the desk is asked while it has something to answer, and what came in is told', async () => {
  const line = {
    id: 'l',
    foundryId: 'f-a',
    foundry: 'Foundry A',
    laneId: 'gravity-die/hand',
    byDesk: true,
    deskState: '',
  };
  const request = {
    ...{ id: 'r', studyId: 's', number: 1, answerBy: '2026-11-01', sentAt: '2026-11-20', sentBy: 'Jory Lund' },
    asked: {} as never,
    lines: [{ ...line, state: 'open' as const, reply: null, changedAt: '2026-11-20' }],
  };
  await open(foundOf([], { requests: [request] }));
  expect(screen.getByText(/past its day: remind them/)).toBeDefined();
  await wait(3100);
  await act(async () => sent('POST', '/collect')?.answer(200, { quotes: 1, declined: 0, unread: 0, waiting: 0 }));
  expect(said).toEqual(['Simulated desk: 1 quote, 0 declined.']);
});
