'use client';
import { Box, Flex, Input, Span, Table } from '@chakra-ui/react';
import { useState } from 'react';
import { CAPABILITY_FAMILIES, LANES, laneWords } from '@/core/catalogue/routes';
import { LINE_FIELDS, SHOP_FIELDS, type ProfileField } from '@/core/foundries';
import { DateInput } from '../fields/date-input';
import { Choice, FigureButton, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { unitWords } from '../process-sets/value-words';
import { slotsOf, type RowSlot } from './profile-rows';
import { slotOf, slotText } from './slot-texts';
import type { At, useProfile } from './use-profile';

type Editing = ReturnType<typeof useProfile>;

/** Every value of a profile to be typed, with how it is known and since when. */
export function ProfileEditor({ editing }: { readonly editing: Editing }) {
  const run = editing.profileDraft.lines.map((l) => `${String(l['route'])}/${String(l['variant'])}`);
  const open = LANES.map((l) => l.id).filter((id) => !run.includes(id));
  return (
    <>
      <Section title="The foundry" under="empty stands for the book">
        <FieldTable name="The foundry" fields={SHOP_FIELDS} line={null} editing={editing} />
      </Section>
      {run.map((laneId, i) => {
        const words = laneWords(laneId);
        return (
          <Section
            key={laneId}
            title={
              <>
                <Emblem laneId={laneId} /> {words.route}, {words.variant}
              </>
            }
            under={<FigureButton onClick={() => editing.dropLine(i)}>does not run it any more</FigureButton>}
          >
            <FieldTable name={`${words.route}, ${words.variant}`} fields={LINE_FIELDS} line={i} editing={editing} />
          </Section>
        );
      })}
      <Flex gap="2" align="center" mt="4">
        <Span>Runs also</Span>
        <Choice
          aria-label="Runs also"
          size="xs"
          width="20rem"
          empty="choose a variant"
          options={open.map((id) => {
            const { route, variant } = laneWords(id);
            return [id, `${route}, ${variant}`];
          })}
          value=""
          onChange={(e) => e.target.value !== '' && editing.addLine(e.target.value)}
        />
      </Flex>
    </>
  );
}

function FieldTable({
  name,
  fields,
  line,
  editing,
}: {
  readonly name: string;
  readonly fields: readonly ProfileField[];
  readonly line: number | null;
  readonly editing: Editing;
}) {
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" aria-label={name} whiteSpace="normal">
        <Table.Body>
          {fields.map((field) => (
            <FieldRow key={field.key} field={field} at={{ line, key: field.key }} of={name} editing={editing} />
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function FieldRow({
  field,
  at,
  of,
  editing,
}: {
  readonly field: ProfileField;
  readonly at: At;
  /** What the row stands in, for the names of its boxes. */
  readonly of: string;
  readonly editing: Editing;
}) {
  const [units] = useUnits();
  const [metals, setMetals] = useState<readonly string[]>([]);
  const said = editing.saidAt(at);
  const slots = slotsOf(field, said?.v, metals);
  const start = [...(at.line === null ? [] : ['lines', String(at.line)]), at.key].join('.');
  const issues = editing.issues.filter((i) => i.path === start || i.path.startsWith(`${start}.`));
  const told = new Set(slots.map((s) => s.metal));
  return (
    <Table.Row>
      <Table.Cell width="14rem" verticalAlign="top">
        {field.words}
      </Table.Cell>
      <Table.Cell>
        <Flex gap="3" flexWrap="wrap" align="flex-end">
          {slots.map((slot) => (
            <Slot
              key={slot.at.join('.')}
              slot={slot}
              label={`${of}: ${field.words}, ${[slot.metal?.replaceAll('-', ' '), slot.words].filter(Boolean).join(', ')}`}
              value={slotOf(said?.v, slot.at)}
              onType={(text) => editing.type(at, slot, text, units)}
            />
          ))}
          {field.byMetal === true && (
            <Choice
              aria-label={`${of}: ${field.words}, another metal`}
              size="xs"
              width="9rem"
              empty="another metal"
              options={CAPABILITY_FAMILIES.filter((m) => !told.has(m)).map((m) => [m, m.replaceAll('-', ' ')])}
              value=""
              onChange={(e) => e.target.value !== '' && setMetals((was) => [...was, e.target.value])}
            />
          )}
        </Flex>
        {issues.map((issue) => (
          <Box key={issue.path + issue.message} color="alarm" textStyle="label" role="alert">
            ▲ {field.words}
            {typeof issue.value === 'string' || typeof issue.value === 'number' ? ` “${issue.value}”` : ''}:{' '}
            {wanted(issue.message)}
          </Box>
        ))}
      </Table.Cell>
      <Table.Cell width="18rem" verticalAlign="top">
        {said !== undefined && (
          <Flex gap="2" align="center">
            <Choice
              aria-label={`${of}: ${field.words}, known by`}
              size="xs"
              width="7rem"
              options={[
                ['claimed', 'claimed'],
                ['measured', 'measured'],
                ['assumed', 'assumed'],
              ]}
              value={said.basis ?? 'claimed'}
              onChange={(e) => editing.know(at, e.target.value as 'claimed' | 'measured' | 'assumed')}
            />
            <Box width="7.5rem">
              <DateInput
                id={`on-${start.replaceAll('.', '-')}`}
                label={`${of}: ${field.words}, date`}
                describedBy={undefined}
                bad={issues.some((i) => i.path.endsWith('.date'))}
                value={said.date ?? ''}
                onTake={(date) => editing.dated(at, date)}
              />
            </Box>
            <FigureButton aria-label={`${of}: ${field.words}, take away`} onClick={() => editing.forget(at)}>
              ×
            </FigureButton>
          </Flex>
        )}
      </Table.Cell>
    </Table.Row>
  );
}

const YES_NO = [
  ['', ''],
  ['yes', 'yes'],
  ['no', 'no'],
] as const;
const MAKERS = [
  ['', ''],
  ['house', 'in the house'],
  ['bought', 'bought'],
] as const;
/** Slots that hold a figure. */
const FIGURES: ReadonlySet<RowSlot['kind']> = new Set(['number', 'whole', 'band']);

/** What the schema wants, in words that name no type of the code. */
const wanted = (message: string): string =>
  /expected number|expected tuple|expected array/.test(message)
    ? 'a number is wanted in every box that is not optional'
    : /expected boolean/.test(message)
      ? 'yes or no is wanted'
      : message;

function Slot({
  slot,
  label,
  value,
  onType,
}: {
  readonly slot: RowSlot;
  readonly label: string;
  readonly value: unknown;
  readonly onType: (text: string) => void;
}) {
  const [units] = useUnits();
  /** What is being typed; null where the field shows what is kept. */
  const [text, setText] = useState<string | null>(null);
  const unit = unitWords(slot.unit, units);
  const shown = text ?? slotText(value, slot, units);
  return (
    <Box>
      <Box textStyle="label" color="fg.muted">
        {slot.metal !== null && `${slot.metal.replaceAll('-', ' ')}, `}
        {slot.words}
        {unit !== '' && `, ${unit}`}
      </Box>
      {slot.kind === 'flag' || slot.kind === 'maker' ? (
        <Choice
          aria-label={label}
          size="xs"
          width={slot.kind === 'flag' ? '5rem' : '9rem'}
          options={slot.kind === 'flag' ? YES_NO : MAKERS}
          value={shown}
          onChange={(e) => onType(e.target.value)}
        />
      ) : (
        <Input
          size="xs"
          variant="flushed"
          width={FIGURES.has(slot.kind) ? '5.5rem' : '20rem'}
          textAlign={FIGURES.has(slot.kind) ? 'end' : 'start'}
          inputMode={FIGURES.has(slot.kind) && slot.kind !== 'band' ? 'decimal' : 'text'}
          autoComplete="off"
          aria-label={label}
          value={shown}
          onChange={(e) => {
            setText(e.target.value);
            onType(e.target.value);
          }}
          onBlur={() => setText(null)}
        />
      )}
    </Box>
  );
}
