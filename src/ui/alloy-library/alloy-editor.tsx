'use client';
import { Box, Field, Flex, Input, Table } from '@chakra-ui/react';
import type { Alloy } from '@/core/catalogue/alloys';
import { ROUTES } from '@/core/catalogue/routes';
import { ALLOY_FIELDS, type AlloyField, type AlloyIssue } from '@/core/team-alloys';
import { unitIn } from '../fields/numbers';
import { DateInput } from '../fields/date-input';
import { CheckBox, Choice, FigureButton, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { fieldText, FITS, readField } from './alloy-words';
import { Conditions } from './condition-editor';
import { Typed, Wrong } from './typed';
import type { Loose, useAlloy } from './use-alloy';

export type Editing = ReturnType<typeof useAlloy>;

/** What is chosen from, which the page brings. */
export interface AlloyChoices {
  readonly families: readonly { readonly id: string; readonly name: string }[];
  readonly hazards: readonly { readonly id: string; readonly title: string }[];
}

/** Every value of an alloy of the team's own, to be typed over what was copied. */
export function AlloyEditor({
  editing,
  base,
  choices,
}: {
  readonly editing: Editing;
  readonly base: Alloy;
  readonly choices: AlloyChoices;
}) {
  const { draft, issues, put } = editing;
  return (
    <>
      <Flex gap="4" flexWrap="wrap">
        <Field.Root width="18rem" invalid={issues.some((i) => i.path === 'name')}>
          <Field.Label>Name</Field.Label>
          <Input value={editing.name} maxLength={80} onChange={(e) => put('name', e.target.value)} />
          <Field.ErrorText>A name of at least one letter is wanted.</Field.ErrorText>
        </Field.Root>
        <Field.Root flex="1 1 18rem" width="auto">
          <Field.Label>Read from</Field.Label>
          <Input
            value={editing.source}
            maxLength={400}
            placeholder="data sheet, certificate, trial"
            onChange={(e) => put('source', e.target.value)}
          />
        </Field.Root>
        <Field.Root width="10rem" ids={{ control: 'alloy-read-on' }}>
          <Field.Label>On</Field.Label>
          <DateInput
            id="alloy-read-on"
            label="Read on"
            value={editing.date}
            onTake={(date) => put('date', date === '' ? null : date)}
          />
        </Field.Root>
      </Flex>
      <Section title="Values" under={`what is left empty is as ${base.name}`}>
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Values of the alloy" whiteSpace="normal">
            <Table.Body>
              {ALLOY_FIELDS.map((field) => (
                <FieldRow
                  key={field.key}
                  field={field}
                  value={draft[field.key]}
                  base={base}
                  issues={issues.filter((i) => i.path === field.key || i.path.startsWith(`${field.key}.`))}
                  choices={choices}
                  onPut={(value) => put(field.key, value)}
                />
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Section>
      <Section title="Routes" under="where it may be poured, at what heat of the metal, and why">
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Routes of the alloy" whiteSpace="normal">
            <Table.Body>
              {ROUTES.map((route) => (
                <RouteRow
                  key={route.id}
                  routeId={route.id}
                  name={route.name}
                  said={draft[`routes.${route.id}`] as Loose | undefined}
                  base={base}
                  issues={issues.filter((i) => i.path.startsWith(`routes.${route.id}`))}
                  onPut={(value) => put(`routes.${route.id}`, value)}
                />
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Section>
      <Conditions
        said={draft['conditions'] as readonly Loose[] | undefined}
        base={base}
        issues={issues.filter((i) => i.path.startsWith('conditions'))}
        onPut={(value) => put('conditions', value)}
      />
    </>
  );
}

function FieldRow({
  field,
  value,
  base,
  issues,
  choices,
  onPut,
}: {
  readonly field: AlloyField;
  readonly value: unknown;
  readonly base: Alloy;
  readonly issues: readonly AlloyIssue[];
  readonly choices: AlloyChoices;
  readonly onPut: (value: unknown) => void;
}) {
  const [units] = useUnits();
  const copied = base[field.key as keyof Alloy];
  return (
    <Table.Row>
      <Table.Cell width="16rem" verticalAlign="top">
        {field.words}
      </Table.Cell>
      <Table.Cell>
        {field.key === 'hazards' ? (
          <Hazards value={(value ?? copied) as readonly string[]} choices={choices} onPut={onPut} />
        ) : (
          <Flex gap="2" align="baseline">
            {field.kind === 'family' || field.kind === 'flag' ? (
              <Choice
                aria-label={field.words}
                size="xs"
                width="14rem"
                empty={`as copied: ${familyWords(copied, choices)}`}
                options={
                  field.kind === 'flag'
                    ? [
                        ['yes', 'yes'],
                        ['no', 'no'],
                      ]
                    : choices.families.map(({ id, name }): [string, string] => [id, name])
                }
                value={fieldText(value, field, units)}
                onChange={(e) => onPut(readField(e.target.value, field, units))}
              />
            ) : (
              <Typed
                label={`${field.words}, ${unitIn(field.unit, units)}`.replace(/, $/, '')}
                value={value}
                of={field}
                placeholder={fieldText(copied, field, units)}
                width={field.kind === 'list' || field.kind === 'text' ? '26rem' : '10rem'}
                onPut={onPut}
              />
            )}
            <Box textStyle="label" color="fg.muted">
              {unitIn(field.unit, units)}
              {field.kind === 'band' && ', low / likely / high'}
              {field.key === 'designations' && 'between semicolons'}
            </Box>
          </Flex>
        )}
        <Wrong words={field.words} issues={issues} />
      </Table.Cell>
      <Table.Cell width="7rem" verticalAlign="top">
        {value !== undefined && (
          <FigureButton textStyle="label" aria-label={`${field.words}: as copied`} onClick={() => onPut(undefined)}>
            as copied
          </FigureButton>
        )}
      </Table.Cell>
    </Table.Row>
  );
}

const familyWords = (value: unknown, { families }: AlloyChoices): string =>
  typeof value === 'boolean' ? (value ? 'yes' : 'no') : (families.find((f) => f.id === value)?.name ?? String(value));

function Hazards({
  value,
  choices,
  onPut,
}: {
  readonly value: readonly string[];
  readonly choices: AlloyChoices;
  readonly onPut: (value: readonly string[]) => void;
}) {
  return (
    <Flex gap="1" columnGap="4" flexWrap="wrap" role="group" aria-label="Hazards">
      {choices.hazards.map(({ id, title }) => (
        <CheckBox
          key={id}
          checked={value.includes(id)}
          onChange={(on) => onPut(on ? [...value, id] : value.filter((h) => h !== id))}
        >
          {title}
        </CheckBox>
      ))}
    </Flex>
  );
}

const HEAT = { unit: '°C', kind: 'band' } as const;

function RouteRow({
  routeId,
  name,
  said,
  base,
  issues,
  onPut,
}: {
  readonly routeId: string;
  readonly name: string;
  readonly said: Loose | undefined;
  readonly base: Alloy;
  readonly issues: readonly AlloyIssue[];
  readonly onPut: (value: Loose | undefined) => void;
}) {
  const [units] = useUnits();
  const copied = base.routes[routeId] ?? { fit: 'no' as const, why: '' };
  const now = said ?? copied;
  const change = (more: Loose): void => {
    const next = { ...now, ...more };
    onPut(Object.fromEntries(Object.entries(next).filter(([key, v]) => v !== undefined || key !== 'pour_C')));
  };
  return (
    <Table.Row>
      <Table.Cell width="14rem" verticalAlign="top">
        <Emblem laneId={routeId} /> {name}
      </Table.Cell>
      <Table.Cell>
        <Flex gap="3" flexWrap="wrap" align="baseline">
          <Choice
            aria-label={`${name}: fit`}
            size="xs"
            width="9rem"
            options={Object.entries(FITS)}
            value={String(now.fit)}
            onChange={(e) => change({ fit: e.target.value })}
          />
          {now.fit !== 'no' && (
            <Flex gap="2" align="baseline">
              <Typed
                label={`${name}: metal at the mould, ${unitIn('°C', units)}, low / high`}
                value={said?.['pour_C']}
                of={HEAT}
                placeholder={fieldText(base.pour_C[routeId], HEAT, units)}
                width="7rem"
                onPut={(pour) => change({ pour_C: pour })}
              />
              <Box textStyle="label" color="fg.muted">
                {unitIn('°C', units)}, low / high
              </Box>
            </Flex>
          )}
          <Typed
            label={`${name}: why`}
            value={now.why}
            of={{ unit: '', kind: 'text' }}
            placeholder="why"
            width="24rem"
            onPut={(why) => change({ why: why ?? '' })}
          />
        </Flex>
        <Wrong words={name} issues={issues} />
      </Table.Cell>
      <Table.Cell width="7rem" verticalAlign="top">
        {said !== undefined && (
          <FigureButton textStyle="label" aria-label={`${name}: as copied`} onClick={() => onPut(undefined)}>
            as copied
          </FigureButton>
        )}
      </Table.Cell>
    </Table.Row>
  );
}
