'use client';
import { Box, Flex, Input, Span, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { displayScale } from '@/core/base/units';
import type { Alloy } from '@/core/catalogue/alloys';
import type { AlloyPrice } from '@/core/team-alloys';
import { unitIn } from '../fields/numbers';
import { fixed } from '../format';
import { DataTable, PageHead, PageLink, Segments, type DataColumn } from '../kit';
import { useUnits } from '../preferences';
import { AddAlloy } from './add-alloy';
import { priceInForce, priceWords } from './alloy-words';

/** An alloy of the list: of the table, or of the team's own. */
export interface ListedAlloy {
  readonly alloy: Alloy;
  readonly familyName: string;
  readonly price: AlloyPrice | null;
}

type Which = 'all' | 'own' | 'priced';

/** Every alloy there is: those of the table and of the team's own, with the price in force. */
export function AlloyLibrary({ list, today }: { readonly list: readonly ListedAlloy[]; readonly today: string }) {
  const [search, setSearch] = useState('');
  const [which, setWhich] = useState<Which>('all');
  const own = list.filter(({ alloy }) => alloy.team !== undefined).length;
  const shown = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    return list.filter(({ alloy, familyName, price }) => {
      if (which === 'own' && alloy.team === undefined) return false;
      if (which === 'priced' && price === null) return false;
      const text = [alloy.name, familyName, alloy.uses, ...alloy.designations].join(' ').toLowerCase();
      return words.every((w) => text.includes(w));
    });
  }, [list, search, which]);
  return (
    <>
      <PageHead
        title="Alloys"
        under={`${list.length - own} of the table, ${own} of the team’s own`}
        ways={<PageLink href="/rates">Rate sets</PageLink>}
      >
        Values for comparing routes, never for releasing a drawing. An alloy that is missing is copied from a near one
        and changed; what a metal costs is entered with its day and where it was read.
      </PageHead>
      <Flex gap="4" align="flex-end" flexWrap="wrap" pb="3">
        <Segments
          label="Which alloys"
          value={which}
          options={[
            ['all', 'All'],
            ['own', 'The team’s own'],
            ['priced', 'Priced by the team'],
          ]}
          onChange={setWhich}
        />
        <Input
          width="18rem"
          aria-label="Search alloys"
          placeholder="Name, family or designation"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <AddAlloy />
      </Flex>
      {shown.length === 0 ? (
        <Text mt="4">
          {which === 'own' && own === 0 ? 'The team has no alloy of its own yet.' : 'No alloy matches.'}
        </Text>
      ) : (
        <AlloyList list={shown} today={today} />
      )}
    </>
  );
}

function AlloyList({ list, today }: { readonly list: readonly ListedAlloy[]; readonly today: string }) {
  const [units] = useUnits();
  const columns = useMemo((): readonly DataColumn<ListedAlloy>[] => {
    // One number of places a column, so that the figures align.
    const figure = (x: number, unit: string, places: number): string => {
      const { factor, zero } = displayScale(unit, units);
      return fixed(x * factor + zero, places);
    };
    return [
      {
        id: 'name',
        title: 'Alloy',
        rowHead: true,
        sort: ({ alloy }) => alloy.name,
        cell: ({ alloy }) => (
          <>
            <PageLink href={`/alloys/${alloy.id}`}>{alloy.name}</PageLink>
            {alloy.team !== undefined && (
              <Box textStyle="label" color="fg.muted">
                the team’s own, from {alloy.team.fromName}
              </Box>
            )}
          </>
        ),
      },
      { id: 'family', title: 'Family', sort: (r) => r.familyName, cell: (r) => r.familyName },
      {
        id: 'density',
        title: `Density, ${unitIn('kg/m³', units)}`,
        numeric: true,
        wide: true,
        sort: ({ alloy }) => alloy.density_kg_m3,
        cell: ({ alloy }) => figure(alloy.density_kg_m3, 'kg/m³', units === 'si' ? 0 : 3),
      },
      {
        id: 'liquidus',
        title: `Liquidus, ${unitIn('°C', units)}`,
        numeric: true,
        wide: true,
        sort: ({ alloy }) => alloy.liquidus_C,
        cell: ({ alloy }) => figure(alloy.liquidus_C, '°C', 0),
      },
      {
        id: 'routes',
        title: 'Routes that pour it, of 9',
        numeric: true,
        sort: ({ alloy }) => Object.values(alloy.routes).filter(({ fit }) => fit !== 'no').length,
        cell: ({ alloy }) => Object.values(alloy.routes).filter(({ fit }) => fit !== 'no').length,
      },
      {
        id: 'price',
        title: 'Price of ingot',
        numeric: true,
        sort: ({ alloy, price }) => priceInForce(alloy, price ?? undefined, today).band[1],
        cell: ({ alloy, price }) => priceWords(priceInForce(alloy, price ?? undefined, today).band, units),
      },
      {
        id: 'priced',
        title: 'Price of',
        wide: true,
        sort: ({ price }) => price?.date ?? null,
        cell: ({ alloy, price }) => {
          const { of, old } = priceInForce(alloy, price ?? undefined, today);
          return (
            <Span textStyle="label">
              {of}
              {old && (
                <Span color="alarm" display="block">
                  ▲ over a year old
                </Span>
              )}
            </Span>
          );
        },
      },
    ];
  }, [today, units]);
  return (
    <DataTable label="Alloys" columns={columns} rows={list} rowKey={({ alloy }) => alloy.id} downFirst={['priced']} />
  );
}
