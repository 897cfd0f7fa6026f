import { useCallback } from 'react';
import type { Alloy } from '@/core/catalogue/alloys';
import type { SearchOption } from '../kit';
import { useStudy } from '../study/study-context';
import { loadAlloys, loadedName, ownOptions } from './load-alloys';

const NONE: readonly Alloy[] = [];

/** What a study's alloy is chosen from: the team's own first, then those of the table; and what each is called. */
export function useAlloyChoice(): {
  readonly load: () => Promise<readonly SearchOption[]>;
  readonly nameOf: (id: string) => string;
} {
  const { rates, alloyOf } = useStudy('rates', 'alloyOf');
  const own = rates.alloys?.list ?? NONE;
  const load = useCallback(
    async () => [...ownOptions(own.filter(({ team }) => team?.archived !== true)), ...(await loadAlloys())],
    [own],
  );
  const nameOf = useCallback((id: string) => alloyOf(id)?.name ?? loadedName(id) ?? id, [alloyOf]);
  return { load, nameOf };
}
