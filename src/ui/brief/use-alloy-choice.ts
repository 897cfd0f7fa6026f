import { useCallback } from 'react';
import { ALLOY_NAMES, type Alloy } from '@/core/catalogue/alloys';
import type { SearchOption } from '../kit';
import { useStudy } from '../study/study-context';
import { loadAlloys, ownOptions } from './load-alloys';

const NONE: readonly Alloy[] = [];

/** What a study's alloy is chosen from: the team's own first, then those of the table; and what each is called. */
export function useAlloyChoice(): {
  readonly load: () => Promise<readonly SearchOption[]>;
  readonly nameOf: (id: string) => string;
} {
  const { rates } = useStudy('rates');
  const own = rates.alloys?.list ?? NONE;
  const load = useCallback(
    async () => [...ownOptions(own.filter(({ team }) => team?.archived !== true)), ...(await loadAlloys())],
    [own],
  );
  const nameOf = useCallback((id: string) => own.find((a) => a.id === id)?.name ?? ALLOY_NAMES[id] ?? id, [own]);
  return { load, nameOf };
}
