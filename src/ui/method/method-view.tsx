'use client';
import { Box, Field, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { Choice, Section, TextButton } from '../kit';
import { late, Near } from '../late';
import { Emblem } from '../marks/emblem';
import { useLed } from '../ranking/use-led';
import { useQuantity, useStudy } from '../study/study-context';
import { whole } from '../format';
import { Finding } from './finding';
import { useMethod } from './use-method';

const MethodDrawings = late(() => import('./drawings/method-drawings').then((m) => m.MethodDrawings));
const MethodGroups = late(() => import('./method-groups').then((m) => m.MethodGroups));
const FlowBack = late(() => import('./flow-back').then((m) => m.FlowBack));
const ReviewList = late(() => import('./review-list').then((m) => m.ReviewList));
const Travellers = late(() => import('./travellers').then((m) => m.Travellers));
const MethodWorkingSheet = late(() => import('./method-working').then((m) => m.MethodWorkingSheet));

/** How the part would be poured on a route: sizes, feeding, gating, freezing, forces and what must be so before the pour. */
export function MethodView({ asked }: { readonly asked: string | null }) {
  const { decisions } = useStudy('decisions');
  const { board, q } = useQuantity();
  const led = useLed();
  const lanes = board.lanes.filter((l) => l.money !== null);
  const signed = decisions.find((d) => d.reopenedAt === null)?.laneId;
  const [picked, setPicked] = useState(asked ?? '');
  const laneId = [picked, signed, led, lanes[0]?.id].find((id) => lanes.some((l) => l.id === id)) ?? '';
  const { method, own, put, clear, preview } = useMethod(laneId);
  const [trail, setTrail] = useState<readonly string[]>([]);
  const [met, setMet] = useState(false);
  const onFigure = (id: string): void => {
    setMet(true);
    setTrail([id]);
  };
  if (laneId === '' || typeof method === 'string')
    return (
      <Text mt="6">
        {laneId === ''
          ? 'A method is calculated once a route has a price: volume, box, alloy and quantity are enough.'
          : (method as string)}
      </Text>
    );
  const typed = Object.keys(own).length;
  const refused = method.findings.filter((f) => f.level === 'refused');
  const looks = method.findings.filter((f) => f.level === 'look');
  const figure = trail.at(-1);
  return (
    <>
      <Flex align="flex-end" gap="4" mt="4" flexWrap="wrap">
        <Emblem laneId={laneId} size={30} />
        <Field.Root width="20rem">
          <Field.Label>Route</Field.Label>
          <Choice
            options={lanes.map((l) => [l.id, shortName(l.id)])}
            value={laneId}
            onChange={(e) => setPicked(e.target.value)}
          />
        </Field.Root>
        {typed > 0 && (
          <Box textStyle="label" pb="2">
            {typed} {typed === 1 ? 'value is' : 'values are'} typed here.{' '}
            <TextButton size="sm" onClick={clear}>
              use the usual values
            </TextButton>
          </Box>
        )}
      </Flex>
      <Section
        title={
          refused.length > 0
            ? 'Not to be poured so'
            : looks.length > 0
              ? 'To be looked at'
              : 'Nothing stands against it'
        }
        under={`${shortName(laneId)}, in the layout that costs least at ${whole(q)} pieces`}
      >
        {[...refused, ...looks].map((f) => (
          <Finding key={f.id} finding={f} onFigure={onFigure} />
        ))}
        <Text textStyle="label" color="fg.muted">
          Calculated before a foundry is asked: it judges and releases nothing. The foundry’s own method, local rules
          and competent people decide.
        </Text>
      </Section>
      <Near height="36rem" untilTouched>
        <MethodDrawings key={laneId} method={method} onFigure={onFigure} onMove={preview} onDrop={put} />
      </Near>
      <Near height="80rem" untilTouched>
        <MethodGroups key={`groups ${laneId}`} {...{ method, onFigure }} onPut={put} />
      </Near>
      <Near height="16rem" untilTouched>
        <FlowBack key={laneId} method={method} onFigure={onFigure} />
        <ReviewList key={`review ${laneId}`} method={method} />
        <Travellers key={`travellers ${laneId}`} laneId={laneId} />
      </Near>
      {(figure !== undefined || met) && (
        <MethodWorkingSheet
          method={method}
          figure={figure}
          onClose={() => setTrail([])}
          onDeeper={(next) => setTrail([...trail, next])}
          onBack={trail.length > 1 ? () => setTrail(trail.slice(0, -1)) : null}
        />
      )}
    </>
  );
}
