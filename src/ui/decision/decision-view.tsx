'use client';
import { Section } from '../kit';
import { Box, Text } from '@chakra-ui/react';
import { shortName } from '@/core/catalogue/routes';
import { plainDate, whole } from '../format';
import { Guarded } from '../guard/guarded';
import { useStudy } from '../study/study-context';
import { late, Near } from '../late';

/** Holds the height of what comes. */
const meanwhile = <Box minH="70rem" />;
const Choice = late(() => import('./choice').then((m) => m.Choice), meanwhile);
const Record = late(() => import('./record').then((m) => m.Record), meanwhile);
const HistorySection = late(() => import('../history/history-section').then((m) => m.HistorySection));

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
        <Section title="Earlier decisions">
          {past.map((d) => (
            <Text key={d.id} textStyle="label">
              {plainDate(d.signedOn)}: {shortName(d.laneId)} at {whole(d.quantity)} pieces, signed by {d.signedBy};
              reopened {d.reopenedAt === null ? '' : plainDate(d.reopenedAt)}. “{d.why}”
            </Text>
          ))}
        </Section>
      )}
      <Guarded name="The history" of={decisions}>
        <Near height="20rem">
          <HistorySection />
        </Near>
      </Guarded>
    </>
  );
}
