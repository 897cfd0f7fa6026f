'use client';
import { Badge, List, Span, Text } from '@chakra-ui/react';
import type { Alloy } from '@/core/catalogue/alloys';
import { cautionsFor, WHO_DECIDES, type Caution, type Severity } from '@/core/catalogue/cautions';
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
}: {
  readonly routeIds: readonly string[];
  readonly alloy: Alloy | null;
}) {
  const all = new Map(routeIds.flatMap((id) => cautionsFor(id, alloy)).map((c) => [c.id, c]));
  return (
    <div data-testid="cautions">
      {[...all.values()].map((c) => (
        <OneCaution key={c.id} caution={c} />
      ))}
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
