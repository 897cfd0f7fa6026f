'use client';
import { Flex, Span } from '@chakra-ui/react';
import { useMemo } from 'react';
import { JudgedBy } from '../foundries/judged-by';
import { FileLink, Segments } from '../kit';
import { useDensity, useLaneOrder, useSpreadShown, type LaneOrder } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';

const ORDERS: readonly (readonly [LaneOrder, string])[] = [
  ['total', 'cost'],
  ['first', 'lead time'],
  ['spare', 'margin'],
];

/** What is set of the board as a whole: order, tolerances, uncertainty, density, and what leaves it as a file. */
export function BoardTools() {
  const { id, school, setTolerancePolicy } = useStudy('id', 'school', 'setTolerancePolicy');
  const { q } = useQuantity();
  const [order, setOrder] = useLaneOrder();
  const [spread, setSpread] = useSpreadShown();
  const [density, setDensity] = useDensity();
  const otherPolicy = useOtherPolicy();
  return (
    <Flex
      rowGap="1.5"
      columnGap="4"
      align="center"
      flexWrap="wrap"
      py="2"
      textStyle="label"
      _print={{ display: 'none' }}
    >
      <Flex gap="1.5" align="center">
        <Span color="fg.muted">Sort by</Span>
        <Segments label="Sort routes by" value={order} options={ORDERS} onChange={setOrder} />
      </Flex>
      <Flex gap="1.5" align="center" title={otherPolicy}>
        <Span color="fg.muted">Tolerances</Span>
        <Segments
          label="Tolerances"
          value={school}
          options={[
            ['published', 'published'],
            ['shop', 'good shop'],
            ['specialist', 'specialist'],
          ]}
          onChange={setTolerancePolicy}
        />
        {otherPolicy !== '' && <Span color="fg.muted">{otherPolicy}</Span>}
      </Flex>
      <JudgedBy />
      <Flex gap="1.5" align="center">
        <Span color="fg.muted">Uncertainty</Span>
        <Segments
          label="Uncertainty"
          value={spread}
          options={[
            ['shown', 'on'],
            ['hidden', 'off'],
          ]}
          onChange={setSpread}
        />
      </Flex>
      <Segments
        label="Density"
        value={density}
        options={[
          ['full', 'full'],
          ['compact', 'compact'],
        ]}
        onChange={setDensity}
      />
      <Flex gap="3" ms="auto">
        <FileLink href={`/api/studies/${id}/comparison?quantity=${q}`}>CSV</FileLink>
        <FileLink href={`/api/studies/${id}/export`}>Study file</FileLink>
      </Flex>
    </Flex>
  );
}

/** What the other tolerances would change, in a few words. */
function useOtherPolicy(): string {
  const { brief, school, study, prepare } = useStudy('brief', 'school', 'study', 'prepare');
  return useMemo(() => {
    if (study.facts === null) return '';
    const other = prepare(brief, school === 'published' ? 'shop' : 'published', study.rates);
    const changed = study.lanes.filter(
      (entry, i) => entry.screening?.status !== other.lanes[i]?.screening?.status,
    ).length;
    return changed === 0 ? '' : `the other changes ${changed} ${changed === 1 ? 'route variant' : 'route variants'}`;
  }, [brief, school, study, prepare]);
}
