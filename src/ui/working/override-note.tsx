'use client';
import { Box, Button, Field, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { laneWords } from '@/core/catalogue/routes';
import { mostPositions } from '@/core/cost';
import { Choice, FigureButton } from '../kit';
import { useStudy } from '../study/study-context';

/** Fixes a count of positions, or this variant of its route, against the cheapest; and frees it again. */
export function OverrideNote({ laneId }: { readonly laneId: string }) {
  const { brief, study, setBrief } = useStudy('brief', 'study', 'setBrief');
  const [typed, setTyped] = useState('');
  const [cavities, setCavities] = useState('');
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  if (entry === undefined || entry.model === null) return null;
  const { layouts, variants } = brief.overrides;
  const routeId = entry.lane.route.id;
  const fixed = layouts[laneId];
  const most = mostPositions(entry.model);
  const { toolPerPosition, toolCavities = [] } = entry.lane.capability.layout;
  const tools = toolPerPosition ? [] : toolCavities;
  const siblings = entry.lane.route.variants.length;
  const change = (next: Partial<typeof brief.overrides>): void =>
    setBrief({ ...brief, overrides: { ...brief.overrides, ...next } });
  const freeLayout = (): void =>
    change({ layouts: Object.fromEntries(Object.entries(layouts).filter(([id]) => id !== laneId)) });
  const freeVariant = (): void =>
    change({ variants: Object.fromEntries(Object.entries(variants).filter(([id]) => id !== routeId)) });
  const n = Number(typed);
  const bad = typed.trim() !== '' && !(Number.isInteger(n) && n >= 1 && n <= most);
  const { route, variant } = laneWords(laneId);
  return (
    <Box data-testid="override" pb="3">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.trim() === '' || bad) return;
          change({ layouts: { ...layouts, [laneId]: [n, cavities === '' ? (tools[0] ?? 0) : Number(cavities)] } });
          setTyped('');
        }}
      >
        <Flex align="flex-end" columnGap="3" rowGap="1" flexWrap="wrap">
          <Field.Root invalid={bad} width="auto">
            <Field.Label>Fix another count, 1 to {most}</Field.Label>
            <Input
              textAlign="end"
              inputMode="numeric"
              autoComplete="off"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
            />
          </Field.Root>
          {tools.length > 1 && (
            <Field.Root width="auto">
              <Field.Label>with a tool of</Field.Label>
              <Choice
                options={tools.map((count) => [String(count), `${count} ${count === 1 ? 'cavity' : 'cavities'}`])}
                value={cavities === '' ? String(tools[0]) : cavities}
                onChange={(e) => setCavities(e.target.value)}
              />
            </Field.Root>
          )}
          <Button type="submit" size="xs">
            Fix
          </Button>
        </Flex>
        {bad && (
          <Text color="alarm" textStyle="label" role="alert">
            Positions “{typed}”: a whole number from 1 to {most} is wanted; more do not fit a pour.
          </Text>
        )}
      </form>
      {fixed !== undefined && (
        <Text my="1.5">
          {entry.overriddenCost === null
            ? `The brief fixes ${fixed[0]} per pour, but that no longer fits; the cheapest count is used.`
            : `The brief fixes ${fixed[0]} per pour.`}{' '}
          <FigureButton onClick={freeLayout}>Use the cheapest again</FigureButton>
        </Text>
      )}
      {siblings > 1 && (
        <Text my="1.5">
          {variants[routeId] === laneId ? (
            <>
              {variant} is fixed for {route}; its other variants cannot lead.{' '}
              <FigureButton onClick={freeVariant}>Let the cheapest variant lead again</FigureButton>
            </>
          ) : (
            <>
              {entry.passedOver
                ? 'Another variant of the route is fixed. '
                : 'The cheapest variant stands for its route. '}
              <FigureButton onClick={() => change({ variants: { ...variants, [routeId]: laneId } })}>
                Fix {variant} for {route}
              </FigureButton>
            </>
          )}
        </Text>
      )}
    </Box>
  );
}
