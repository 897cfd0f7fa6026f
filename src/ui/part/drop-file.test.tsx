// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import { arrived } from '../testing/arrived';
import { mountStudy } from '../testing/mounted';
import { DropFile } from './drop-file';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});
const INCH_CUBE = { size: [1, 2, 3], likely: 'in' } as const;
async function open(more: Partial<Parameters<typeof DropFile>[0]> = {}) {
  const onFile = vi.fn();
  const onUnit = vi.fn();
  mountStudy(
    bracket(),
    <DropFile compact={false} asksUnit={null} busy={false} onFile={onFile} onUnit={onUnit} {...more} />,
  );
  await arrived(import('../kit/file-upload'), import('./unit-choice'));
  return { onFile, onUnit };
}
const place = (): HTMLElement => screen.getByRole('region', { name: 'Part file' });
const drop = (): HTMLElement => within(place()).getByRole('application', { name: 'Part file: drop it here' });
const hub = new File(['solid'], 'hub.stl');

test('a file is taken where it is dropped', async () => {
  const { onFile } = await open();
  await act(() => Promise.resolve(void fireEvent.dragOver(drop(), { dataTransfer: { types: ['Files'], items: [] } })));
  expect(drop().dataset).toHaveProperty('dragging');
  await act(() =>
    Promise.resolve(
      void fireEvent.drop(drop(), {
        dataTransfer: {
          types: ['Files'],
          files: [hub],
          items: [{ kind: 'file', webkitGetAsEntry: () => ({ isFile: true }), getAsFile: () => hub }],
        },
      }),
    ),
  );
  await vi.waitFor(() => expect(onFile).toHaveBeenCalledWith(hub));
  expect(drop().dataset).not.toHaveProperty('dragging');
});

test('words dropped are no file', async () => {
  const { onFile } = await open();
  await act(() =>
    Promise.resolve(void fireEvent.drop(drop(), { dataTransfer: { types: ['text/plain'], files: [], items: [] } })),
  );
  expect(onFile).not.toHaveBeenCalled();
});

test('a file is taken where it is chosen, and the same one can be chosen again', async () => {
  const { onFile } = await open();
  const field = place().querySelector<HTMLInputElement>('input[type="file"]');
  if (field === null) throw new Error('no field');
  expect(field.accept).toContain('.stl');
  for (let k = 0; k < 2; k++)
    await act(() => Promise.resolve(void fireEvent.input(field, { target: { files: [hub] } })));
  expect(onFile).toHaveBeenCalledTimes(2);
  await act(() => Promise.resolve(void fireEvent.input(field, { target: { files: [] } })));
  expect(onFile).toHaveBeenCalledTimes(2);
});

test('asks for the unit of a file that names none, and shows what each would make of it', async () => {
  const { onUnit } = await open({ asksUnit: INCH_CUBE });
  const inches = screen.getByRole('button', { name: /inches/ });
  expect(inches.textContent).toContain('25.4 × 50.8 × 76.2 mm');
  expect(inches.textContent).toContain('most likely');
  expect(screen.getByRole('button', { name: /^millimetres/ }).textContent).toContain('1 × 2 × 3 mm');
  fireEvent.click(inches);
  expect(onUnit).toHaveBeenCalledWith('in');
});

test('while one is read no other is taken by the button', async () => {
  await open({ busy: true, compact: true });
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Another file' }).disabled).toBe(true);
});
