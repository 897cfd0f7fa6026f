'use client';
import { FigureButton } from '../kit';
import { Button, Heading, Input, Span, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { MOST_WEIGHT, scoreWorking, WEIGHED, weightTurns, type Rankings } from '@/core/comparison/ranking';
import { shortName } from '@/core/catalogue/routes';
import { fixed, plainDate } from '../format';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import type { UsedWeights } from './use-weights';
import { scoreWords, WEIGHED_WORDS } from './words';

/** Weights as sliders, the scores they give at once, what each of them turns, and a warning where a loser decides. */
export function WeightsPanel({ rankings, used }: { readonly rankings: Rankings; readonly used: UsedWeights }) {
  const { study } = useStudy('study');
  const { openWorking } = useSheets();
  const { weights, setWeights, team, keep } = used;
  const [who, setWho] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const all = useMemo(() => weightTurns(rankings, weights), [rankings, weights]);
  const currency = study.rates.currency.code;
  const changed = team !== null && WEIGHED.some((key) => weights[key] !== team.weights[key]);
  const whole = WEIGHED.reduce((sum, key) => sum + weights[key], 0);
  return (
    <>
      <Heading as="h3" mt="2.5">
        The team’s weights{' '}
        <Span color="fg.muted" textStyle="label">
          {team?.changedBy == null
            ? 'not set by anybody yet'
            : `set by ${team.changedBy} on ${plainDate(team.changedAt ?? '')}`}
        </Span>
      </Heading>
      <div className="weights">
        <div>
          {WEIGHED.map((key) => {
            const turns = all.filter((t) => t.key === key);
            return (
              <div key={key} className="weight">
                <label htmlFor={`weight-${key}`}>{WEIGHED_WORDS[key]}</label>
                <input
                  id={`weight-${key}`}
                  type="range"
                  min={0}
                  max={MOST_WEIGHT}
                  step={0.5}
                  value={weights[key]}
                  aria-valuetext={`${fixed(weights[key], 1)} of ${MOST_WEIGHT}`}
                  onChange={(e) => {
                    const next = { ...weights, [key]: Number(e.target.value) };
                    if (WEIGHED.some((k) => next[k] > 0)) setWeights(next);
                  }}
                />
                <span className="num">{fixed(weights[key], 1)}</span>
                <Span textStyle="label" color="fg.muted">
                  {fixed((100 * weights[key]) / whole, 0)} %
                  {turns
                    .map(
                      (t) =>
                        ` · ${t.at < weights[key] ? 'below' : 'above'} ${fixed(t.at, 1)} ${shortName(t.to)} is first`,
                    )
                    .join('')}
                </Span>
              </div>
            );
          })}
        </div>
        <ol className="scores" aria-label="Lanes by the weights">
          {rankings.order.map((id) => {
            const o = rankings.options.find((x) => x.id === id);
            const score = rankings.scores[id] ?? 0;
            return (
              <li
                key={id}
                title={o === undefined ? undefined : WEIGHED.map((key) => scoreWords(o, key, currency)).join(', ')}
              >
                <span>{shortName(id)}</span>
                <span className="bar" aria-hidden>
                  <i style={{ width: `${100 * score}%` }} />
                </span>
                <FigureButton
                  className="num"
                  title="Open the working"
                  onClick={() => {
                    const made = scoreWorking(rankings, weights, id, currency);
                    openWorking({ laneId: id, figure: made.figure, working: made });
                  }}
                >
                  {fixed(score, 2)}
                </FigureButton>
              </li>
            );
          })}
        </ol>
      </div>
      {rankings.reversals.length > 0 && (
        <Text textStyle="label" color="alarm" role="status" data-testid="reversal">
          The order hangs on a route nobody would choose:{' '}
          {rankings.reversals
            .map((r) => `without ${shortName(r.dropped)}, ${shortName(r.newWinner)} would be first`)
            .join('; ')}
          . Weights mean what they do only beside the worst of each column.
        </Text>
      )}
      {changed && (
        <form
          className="small"
          onSubmit={(e) => {
            e.preventDefault();
            if (who.trim() === '') return setSaid('Who: the name of who sets them is wanted.');
            keep(who.trim()).then(
              () => setSaid('Kept for the team.'),
              (error: unknown) => setSaid(`Not kept: ${error instanceof Error ? error.message : String(error)}`),
            );
          }}
        >
          <label htmlFor="weights-who">Who</label>{' '}
          <Input
            id="weights-who"
            variant="flushed"
            value={who}
            maxLength={80}
            onChange={(e) => setWho(e.target.value)}
          />{' '}
          <Button type="submit" size="xs" variant="outline">
            Keep for the team
          </Button>{' '}
          {team !== null && <FigureButton onClick={() => setWeights(team.weights)}>back to the team’s</FigureButton>}
        </form>
      )}
      {said !== null && (
        <Text textStyle="label" role="status">
          {said}
        </Text>
      )}
    </>
  );
}
