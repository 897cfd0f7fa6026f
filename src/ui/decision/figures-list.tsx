import type { CarryingFigure } from '@/core/decision';
import type { Frozen } from '../working/figure-at';
import { Told } from '../working/told';

/** The figures that carry a choice, each opening its working. */
export function FiguresList({
  figures,
  frozen,
}: {
  readonly figures: readonly CarryingFigure[];
  readonly frozen?: Frozen | undefined;
}) {
  return (
    <dl className="carrying" data-testid="five-figures">
      {figures.map((f) => (
        <div key={f.figure}>
          <dt>{f.name}</dt>
          <dd>
            <Told told={f.told} frozen={frozen} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
