'use client';
import { Text } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { useMemo, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { whole } from '../format';
import { useStudy } from '../study/study-context';
import { StudyWorkings } from '@/core/phased-plans';
import { briefFlipExplanation, flipExplanation, nearness, stanceOf, type BriefFlip } from '@/core/simulation';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

const FEW = 6;

/** What would overturn the leader, one figure at a time, the nearest first: each place opens how it was found; a quantity sets the rail there. */
export function FlipsList({
  depth,
  q,
  onGo,
}: {
  readonly depth: SimulationDepth;
  /** Pieces it was drawn at. */
  readonly q: number;
  readonly onGo: (q: number) => void;
}) {
  const { study } = useStudy('study');
  const [all, setAll] = useState(false);
  const { ofFigures, ofBrief, studyAt } = useMemo(() => {
    const by = new Map(depth.inputs.map((i) => [i.key, i]));
    const stance = stanceOf(depth.leader, depth.briefFlips);
    const of = new StudyWorkings(study, q);
    return {
      // At the quantity that was drawn, where the rail has gone on.
      studyAt: { study, q, words: '' } satisfies StudyAt,
      ofBrief: depth.briefFlips.map((flip) => ({
        flip,
        explanation: briefFlipExplanation(flip, depth.leader, stance, of),
      })),
      ofFigures: depth.flips
        .flatMap((flip) => {
          const input = by.get(flip.key);
          if (input === undefined) return [];
          const explanation = flipExplanation(flip, input, depth.leader, study.rates, stance);
          return [{ flip, explanation, near: nearness(flip, input) }];
        })
        .sort((x, y) => Number(y.flip.within) - Number(x.flip.within) || x.near - y.near),
    };
  }, [depth, study, q]);
  const within = ofFigures.filter((t) => t.flip.within).length;
  const shown = all ? ofFigures : ofFigures.slice(0, Math.max(FEW, within));
  return (
    <>
      <ul className="flips" aria-label="What would overturn it">
        {ofBrief.map(({ flip, explanation }) => (
          <li key={`${flip.kind} ${flip.key}`}>
            <Explained explanation={explanation} studyAt={studyAt} />
            {flip.kind === 'quantity' && <GoThere flip={flip} onGo={onGo} />}
          </li>
        ))}
        {shown.map(({ flip, explanation }) => (
          <li key={`${flip.key} ${flip.against}`}>
            <Explained explanation={explanation} studyAt={studyAt} />
            {flip.within && <strong> · within its range</strong>}
          </li>
        ))}
      </ul>
      <Text textStyle="label" color="fg.muted">
        {ofFigures.length === 0
          ? `No single rate, price, share or hour, from a quarter to four times its likely value, puts another route before ${shortName(depth.leader)}.`
          : `One figure at a time, the rest at likely, from a quarter to four times its likely value. ${within === 0 ? 'None turns it within its own range.' : `${within} ${within === 1 ? 'turns' : 'turn'} it within ${within === 1 ? 'its' : 'their'} range.`}`}{' '}
        {ofFigures.length > shown.length && (
          <FigureButton onClick={() => setAll(true)}>all {ofFigures.length}</FigureButton>
        )}
      </Text>
    </>
  );
}

function GoThere({ flip, onGo }: { readonly flip: BriefFlip; readonly onGo: (q: number) => void }) {
  return flip.at.map((q) => (
    <span key={q}>
      {' · '}
      <FigureButton textStyle="label" onClick={() => onGo(q)}>
        rail to {whole(q)}
      </FigureButton>
    </span>
  ));
}
