'use client';
import { Button, Flex, Table, Text } from '@chakra-ui/react';
import type { Alloy } from '@/core/catalogue/alloys';
import { ROUTES } from '@/core/catalogue/routes';
import type { AlloyIssue } from '@/core/team-alloys';
import { unitIn } from '../fields/numbers';
import { CheckBox, FigureButton, Section } from '../kit';
import { useUnits } from '../preferences';

import { Typed, Wrong } from './typed';
import type { Loose } from './use-alloy';

const STRENGTH = { unit: 'MPa', kind: 'number' } as const;
const PERCENT = { unit: '%', kind: 'number' } as const;
const FIGURES = [
  ['yield_MPa', 'Yield strength', STRENGTH],
  ['uts_MPa', 'Tensile strength', STRENGTH],
  ['elongation_pct', 'Elongation', PERCENT],
] as const;
const MOST = 20;

/** Strength by how the alloy was cast and treated: as copied, or a table of the team's own. */
export function Conditions({
  said,
  base,
  issues,
  onPut,
}: {
  readonly said: readonly Loose[] | undefined;
  readonly base: Alloy;
  readonly issues: readonly AlloyIssue[];
  readonly onPut: (value: readonly Loose[] | undefined) => void;
}) {
  const [units] = useUnits();
  if (said === undefined)
    return (
      <Section title="Conditions" under={`strength as ${base.name}`}>
        <Text textStyle="label" mb="2">
          {base.conditions.map((c) => c.name).join('; ')}
        </Text>
        <Button
          size="xs"
          onClick={() =>
            onPut(
              base.conditions.map(({ name, yield_MPa, uts_MPa, elongation_pct, routes }) => ({
                ...{ name, yield_MPa, uts_MPa, elongation_pct, routes },
              })),
            )
          }
        >
          Type our own
        </Button>
      </Section>
    );
  const change = (at: number, more: Loose): void => onPut(said.map((c, i) => (i === at ? { ...c, ...more } : c)));
  return (
    <Section
      title="Conditions"
      under={
        <FigureButton aria-label="Conditions: as copied" onClick={() => onPut(undefined)}>
          as copied
        </FigureButton>
      }
    >
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Conditions of the alloy" whiteSpace="normal">
          <Table.Body>
            {said.map((condition, i) => {
              const routes = (condition['routes'] ?? []) as readonly string[];
              const of = `Condition ${i + 1}`;
              return (
                // The place is all that tells two rows apart while their names are typed.
                <Table.Row key={i}>
                  <Table.Cell>
                    <Flex gap="3" flexWrap="wrap" align="baseline">
                      <Typed
                        label={`${of}: name`}
                        value={condition['name']}
                        of={{ unit: '', kind: 'text' }}
                        placeholder="as cast, T6 …"
                        width="14rem"
                        onPut={(name) => change(i, { name: name ?? '' })}
                      />
                      {FIGURES.map(([key, words, kind]) => (
                        <Flex key={key} gap="1" align="baseline">
                          <Typed
                            label={`${of}: ${words}, ${unitIn(kind.unit, units)}`}
                            value={condition[key]}
                            of={kind}
                            placeholder="not known"
                            width="5.5rem"
                            onPut={(x) => change(i, { [key]: x ?? null })}
                          />
                          <Text textStyle="label" color="fg.muted" as="span">
                            {unitIn(kind.unit, units)} {words.toLowerCase()}
                          </Text>
                        </Flex>
                      ))}
                    </Flex>
                    <Flex gap="1" columnGap="3" flexWrap="wrap" mt="1" role="group" aria-label={`${of}: cast by`}>
                      {ROUTES.map((route) => (
                        <CheckBox
                          key={route.id}
                          checked={routes.includes(route.id)}
                          onChange={(on) =>
                            change(i, {
                              routes: on ? [...routes, route.id] : routes.filter((id) => id !== route.id),
                            })
                          }
                        >
                          {route.name}
                        </CheckBox>
                      ))}
                    </Flex>
                    <Wrong words={of} issues={issues.filter((x) => x.path.startsWith(`conditions.${i}.`))} />
                  </Table.Cell>
                  <Table.Cell width="5rem" verticalAlign="top">
                    <FigureButton
                      textStyle="label"
                      aria-label={`${of}: remove`}
                      onClick={() => onPut(said.filter((_, k) => k !== i))}
                    >
                      remove
                    </FigureButton>
                  </Table.Cell>
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Wrong words="Conditions" issues={issues.filter((x) => x.path === 'conditions')} />
      {said.length < MOST && (
        <Button
          size="xs"
          mt="2"
          onClick={() =>
            onPut([...said, { name: '', yield_MPa: null, uts_MPa: null, elongation_pct: null, routes: [] }])
          }
        >
          Add a condition
        </Button>
      )}
    </Section>
  );
}
