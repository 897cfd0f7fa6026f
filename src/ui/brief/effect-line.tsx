'use client';
import { Box, Span, Table } from '@chakra-ui/react';
import { useState } from 'react';
import type { FieldEffect, Trial } from '@/core/comparison/next-fields';
import { ROUTE_COUNT, shortName } from '@/core/catalogue/routes';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { perPart, significant, whole } from '../format';
import { FigureButton } from '../kit';
import { useUnits } from '../preferences';
import { moves, spanOf } from './field-effect';

/** How much hangs on an open field, opening what it was tried with. */
export function EffectLine({ effect, currency }: { readonly effect: FieldEffect; readonly currency: string }) {
  const [open, setOpen] = useState(false);
  const {
    routes: [few, many],
    cost,
    ofMost,
  } = spanOf(effect);
  const per = `${currency} per part`;
  const routes =
    few === many ? `${few} of ${ROUTE_COUNT} routes stay` : `${few} to ${many} of ${ROUTE_COUNT} routes stay`;
  const money =
    cost === null
      ? ''
      : perPart(cost[0]) === perPart(cost[1])
        ? `, cost stays at ${perPart(cost[0])} ${per}`
        : `, cost moves by up to ${whole(100 * moves(effect))} % (${perPart(cost[0])}–${perPart(cost[1])} ${per})`;
  return (
    <>
      <FigureButton
        textStyle="label"
        aria-expanded={open}
        title="Show what it was tried with"
        onClick={() => setOpen((x) => !x)}
      >
        {ofMost && 'with 80 % of the choices '}
        {routes}
        {money}
      </FigureButton>
      {open && <Trials trials={effect.trials} per={per} />}
    </>
  );
}

/** A value in the units of the screen. */
function triedWith({ words, figure }: Trial, units: UnitSystem): string {
  const shown = figure === undefined ? undefined : inUnitsOf(figure.value, figure.unit, units);
  return shown == null ? words : `${significant(shown.value, 3)} ${shown.unit}`;
}

function Trials({ trials, per }: { readonly trials: readonly Trial[]; readonly per: string }) {
  const [units] = useUnits();
  return (
    <Box maxH="18rem" overflowY="auto" my="1" tabIndex={0} role="group" aria-label="Tried with">
      <Table.Root size="sm" width="auto">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Tried with</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Routes of {ROUTE_COUNT}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Cheapest, {per}</Table.ColumnHeader>
            <Table.ColumnHeader>On</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {trials.map((t) => (
            <Table.Row key={t.words}>
              <Table.Cell>{triedWith(t, units)}</Table.Cell>
              <Table.Cell className="num">{t.routes}</Table.Cell>
              <Table.Cell className="num">{t.allIn === null ? '–' : perPart(t.allIn)}</Table.Cell>
              <Table.Cell>
                {t.leader === null ? <Span color="fg.muted">no route</Span> : shortName(t.leader)}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}
