'use client';
import { survives } from '@/core/study';
import { laneWords } from '@/core/catalogue/routes';
import { Banner } from '../kit';
import { useStudy } from './study-context';

/**
 * A metal that burns or poisons where it is poured: which routes pour it only under conditions, what they are and what a
 * shop must show. It stands before any price.
 */
export function FirstCaution() {
  const { study } = useStudy('study');
  const { facts, alloy } = study;
  if (facts === null || alloy === null) return null;
  const held = new Map(
    study.lanes.filter(survives).flatMap(({ lane }) => {
      const under = lane.capability.conditions?.[facts.family];
      return under?.cautionFirst === true ? [[lane.route.id, { lane, under }] as const] : [];
    }),
  );
  if (held.size === 0) return null;
  return (
    <Banner alarm testId="first-caution" title={`Fire: ${alloy.name} is poured here only under conditions`}>
      {[...held.values()].map(({ lane, under }) => (
        <div key={lane.route.id}>
          <strong>{laneWords(lane.id).route}</strong>: {under.conditions.join('; ')}. The shop must show{' '}
          {under.shopMustShow.join(', ')}.
        </div>
      ))}
      <div>General practice only: local codes, permits and licensed practice decide what is allowed and how.</div>
    </Banner>
  );
}
