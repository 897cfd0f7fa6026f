'use client';
import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import {
  BOUGHT_PART_SCHEMA,
  GUESSABLE,
  STOCK_FORMS,
  WAYS,
  type BoughtPart,
  type Guessable,
} from '@/core/comparison/parts-list';
import type { Dimension } from '@/core/base/units';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { readFigure, showFigure, unitOf } from '../fields/numbers';
import { WithUnit } from '../fields/with-unit';
import { useChangeNote } from '../history/use-change-note';
import { CheckBox, Choice, FormGrid } from '../kit';
import { useUnits } from '../preferences';
import { SheetPage } from '../shell/sheet';

type Texts = Readonly<Record<string, string>>;
const isTexts = (x: unknown): x is Texts => typeof x === 'object' && x !== null && 'name' in x;

const GUESS_WORDS: Readonly<Record<Guessable, string>> = {
  stock_mm: 'size of the stock',
  finished_kg: 'finished mass',
  material: 'alloy',
  today_USD: 'cost today',
  perYear: 'pieces a year',
  way: 'how it is made',
};

/** Figures of the form: label, what it measures, its unit where no system has its own. */
const FIGURES: readonly (readonly [key: string, label: string, dimension: Dimension | null, unit: string])[] = [
  ['x', 'Stock, length or diameter', 'length', 'mm'],
  ['y', 'Stock, width', 'length', 'mm'],
  ['z', 'Stock, height or length of a round', 'length', 'mm'],
  ['finished_kg', 'Finished mass', 'mass', 'kg'],
  ['today_USD', 'Costs today', null, 'USD'],
  ['perYear', 'Pieces a year', null, 'pieces'],
  ['pieces', 'Put together from', null, 'pieces'],
];

/** A part as the texts of its form, figures in stored units. */
const textsOf = (part: BoughtPart | null): Record<string, string> =>
  part === null
    ? { id: '', name: '', material: '', form: 'bar', way: 'milled', toothed: '', guessed: '', pieces: '1' }
    : {
        ...{ id: part.id, name: part.name, material: part.material, form: part.form, way: part.way },
        ...{ x: String(part.stock_mm[0]), y: String(part.stock_mm[1]), z: String(part.stock_mm[2]) },
        ...{ finished_kg: String(part.finished_kg), today_USD: String(part.today_USD) },
        ...{ perYear: String(part.perYear), pieces: String(part.pieces) },
        ...{ toothed: part.toothed ? 'yes' : '', guessed: part.guessed.join(' ') },
      };

