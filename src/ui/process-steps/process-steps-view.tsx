'use client';
import { Box, Button, chakra, Flex, Heading, Span, Text } from '@chakra-ui/react';
import { laneWords, shortName } from '@/core/catalogue/routes';
import type { ProcessStep } from '@/core/catalogue/process-steps';
import { isNear } from '@/core/base/day';
import { inUnitsOf } from '@/core/base/units';
import { explain, figure } from '@/core/explanation';
import { makingOf } from '@/core/part';
import { dateAfter, fixed, whole } from '../format';
import { Glossed } from '../glossary/glossed';
import { late, Near } from '../late';
import { Section, PageLink } from '../kit';
import { Emblem } from '../marks/emblem';
import { Still } from '../part/still';
import { useUnits } from '../preferences';
import { useLed } from '../ranking/use-led';
import { Cautions } from '../study/cautions';
import { useQuantity, useStudy } from '../study/study-context';
import { Explained } from '../working/explained';
import { StepDrawing } from './drawings/step-drawing';
import { PHASE_WORDS } from './phase-words';

const TermsUsed = late(() => import('../glossary/terms-used').then((m) => m.TermsUsed));

/** Width of the part's picture, px. */
const PICTURE = 260;

/** A date is shown with “on”, a number of years without. */
const on = (days: number): string => (isNear(days) ? 'on ' : '');

/** How this part is made, for a customer or a colleague: picture, the way in steps, what to expect, by when. */
export function ProcessStepsView({ asked }: { readonly asked: string | null }) {
  const { brief, study, decisions } = useStudy('brief', 'study', 'decisions');
  const { board } = useQuantity();
  const led = useLed();
  const signed = decisions.find((d) => d.reopenedAt === null);
  const laneId = board.lanes.some((l) => l.id === asked) ? (asked as string) : (signed?.laneId ?? led ?? '');
  const lane = board.lanes.find((l) => l.id === laneId);
  const machined = (lane?.money?.lines.machining ?? 0) > 0;
  const making = makingOf(brief, study.alloy, laneId, machined);
  if (lane === undefined || making === null)
    return <Text mt="6">How the part is made is shown once a route leads or is signed.</Text>;
  return (
    <Box as="article" mt="5" data-testid="process-steps">
      <Flex gap="8" align="flex-start" flexWrap={{ base: 'wrap', md: 'nowrap' }}>
        <Box flex="1">
          <Heading as="h2" size="lg">
            <Emblem laneId={laneId} size={26} /> How this part is made
          </Heading>
          <Text textStyle="lead" mt="2" maxW="75ch">
            {brief.title}: {making.process.summary}
          </Text>
          <Expected laneId={laneId} variant={making.variant} />
          <Button size="xs" mt="3" _print={{ display: 'none' }} onClick={() => window.print()}>
            Print this page
          </Button>
          <PageLink
            href={`/defects?route=${laneId.split('/')[0] ?? ''}&alloy=${brief.alloy ?? ''}`}
            textStyle="label"
            ms="4"
            _print={{ display: 'none' }}
          >
            Defects of this route
          </PageLink>
        </Box>
        <Box flex="none">
          <Still fileId={brief.model?.file ?? null} width={PICTURE} title={brief.title} />
        </Box>
      </Flex>
      {making.phases.map(({ phase, steps }, i) => (
        <Section key={`${phase} ${i}`} title={PHASE_WORDS[phase]}>
          <Steps>
            {steps.map((step) => (
              <Step key={step.id} step={step} />
            ))}
          </Steps>
        </Section>
      ))}
      {making.left.length > 0 && (
        <Text textStyle="label" color="fg.muted" mt="4">
          Not needed for this part: {making.left.map((s) => s.name.toLowerCase()).join('; ')}.
        </Text>
      )}
      <Near height="2rem">
        <TermsUsed text={making.phases.flatMap((p) => p.steps.map((s) => `${s.what} ${s.why}`)).join(' ')} />
      </Near>
      <Section title="Safety">
        <Cautions routeIds={[laneId.split('/')[0] ?? laneId]} alloy={study.alloy} brief={study.brief} />
      </Section>
      <Text textStyle="label" color="fg.muted">
        {laneWords(laneId).route}, {laneWords(laneId).variant}. Usual practice, not an instruction to a shop.
      </Text>
    </Box>
  );
}

/** What the casting weighs, and when the parts come. */
function Expected({ laneId, variant }: { readonly laneId: string; readonly variant: string | null }) {
  const { study, decisions, orderDate } = useStudy('study', 'decisions', 'orderDate');
  const { board, q } = useQuantity();
  const [units] = useUnits();
  const facts = study.lanes.find((e) => e.lane.id === laneId)?.part;
  const mass = facts == null ? null : inUnitsOf(facts.mc, 'kg', units);
  const dates = board.lanes.find((l) => l.id === laneId)?.dates ?? null;
  const plan = decisions.find((d) => d.reopenedAt === null)?.snapshot.plan ?? null;
  return (
    <Box maxW="75ch">
      <Text mt="2">
        {study.alloy === null ? '' : `Alloy: ${study.alloy.name}. `}
        {mass !== null && (
          <Explained
            explanation={explain`Casting mass before machining: ${figure(`${fixed(mass.value, mass.value < 10 ? 2 : 1)} ${mass.unit}`, laneId, 'mc')}. `}
          />
        )}
        {variant === null ? '' : plainVariant(variant)}
      </Text>
      {plan !== null && (
        <Text mt="2">
          The first {whole(plan.pieces)} are made on {shortName(plan.first)} while the tool for {shortName(plan.then)}{' '}
          is made; this page shows how the others are made.
        </Text>
      )}
      {dates !== null && (
        <Text mt="2">
          <Explained
            explanation={explain`${whole(q)} pieces ordered on ${dateAfter(orderDate, 0)}: first ${on(dates.firstArticle_d)}${figure(dateAfter(orderDate, dates.firstArticle_d), laneId, 'firstArticle')}, last ${on(dates.lastPart_d)}${figure(dateAfter(orderDate, dates.lastPart_d), laneId, 'lastPart')}.`}
          />
        </Text>
      )}
    </Box>
  );
}

const Steps = chakra('ol', {
  base: {
    listStyle: 'none',
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 360px), 1fr))',
    columnGap: '8',
    rowGap: '4',
    // A step alone uses the width of the page, as far as it reads well.
    '& > li:only-child': { gridColumn: '1 / -1', maxWidth: '75ch' },
    '& li': { display: 'flex', gap: '3.5', alignItems: 'flex-start', breakInside: 'avoid' },
  },
});

function Step({ step }: { readonly step: ProcessStep }) {
  return (
    <li>
      <StepDrawing step={step} />
      <div>
        <strong>{step.name}.</strong> <Glossed text={step.what} />{' '}
        <Span color="fg.muted" textStyle="label">
          <Glossed text={step.why} />
          {step.once !== undefined && ` Once, ${step.once}.`}
        </Span>
      </div>
    </li>
  );
}

/** What the variant does, without the words that point at a list the reader does not see. */
const plainVariant = (words: string): string =>
  words.replace(/^As listed[.,:;]?\s*/, '').replace(/^./, (c) => c.toUpperCase());
