'use client';
import { useMemo, useState } from 'react';
import { shortName } from '@/core/routes';
import type { DoubtDepth } from '@/workers/doubt.protocol';
import { whole } from '../format';
import { useStudy } from '../study/study-context';
import { StudyWorkings } from '@/core/bridge';
import {
  briefFlipWords,
  flipWords,
  flipWorking,
  inputWords,
  nearness,
  roomWorking,
  stanceOf,
  type BriefFlip,
  type DoubtInput,
  type Flip,
} from '@/core/doubt';
import { differenceTo } from '@/core/workings';
import { useSheets } from '../working/sheets';

const FEW = 6;

/** What would overturn the leader, one figure at a time, the nearest first; a quantity sets the rail there. */
export function FlipsList({
  depth,
  q,
  onGo,
}: {
  readonly depth: DoubtDepth;
  /** Pieces it was drawn at. */
  readonly q: number;
  readonly onGo: (q: number) => void;
}) {
  const { openWorking, openReasons } = useSheets();
  const { study } = useStudy();
  const [all, setAll] = useState(false);
  const told = useMemo(() => {
    const by = new Map(depth.inputs.map((i) => [i.key, i]));
    return depth.flips
      .flatMap((flip) => {
        const input = by.get(flip.key);
        return input === undefined ? [] : [{ flip, input, near: nearness(flip, input) }];
      })
      .sort((a, b) => Number(b.flip.within) - Number(a.flip.within) || a.near - b.near);
  }, [depth]);
  const stance = stanceOf(depth.leader, depth.briefFlips);
  const code = study.rates.currency.code;
  const open = (flip: Flip, input: DoubtInput): void => {
    const made = flipWorking(flip, input, depth.leader, inputWords(input, study.rates), code);
    openWorking({ laneId: depth.leader, figure: made.figure, q, made });
  };
  const openBrief = (flip: BriefFlip): void => {
    const laneId = depth.leader;
    const [at] = flip.at;
    if (flip.kind === 'quantity' && flip.against !== null)
      openWorking({ laneId, figure: differenceTo('total', flip.against), q: at ?? q });
    else if ((flip.kind === 'tooling' || flip.kind === 'part') && flip.against !== null) {
      const made = roomWorking(new StudyWorkings(study, q), flip, laneId, flip.against);
      openWorking({ laneId, figure: made.figure, q, made });
    } else if (flip.kind === 'lead') openWorking({ laneId, figure: 'firstArticle', q });
    else openReasons(laneId);
  };
  const within = told.filter((t) => t.flip.within).length;
  const shown = all ? told : told.slice(0, Math.max(FEW, within));
  return (
    <>
      <ul className="flips" aria-label="What would overturn it">
        {depth.briefFlips.map((flip) => (
          <li key={`${flip.kind} ${flip.key}`}>
            {briefFlipWords(flip, depth.leader, stance)}
            {flip.kind === 'quantity' && <GoThere flip={flip} onGo={onGo} />}
            <How name={briefFlipWords(flip, depth.leader, stance)} onOpen={() => openBrief(flip)} />
          </li>
        ))}
        {shown.map(({ flip, input }) => (
          <li key={`${flip.key} ${flip.against}`}>
            {flipWords(flip, input, study.rates, stance)}
            {flip.within && <strong> · within its range</strong>}
            <How name={flipWords(flip, input, study.rates, stance)} onOpen={() => open(flip, input)} />
          </li>
        ))}
      </ul>
      <p className="small quiet">
        {told.length === 0
          ? `No single rate, price, share or hour, from a quarter to four times its likely value, puts another route before ${shortName(depth.leader)}.`
          : `One figure at a time, the rest at likely, from a quarter to four times its likely value. ${within === 0 ? 'None turns it within its own range.' : `${within} ${within === 1 ? 'turns' : 'turn'} it within ${within === 1 ? 'its' : 'their'} range.`}`}{' '}
        {told.length > shown.length && (
          <button type="button" className="textbtn dotted" onClick={() => setAll(true)}>
            all {told.length}
          </button>
        )}
      </p>
    </>
  );
}

/** The way to how a flip point was found. */
function How({ name, onOpen }: { readonly name: string; readonly onOpen: () => void }) {
  return (
    <>
      {' '}
      <button
        type="button"
        className="textbtn dotted small"
        aria-label={`How this was found: ${name}`}
        onClick={onOpen}
      >
        how
      </button>
    </>
  );
}

function GoThere({ flip, onGo }: { readonly flip: BriefFlip; readonly onGo: (q: number) => void }) {
  return flip.at.map((q) => (
    <span key={q}>
      {' · '}
      <button type="button" className="textbtn dotted small" onClick={() => onGo(q)}>
        rail to {whole(q)}
      </button>
    </span>
  ));
}