/** A bought part to be entered or changed: what is typed is kept in this browser until it is put in. */
export function PartForm({
  part,
  alloys,
  onDone,
}: {
  /** Null for a new one. */
  readonly part: BoughtPart | null;
  readonly alloys: readonly { readonly id: string; readonly name: string }[];
  readonly onDone: () => void;
}) {
  const [units] = useUnits();
  const keep = `bought-part-${part?.id ?? ''}`;
  const [texts, setTexts] = useState<Texts>(() => textsOf(part));
  /** Figures as they are being typed, in the units of the screen; those not typed show what is kept. */
  const [typed, setTyped] = useState<Texts>({});
  const { who, setWho } = useChangeNote('bought-parts');
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<readonly string[]>([]);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(keep, isTexts);
        if (kept !== null) setTexts(kept);
      }),
    [keep],
  );
  const put = (key: string, text: string): void =>
    setTexts((was) => {
      const next = { ...was, [key]: text };
      keepHere(keep, next);
      return next;
    });
  const guessed = new Set((texts['guessed'] ?? '').split(' ').filter(Boolean));
  const save = async (): Promise<void> => {
    const number = (key: string): unknown => readFigure(texts[key] ?? '', null, 'si');
    const read = BOUGHT_PART_SCHEMA.safeParse({
      ...{ id: texts['id'], name: texts['name'], material: texts['material'], form: texts['form'], way: texts['way'] },
      stock_mm: [number('x'), number('y'), number('z')],
      ...{ finished_kg: number('finished_kg'), today_USD: number('today_USD'), perYear: number('perYear') },
      ...{ pieces: number('pieces'), toothed: texts['toothed'] === 'yes', guessed: [...guessed] },
    });
    if (!read.success) {
      setProblems(
        read.error.issues.map((issue) => {
          const key =
            issue.path[0] === 'stock_mm' ? (['x', 'y', 'z'] as const)[Number(issue.path[1])] : String(issue.path[0]);
          const label =
            FIGURES.find(([id]) => id === key)?.[1] ??
            ({ id: 'Part number', name: 'Name', material: 'Alloy' } as Texts)[key ?? ''] ??
            key;
          const message = issue.code === 'invalid_type' ? 'a number is wanted' : issue.message;
          return `${label} “${typed[key ?? ''] ?? texts[key ?? ''] ?? ''}”: ${message}.`;
        }),
      );
      return;
    }
    setBusy(true);
    setProblems([]);
    try {
      await call('POST', '/api/bought-parts', { parts: [read.data], who: who.trim() });
      // Another number makes another part: the one before goes.
      if (part !== null && part.id !== read.data.id)
        await call('DELETE', `/api/bought-parts/${encodeURIComponent(part.id)}`);
      keepHere(keep, null);
      onDone();
    } catch (error) {
      setProblems([
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was saved; what you typed is kept.',
      ]);
    }
    setBusy(false);
  };
  const drop = async (): Promise<void> => {
    if (part === null) return;
    setBusy(true);
    try {
      await call('DELETE', `/api/bought-parts/${encodeURIComponent(part.id)}`);
      keepHere(keep, null);
      onDone();
    } catch (error) {
      setProblems([error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.']);
    }
    setBusy(false);
  };
  return (
    <SheetPage title={part === null ? 'Add a bought part' : part.name} under="as the purchase ledger knows it">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <FormGrid dense>
          {(
            [
              ['id', 'Part number', 60],
              ['name', 'Name', 120],
            ] as const
          ).map(([key, label, most]) => (
            <Field.Root key={key}>
              <Field.Label>{label}</Field.Label>
              <Input value={texts[key] ?? ''} maxLength={most} onChange={(e) => put(key, e.target.value)} />
            </Field.Root>
          ))}
          <Field.Root>
            <Field.Label>Alloy</Field.Label>
            <Choice
              empty="choose"
              options={alloys.map((a) => [a.id, a.name])}
              value={texts['material'] ?? ''}
              onChange={(e) => put('material', e.target.value)}
            />
          </Field.Root>
          <Field.Root>
            <Field.Label>Made today</Field.Label>
            <Choice
              options={WAYS.map((w) => [w, w])}
              value={texts['way'] ?? ''}
              onChange={(e) => put('way', e.target.value)}
            />
          </Field.Root>
          <Field.Root>
            <Field.Label>From</Field.Label>
            <Choice
              options={STOCK_FORMS.map((f) => [f, f])}
              value={texts['form'] ?? ''}
              onChange={(e) => put('form', e.target.value)}
            />
          </Field.Root>
          {FIGURES.map(([key, label, dimension, unit]) => {
            const stored = readFigure(texts[key] ?? '', null, 'si');
            return (
              <Field.Root key={key}>
                <Field.Label>{label}</Field.Label>
                <WithUnit unit={dimension === null ? unit : unitOf(dimension, units)}>
                  <Input
                    textAlign="end"
                    inputMode="decimal"
                    autoComplete="off"
                    value={
                      typed[key] ??
                      (typeof stored === 'number' ? showFigure(stored, dimension, units) : (texts[key] ?? ''))
                    }
                    onChange={(e) => {
                      const text = e.target.value;
                      setTyped((was) => ({ ...was, [key]: text }));
                      const value = readFigure(text, dimension, units);
                      put(key, typeof value === 'number' ? String(value) : text);
                    }}
                    onBlur={() => setTyped(({ [key]: _gone, ...rest }) => rest)}
                  />
                </WithUnit>
              </Field.Root>
            );
          })}
          <CheckBox checked={texts['toothed'] === 'yes'} onChange={(on) => put('toothed', on ? 'yes' : '')}>
            Toothed, or nothing but a thread
          </CheckBox>
        </FormGrid>
        <Box mt="3" role="group" aria-label="Only guessed">
          <Box textStyle="label" color="fg.muted">
            Only guessed, not known
          </Box>
          <Flex gap="1" columnGap="4" flexWrap="wrap">
            {GUESSABLE.map((key) => (
              <CheckBox
                key={key}
                checked={guessed.has(key)}
                onChange={(on) =>
                  put('guessed', [...GUESSABLE].filter((g) => (g === key ? on : guessed.has(g))).join(' '))
                }
              >
                {GUESS_WORDS[key]}
              </CheckBox>
            ))}
          </Flex>
        </Box>
        <Flex gap="3" align="flex-end" mt="4" flexWrap="wrap">
          <Field.Root width="12rem">
            <Field.Label>Entered by</Field.Label>
            <Input value={who} maxLength={80} onChange={(e) => setWho(e.target.value)} />
          </Field.Root>
          <Button type="submit" size="xs" variant="solid" loading={busy} disabled={who.trim() === ''}>
            {part === null ? 'Add' : 'Save'}
          </Button>
          {part !== null && (
            <Button size="xs" disabled={busy} onClick={() => void drop()}>
              Take off the list
            </Button>
          )}
        </Flex>
        {problems.map((problem) => (
          <Box key={problem} color="alarm" textStyle="label" role="alert">
            ▲ {problem}
          </Box>
        ))}
      </form>
    </SheetPage>
  );
}
