'use client';
import { Badge, Text } from '@chakra-ui/react';
import { inUnitsOf } from '@/core/base/units';
import { significant } from '../format';
import { FIELD_NAMES } from '../brief/issue-words';
import { PageLink } from '../kit';
import { useUnits } from '../preferences';
import { useStudy } from './study-context';

const AREA = 'geometry.area_cm2';

/** What is estimated until the brief says it: path of the field, and the figure with its unit. */
export function useEstimates(): ReadonlyMap<string, string> {
  const { study } = useStudy('study');
  const [units] = useUnits();
  const area = study.brief.geometry.area_cm2;
  if (!study.estimated.includes(AREA) || area === null) return new Map();
  const shown = inUnitsOf(area, 'cm²', units) ?? { value: area, unit: 'cm²' };
  return new Map([[AREA, `${significant(shown.value, 3)} ${shown.unit}`]]);
}

/** Marks a field whose figure is estimated while it is empty. */
export function EstimateTag({ path }: { readonly path: string }) {
  const estimate = useEstimates().get(path);
  if (estimate === undefined) return null;
  return (
    <Badge
      variant="subtle"
      title="Estimated from volume and box, until the brief says it"
    >{`estimated ${estimate}`}</Badge>
  );
}

/** What the figures below rest on that nobody has said. */
export function EstimatesLine() {
  const { id } = useStudy('id');
  const estimates = [...useEstimates()];
  if (estimates.length === 0) return null;
  return (
    <Text textStyle="label" data-testid="estimates">
      Estimated from volume and box:{' '}
      {estimates.map(([path, figure]) => (
        <PageLink key={path} href={`/studies/${id}/brief#field-${path.replaceAll('.', '-')}`}>
          {FIELD_NAMES[path]?.toLowerCase()} {figure}
        </PageLink>
      ))}
      . Measure or type it to be sure.
    </Text>
  );
}
