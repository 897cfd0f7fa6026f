'use client';
import { memo } from 'react';
import {
  CHOICE_SCHOOLS,
  firstOf,
  SCHOOL_WORDS,
  scoreWorking,
  type ChoiceSchool,
  type Schools,
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
export const SchoolsSection = memo(function SchoolsSection({
  schools,
  used,
}: {
  readonly schools: Schools;
  readonly used: UsedWeights;
}) {
  const { study, brief, setBrief } = useStudy();
  const currency = study.rates.currency.code;
  const { openWorking, openReasons } = useSheets();
  const open = (school: ChoiceSchool, laneId: string): void => {
    const worst = schools.regretAt[laneId];
    if (school === 'spare') openReasons(laneId);
    else if (school === 'weighted') {
      const made = scoreWorking(schools, used.weights, laneId, currency);
      openWorking({ laneId, figure: made.figure, made });
    } else if (school === 'regret' && worst !== undefined && worst.best !== laneId)
      openWorking({ laneId, figure: differenceTo('total', worst.best), q: worst.q });
    else openWorking({ laneId, figure: school === 'soonest' ? 'firstArticle' : 'total' });
  };
  const lead = (school: ChoiceSchool): void => setBrief({ ...brief, leads: school });
  return (
    <section className="section" aria-label="Schools of choice">
      <h2>
        Schools of choice <span className="quiet">every surviving variant, each school by its own measure</span>
      </h2>
      <p data-testid="schools-agree">{agreement(schools)}</p>
      <div className="scroll-x">
        <table className="sheet-table" aria-label="Schools of choice">
          <thead>
            <tr>
              <th>School</th>
              <th>Puts first</th>
              <th>By</th>
              <th>Leads this study</th>
            </tr>
          </thead>
          <tbody>
            {CHOICE_SCHOOLS.map((school) => {
              const id = firstOf(schools, school);
              const ties = schools.first[school].length - 1;
              return (
                <tr key={school} aria-current={brief.leads === school ? 'true' : undefined}>
                  <td>{SCHOOL_WORDS[school]}</td>
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
                      <button type="button" className="told" title="Open the working" onClick={() => open(school, id)}>
                        {whyFirst(schools, school, id, currency)}
                      </button>
                    )}
                  </td>
                  <td>
                    <label className="small">
                      <input
                        type="radio"
                        name="leads"
                        aria-label={`Led by ${SCHOOL_WORDS[school]}`}
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
        {schools.pareto.map(shortName).join('; ')}.{' '}
        {Object.keys(schools.beatenBy).length > 0 && (
          <span className="quiet">
            Beaten:{' '}
            {Object.entries(schools.beatenBy)
              .map(([id, by]) => `${shortName(id)} by ${shortName(by)}`)
              .join('; ')}
            .
          </span>
        )}
      </p>
      <WeightsPanel schools={schools} used={used} />
    </section>
  );
});
