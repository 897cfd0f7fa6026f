'use client';
import { memo } from 'react';
import {
  RANKING_METHODS,
  firstOf,
  RANKING_WORDS,
  scoreWorking,
  type RankingMethod,
  type Rankings,
} from '@/core/comparison/ranking';
import { shortName } from '@/core/catalogue/routes';
import { differenceTo } from '@/core/study/workings';
import { Tone } from '../marks/tone';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import type { UsedWeights } from './use-weights';
import { WeightsPanel } from './weights-panel';
import { agreement, whyFirst } from './words';

/** Five ways to choose side by side, where they part, and which of them leads this study. */
export const RankingSection = memo(function SchoolsSection({
  rankings,
  used,
}: {
  readonly rankings: Rankings;
  readonly used: UsedWeights;
}) {
  const { study, brief, setBrief } = useStudy('study', 'brief', 'setBrief');
  const currency = study.rates.currency.code;
  const { openWorking, openReasons } = useSheets();
  const open = (school: RankingMethod, laneId: string): void => {
    const worst = rankings.regretAt[laneId];
    if (school === 'spare') openReasons(laneId);
    else if (school === 'weighted') {
      const made = scoreWorking(rankings, used.weights, laneId, currency);
      openWorking({ laneId, figure: made.figure, working: made });
    } else if (school === 'regret' && worst !== undefined && worst.best !== laneId)
      openWorking({ laneId, figure: differenceTo('total', worst.best), q: worst.q });
    else openWorking({ laneId, figure: school === 'soonest' ? 'firstArticle' : 'total' });
  };
  const lead = (school: RankingMethod): void => setBrief({ ...brief, leads: school });
  return (
    <section className="section" aria-label="Ranking methods">
      <h2>
        Ranking methods <span className="quiet">every surviving variant, each method by its own measure</span>
      </h2>
      <p data-testid="ranking-agreement">{agreement(rankings)}</p>
      <div className="scroll-x">
        <table className="sheet-table" aria-label="Ranking methods">
          <thead>
            <tr>
              <th>Method</th>
              <th>Puts first</th>
              <th>By</th>
              <th>Leads this study</th>
            </tr>
          </thead>
          <tbody>
            {RANKING_METHODS.map((school) => {
              const id = firstOf(rankings, school);
              const ties = rankings.first[school].length - 1;
              return (
                <tr key={school} aria-current={brief.leads === school ? 'true' : undefined}>
                  <td>{RANKING_WORDS[school]}</td>
                  <td>
                    {id !== null && (
                      <>
                        <Tone laneId={id} /> {shortName(id)}
                        {ties > 0 && (
                          <span className="quiet small"> and {ties} more as good; the cheapest of them</span>
                        )}
                      </>
                    )}
                  </td>
                  <td className="small">
                    {id !== null && (
                      <button
                        type="button"
                        className="figure-link"
                        title="Open the working"
                        onClick={() => open(school, id)}
                      >
                        {whyFirst(rankings, school, id, currency)}
                      </button>
                    )}
                  </td>
                  <td>
                    <label className="small">
                      <input
                        type="radio"
                        name="leads"
                        aria-label={`Led by ${RANKING_WORDS[school]}`}
                        checked={brief.leads === school}
                        onChange={() => lead(school)}
                      />{' '}
                      {brief.leads === school ? 'leads' : ''}
                    </label>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="small" data-testid="pareto">
        <span className="quiet">Beaten by none on everything (cost, time, operations, reserve, scrap):</span>{' '}
        {rankings.pareto.map(shortName).join('; ')}.{' '}
        {Object.keys(rankings.beatenBy).length > 0 && (
          <span className="quiet">
            Beaten:{' '}
            {Object.entries(rankings.beatenBy)
              .map(([id, by]) => `${shortName(id)} by ${shortName(by)}`)
              .join('; ')}
            .
          </span>
        )}
      </p>
      <WeightsPanel rankings={rankings} used={used} />
    </section>
  );
});
