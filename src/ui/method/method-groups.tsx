'use client';
import { METHOD_GROUPS, type Method } from '@/core/method';
import { DryProof } from './dry-proof';
import { MethodGroupSection } from './method-group';
import { SizesTable } from './sizes-table';

/** Every group of the method: what it says, what comes out, and what goes in. */
export function MethodGroups({
  method,
  onFigure,
  onPut,
}: {
  readonly method: Method;
  readonly onFigure: (id: string) => void;
  readonly onPut: (id: string, value: number | null) => void;
}) {
  const { laneId } = method;
  return METHOD_GROUPS.map((group) => (
    <MethodGroupSection key={`${laneId} ${group}`} {...{ group, method, onFigure, onPut }}>
      {group === 'freezing' && laneId.startsWith('plaster/') && <DryProof />}
      {group === 'sizes' && <SizesTable {...{ method, onFigure, onPut }} />}
    </MethodGroupSection>
  ));
}
