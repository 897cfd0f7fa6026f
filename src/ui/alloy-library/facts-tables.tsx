'use client';
import { Span, Table } from '@chakra-ui/react';
import type { Alloy } from '@/core/catalogue/alloys';
import { ROUTES } from '@/core/catalogue/routes';
import { ALLOY_FIELDS } from '@/core/team-alloys';
import { unitIn } from '../fields/numbers';
import { Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import type { AlloyChoices } from './alloy-editor';
import { BASIS, fieldText, FITS } from './alloy-words';

/** What it costs is told with its day in a section of its own, and its use above. */
const APART: ReadonlySet<string> = new Set(['price_USD_kg', 'uses']);
const SHOWN = ALLOY_FIELDS.filter((f) => !APART.has(f.key));

/** The values of an alloy, to be read: each with how it is known. */
export function AlloyFactsTables({ alloy, choices }: { readonly alloy: Alloy; readonly choices: AlloyChoices }) {
  const [units] = useUnits();
  const mine = new Set(alloy.team?.own);
  const known = (key: string, basis: string): string =>
    alloy.team !== undefined && !mine.has(key)
      ? `as ${alloy.team.fromName}`
      : (BASIS[mine.has(key) ? 'shop' : (alloy.basis[basis] ?? '')] ?? '');
  const text = (key: string, value: unknown, field: (typeof ALLOY_FIELDS)[number]): string => {
    if (key === 'family') return choices.families.find((f) => f.id === value)?.name ?? String(value);
    if (key === 'hazards')
      return (value as readonly string[]).map((id) => choices.hazards.find((h) => h.id === id)?.title ?? id).join('; ');
    return field.kind === 'grade' && value !== null
      ? `${fieldText(value, field, units, 4)} of 5`
      : fieldText(value, field, units, 4);
  };
  return (
    <>
      <Section title="Values" under={alloy.team?.source ?? ''}>
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Values of the alloy" whiteSpace="normal">
            <Table.Body>
              {SHOWN.map((field) => {
                const value = alloy[field.key as keyof Alloy];
                const shown = text(field.key, value, field);
                return (
                  <Table.Row key={field.key}>
                    <Table.ColumnHeader
                      scope="row"
                      width="16rem"
                      fontWeight={mine.has(field.key) ? 'medium' : 'normal'}
                    >
                      {field.words}
                    </Table.ColumnHeader>
                    <Table.Cell>
                      {shown === '' ? 'not known' : shown}{' '}
                      <Span color="fg.muted">{field.kind === 'grade' ? '' : unitIn(field.unit, units)}</Span>
                    </Table.Cell>
                    <Table.Cell textStyle="label" color="fg.muted" width="14rem">
                      {known(field.key, field.basis)}
                    </Table.Cell>
                  </Table.Row>
                );
              })}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Section>
      <Section title="Routes" under="where it may be poured, at what heat of the metal, and why">
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Routes of the alloy" whiteSpace="normal">
            <Table.Body>
              {ROUTES.map((route) => {
                const { fit, why } = alloy.routes[route.id] ?? { fit: 'no' as const, why: '' };
                const heat = alloy.pour_C[route.id];
                return (
                  <Table.Row key={route.id} color={fit === 'no' ? 'fg.muted' : 'fg'}>
                    <Table.ColumnHeader scope="row" width="16rem" fontWeight="normal">
                      <Emblem laneId={route.id} /> {route.name}
                    </Table.ColumnHeader>
                    <Table.Cell width="9rem">{FITS[fit]}</Table.Cell>
                    <Table.Cell width="10rem" className="num">
                      {fit === 'no' || heat === undefined
                        ? ''
                        : `${fieldText(heat, { unit: '°C', kind: 'band' }, units, 4)} ${unitIn('°C', units)}`}
                    </Table.Cell>
                    <Table.Cell textStyle="label">{why}</Table.Cell>
                  </Table.Row>
                );
              })}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Section>
      <Section title="Conditions" under="strength by how it was cast and treated">
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Conditions of the alloy" whiteSpace="normal">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Condition</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Yield, {unitIn('MPa', units)}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Tensile, {unitIn('MPa', units)}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Elongation, %</Table.ColumnHeader>
                <Table.ColumnHeader>Cast by</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {alloy.conditions.map((c) => (
                <Table.Row key={c.name}>
                  <Table.ColumnHeader scope="row" fontWeight="normal">
                    {c.name}
                  </Table.ColumnHeader>
                  {([c.yield_MPa, c.uts_MPa] as const).map((x, i) => (
                    <Table.Cell key={i} className="num">
                      {x === null ? 'not known' : fieldText(x, { unit: 'MPa', kind: 'number' }, units, 3)}
                    </Table.Cell>
                  ))}
                  <Table.Cell className="num">{c.elongation_pct ?? 'not known'}</Table.Cell>
                  <Table.Cell textStyle="label">
                    {c.routes.map((id) => ROUTES.find((r) => r.id === id)?.name ?? id).join(', ')}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Section>
    </>
  );
}
