'use client';
import { Badge, List, Span, Text } from '@chakra-ui/react';
import type { Brief } from '@/core/brief';
import type { Alloy } from '@/core/catalogue/alloys';
import { cautionsFor, cautionsLeftOut, WHO_DECIDES, type Caution, type Severity } from '@/core/catalogue/cautions';
import { cautionsOf } from '@/core/part';
import { Fold } from '../kit';

const SEVERITY_WORDS: Readonly<Record<Severity, string>> = {
  life: 'can kill',
  injury: 'injures',
  health: 'harms health',
};

/** What can hurt people who make a part on these routes from this metal, the gravest first, and who decides. */
export function CautionsList({
  routeIds,
  alloy,
  brief,
}: {
  readonly routeIds: readonly string[];
  readonly alloy: Alloy | null;
  readonly brief: Brief;
}) {
  const so = cautionsOf(brief, alloy);
  const all = new Map(routeIds.flatMap((id) => cautionsFor(id, alloy, so)).map((c) => [c.id, c]));
  const left = new Map(routeIds.flatMap((id) => cautionsLeftOut(id, alloy, so)).map((l) => [l.caution.id, l] as const));
  return (
    <div data-testid="cautions">
      {[...all.values()].map((c) => (
        <OneCaution key={c.id} caution={c} />
      ))}
      {left.size > 0 && (
        <Fold summary={`${left.size} more of these routes do not come with this part`} testId="cautions-left">
          {[...left.values()].map(({ caution, why }) => (
            <Text key={caution.id} textStyle="label" ps="6">
              <strong>{caution.title}</strong>: {why}
            </Text>
          ))}
        </Fold>
      )}
      <Text textStyle="label" color="fg.muted">
        {WHO_DECIDES}
      </Text>
    </div>
  );
}

function OneCaution({
  caution: { title, severity, hurts, precautions, ifItHappens, whoDecides },
}: {
  readonly caution: Caution;
}) {
  return (
    <Fold
      summary={
        <>
          <strong>{title}</strong>{' '}
          <Badge variant={severity === 'life' ? 'solid' : 'outline'}>{SEVERITY_WORDS[severity]}</Badge>{' '}
          <Span color="fg.muted" textStyle="label">
            {hurts.whom}
          </Span>
        </>
      }
    >
      <Text>{hurts.what}</Text>
      <List.Root ps="5" listStyleType="disc">
        {precautions.map((p) => (
          <List.Item key={p}>{p}</List.Item>
        ))}
      </List.Root>
      <Text>
        <strong>If it happens.</strong> {ifItHappens}
      </Text>
      <Text>
        <strong>Who decides.</strong> {whoDecides}
      </Text>
    </Fold>
  );
}
