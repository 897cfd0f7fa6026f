import type { CarryingFigure } from '@/core/decision';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

/** The figures that carry a choice, each opening its working. */
export function FiguresList({
  figures,
  studyAt,
}: {
  readonly figures: readonly CarryingFigure[];
  readonly studyAt?: StudyAt | undefined;
}) {
  return (
    <dl className="carrying" data-testid="five-figures">
      {figures.map((f) => (
        <div key={f.figure}>
          <dt>{f.name}</dt>
          <dd>
            <Explained explanation={f.explanation} studyAt={studyAt} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
