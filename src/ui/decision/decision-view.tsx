'use client';
import { shortName } from '@/core/catalogue/routes';
import { plainDate, whole } from '../format';
import { Guarded } from '../guard/guarded';
import { useStudy } from '../study/study-context';
import { HistorySection } from '../history/history-section';
import { Choice } from './choice';
import { Record } from './record';

/** Pick a route, see its case and the strongest reasons against it, write why, sign; or read what was signed. */
export function DecisionView() {
  const { decisions } = useStudy('decisions');
  const signed = decisions.find((d) => d.reopenedAt === null);
  const past = decisions.filter((d) => d.id !== signed?.id);
  return (
    <>
      {signed === undefined ? (
        <Choice reopened={past[0]} />
      ) : (
        <Guarded name="The signed record" of={signed}>
          <Record decision={signed} />
        </Guarded>
      )}
      {past.length > 0 && (
        <section className="section record">
          <h2>Earlier decisions</h2>
          {past.map((d) => (
            <p key={d.id} className="small">
              {plainDate(d.signedOn)}: {shortName(d.laneId)} at {whole(d.quantity)} pieces, signed by {d.signedBy};
              reopened {d.reopenedAt === null ? '' : plainDate(d.reopenedAt)}. “{d.why}”
            </p>
          ))}
        </section>
      )}
      <Guarded name="The history" of={decisions}>
        <HistorySection />
      </Guarded>
    </>
  );
}
