'use client';
import { Text } from '@chakra-ui/react';
import { FileLink } from '../kit';
import { useMemo } from 'react';
import { useStudy } from '../study/study-context';
import { FIELD_NAMES } from './issue-words';

/** What is still not known, each a way to its field. */
export function Unknowns() {
  const { study, brief } = useStudy('study', 'brief');
  const fields = useMemo(() => {
    const open = new Set<string>(study.missing);
    for (const entry of study.lanes)
      for (const f of entry.screening?.findings ?? [])
        if (f.status === 'not-known') f.fields.forEach((p) => open.add(p));
    return [...open].filter((path) => FIELD_NAMES[path] !== undefined);
  }, [study]);
  const defaults = brief.assumed.filter((p) => FIELD_NAMES[p] !== undefined);
  if (fields.length === 0 && defaults.length === 0) return null;
  const list = (paths: readonly string[]) =>
    paths.map((path, i) => (
      <span key={path}>
        {i > 0 && ', '}
        <FileLink href={`#field-${path.replaceAll('.', '-')}`}>{FIELD_NAMES[path]?.toLowerCase()}</FileLink>
      </span>
    ));
  return (
    <Text textStyle="label" style={{ marginTop: 12 }} data-testid="unknowns">
      {fields.length > 0 && <>Not known yet, so never passed: {list(fields)}. </>}
      {defaults.length > 0 && <>Still a default: {list(defaults)}.</>}
    </Text>
  );
}
