'use client';
import { Button, Heading, Span, Text } from '@chakra-ui/react';
import { isNear } from '@/core/base/day';
import { laneWords, shortName } from '@/core/catalogue/routes';
import { makingOf } from '@/core/part';
import { type ProcessStep } from '@/core/catalogue/process-steps';
import { figure, explain } from '@/core/explanation';
import { dateAfter, fixed, whole } from '../format';
import { Still } from '../part/still';
import { useUnits } from '../preferences';
import { inUnitsOf } from '@/core/base/units';
import { useLed } from '../ranking/use-led';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { Explained } from '../working/explained';
import { PHASE_WORDS } from './phase-words';

/** A date is shown with “on”, a number of years without. */
const on = (days: number): string => (isNear(days) ? 'on ' : '');

/** How this part is made, for a customer or a colleague: picture, the way in steps, what to expect, by when. */
export function ProcessStepsView({ asked }: { readonly asked: string | null }) {
  const { brief, study, decisions, orderDate } = useStudy('brief', 'study', 'decisions', 'orderDate');
  const { board, q } = useQuantity();
  const [units] = useUnits();
  const led = useLed();
  const signed = decisions.find((d) => d.reopenedAt === null);
  const laneId = board.lanes.some((l) => l.id === asked) ? (asked as string) : (signed?.laneId ?? led ?? '');
  const lane = board.lanes.find((l) => l.id === laneId);
  const machined = (lane?.money?.lines.machining ?? 0) > 0;
  const making = makingOf(brief, laneId, machined);
  if (lane === undefined || making === null)
    return <p className="section">How it is made is told once a route leads or is signed.</p>;
  const facts = study.lanes.find((e) => e.lane.id === laneId)?.part;
  const mass = facts === null || facts === undefined ? null : inUnitsOf(facts.mc, 'kg', units);
  const dates = lane.dates;
  const plan = signed?.snapshot.plan ?? null;
  return (
    <article className="section process-steps" data-testid="process-steps">
      <header>
        <span className="record-still">
          <Still fileId={brief.model?.file ?? null} width={220} title={brief.title} />
        </span>
        <h2>How this part is made</h2>
        <p className="process-lead">
          {brief.title}: {making.process.summary}
        </p>
        <p>
          {study.alloy === null ? '' : `It is poured in ${study.alloy.name}. `}
          {mass !== null && (
            <Explained
              explanation={explain`A casting weighs ${figure(`${fixed(mass.value, mass.value < 10 ? 2 : 1)} ${mass.unit}`, laneId, 'mc')} before it is machined. `}
            />
          )}
          {making.variant === null ? '' : plainVariant(making.variant)}
        </p>
        {plan !== null && (
          <p>
            The first {whole(plan.pieces)} come from {shortName(plan.first)} while the tool for {shortName(plan.then)}{' '}
            is made; this page tells how the others are made.
          </p>
        )}
        {dates !== null && (
          <p>
            <Explained
              explanation={explain`Of ${whole(q)} pieces ordered on ${dateAfter(orderDate, 0)} the first are there ${on(dates.firstArticle_d)}${figure(dateAfter(orderDate, dates.firstArticle_d), laneId, 'firstArticle')}, the last ${on(dates.lastPart_d)}${figure(dateAfter(orderDate, dates.lastPart_d), laneId, 'lastPart')}.`}
            />
          </p>
        )}
        <Text _print={{ display: 'none' }}>
          <Button size="xs" variant="outline" onClick={() => window.print()}>
            Print this page
          </Button>
        </Text>
      </header>
      <ol className="phases">
        {making.phases.map(({ phase, steps }, i) => (
          <li key={`${phase} ${i}`}>
            <Heading as="h3" mt="2.5">
              {PHASE_WORDS[phase]}
            </Heading>
            <ol className="steps">
              {steps.map((step) => (
                <Step key={step.id} step={step} />
              ))}
            </ol>
          </li>
        ))}
      </ol>
      {making.left.length > 0 && (
        <Text textStyle="label" color="fg.muted">
          Not needed for this part: {making.left.map((s) => s.name.toLowerCase()).join('; ')}.
        </Text>
      )}
      <Heading as="h3" mt="2.5">
        What can hurt people who make it
      </Heading>
      <Cautions routeIds={[laneId.split('/')[0] ?? laneId]} alloy={study.alloy} />
      <Text textStyle="label" color="fg.muted">
        {laneWords(laneId).route}, {laneWords(laneId).variant}. Usual practice, not an instruction to a shop.
      </Text>
    </article>
  );
}

function Step({ step }: { readonly step: ProcessStep }) {
  return (
    <li>
      <strong>{step.name}.</strong> {step.what} <Span color="fg.muted">{step.why}</Span>
      {step.once !== undefined && (
        <Span color="fg.muted" textStyle="label">
          {' '}
          Once, {step.once}.
        </Span>
      )}
    </li>
  );
}

/** What the variant does, without the words that point at a list the reader does not see. */
const plainVariant = (words: string): string =>
  words.replace(/^As listed[.,:;]?\s*/, '').replace(/^./, (c) => c.toUpperCase());
