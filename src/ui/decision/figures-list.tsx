import { DataList } from '@chakra-ui/react';
import type { CarryingFigure } from '@/core/decision';
import { Explained } from '../working/explained';
import type { StudyAt } from '../working/figure-at';

/** The figures that carry a choice, each opening its working. */
export function FiguresList({
  figures,
  studyAt,
}: {
  readonly figures: readonly CarryingFigure[];
  readonly studyAt?: StudyAt | undefined;
}) {
  return (
    <DataList.Root orientation="vertical" data-testid="five-figures">
      {figures.map((f) => (
        <DataList.Item key={f.figure}>
          <DataList.ItemLabel>{f.name}</DataList.ItemLabel>
          <DataList.ItemValue textStyle="lead">
            <span>
              <Explained explanation={f.explanation} studyAt={studyAt} />
            </span>
          </DataList.ItemValue>
        </DataList.Item>
      ))}
    </DataList.Root>
  );
}
