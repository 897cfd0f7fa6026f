'use client';
import { Box, Input, Table } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { MEASURED_FIELDS, originOf, withMeasures, type MeasuredField, type Origin } from '@/core/part-file/measured';
import { inUnitsOf } from '@/core/base/units';
import type { DrawFound } from '@/workers/part.protocol';
import { significant } from '../format';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import type { PartState } from './part-state';
import { PartFigureButton } from './part-working';
import { remarkWords } from './remark-words';
import { FIELD_WORDS } from './words';

const ORIGIN_WORDS: Readonly<Record<Origin, string>> = {
  measured: 'measured',
  overridden: 'typed',
  typed: 'typed',
  unknown: 'not in the brief',
};

/** Three sides of a box may break, so that what stands beside them is seen. */
const WRAPPED = {
  whiteSpace: 'normal',
  '& button': { whiteSpace: 'normal', textAlign: 'end', verticalAlign: 'top' },
} as const;

/** What the part measures beside what the brief says, where each value comes from, and why it was typed over. */
export function MeasuresSection({
  draw,
  kept,
  repaired,
}: {
  readonly draw: DrawFound;
  readonly kept: PartState['kept'];
  /** Whether the surface was closed by hand before it was measured. */
  readonly repaired: boolean;
}) {
  const { brief, setBrief } = useStudy('brief', 'setBrief');
  const [units] = useUnits();
  const value = (x: number | readonly number[] | null, unit: string): string => {
    if (x === null) return 'not reliable';
    const list = typeof x === 'number' ? [x] : x;
    const shown = list.map((v) => inUnitsOf(v, unit, units) ?? { value: v, unit });
    const name = x === 1 ? unit.replace(/(?<=piece|hole)s$/, '') : (shown[0]?.unit ?? unit);
    return `${shown.map((s) => significant(s.value, 5)).join(' × ')} ${name}`;
  };
  const model = brief.model;
  const note = (field: MeasuredField, text: string): void => {
    if (model === null) return;
    const { [field]: _old, ...rest } = model.notes;
    setBrief({ ...brief, model: { ...model, notes: text === '' ? rest : { ...rest, [field]: text.slice(0, 400) } } });
  };
  return (
    <Section
      mt="0"
      title="Measured"
      under={
        model === null && kept === 'sending'
          ? 'filled into the brief once the file is saved'
          : repaired
            ? 'from a repaired surface, and what the brief says'
            : 'and what the brief says'
      }
    >
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Measured and in the brief">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Value</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Measured</Table.ColumnHeader>
              <Table.ColumnHeader className="num">In the brief</Table.ColumnHeader>
              <Table.ColumnHeader>Source</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {MEASURED_FIELDS.map((field) => {
              const [name, unit, how] = FIELD_WORDS[field];
              const origin = originOf(brief, field);
              const remark = draw.remarks[field];
              const apart = origin === 'overridden' || (origin === 'typed' && draw.geometry[field] !== null);
              return (
                <Table.Row key={field} data-field={field}>
                  <Table.Cell title={how}>
                    {name}
                    <Box color="fg.muted" textStyle="label">
                      {how}
                    </Box>
                    {remark !== undefined && <Box textStyle="label">{remarkWords(remark, units)}</Box>}
                  </Table.Cell>
                  <Table.Cell className="num" css={WRAPPED}>
                    <PartFigureButton figure={field}>{value(draw.geometry[field], unit)}</PartFigureButton>
                  </Table.Cell>
                  <Table.Cell className="num" css={WRAPPED}>
                    {brief.geometry[field] === null ? '–' : value(brief.geometry[field], unit)}
                  </Table.Cell>
                  <Table.Cell>
                    {ORIGIN_WORDS[origin]}
                    {apart && model !== null && (
                      <>
                        {' '}
                        <FigureButton textStyle="label" onClick={() => setBrief(withMeasures(brief, model, [field]))}>
                          Use measured
                        </FigureButton>
                        <Input
                          variant="flushed"
                          aria-label={`Why ${name.toLowerCase()} differs from the measured value`}
                          placeholder="why it differs"
                          defaultValue={model.notes[field] ?? ''}
                          maxLength={400}
                          onBlur={(e) => note(field, e.target.value.trim())}
                        />
                      </>
                    )}
                  </Table.Cell>
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </Section>
  );
}
