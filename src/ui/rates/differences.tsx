'use client';
import { Heading, Table, chakra } from '@chakra-ui/react';
import { PageLink } from '../kit';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { rateDifferences, ratesOf, type RateRef } from '@/core/rates';
import type { RateSetSummary } from '@/server/rates';
import { signed } from '../format';
import { figureWords, lanePartName } from './rate-words';

/** Every coefficient in which two sets differ, side by side. */
export function Differences({
  here,
  there,
  sets,
}: {
  readonly here: RateRef;
  readonly there: RateRef;
  readonly sets: readonly RateSetSummary[];
}) {
  const router = useRouter();
  const found = useMemo(() => rateDifferences(ratesOf(there), ratesOf(here)), [here, there]);
  const shut = [here, there].map((s) => s.own.holidays.join(', ') || 'none');
  return (
    <>
      <div className="study-head">
        <div className="line">
          <Heading as="h1" size="lg">
            {here.name}
          </Heading>
          <chakra.label textStyle="label" color="fg.muted" htmlFor="differences-with">
            against
          </chakra.label>
          <select
            id="differences-with"
            className="plain-select"
            value={there.id}
            onChange={(e) => router.push(`/rates/${here.id}/differences?with=${e.target.value}`)}
          >
            {sets
              .filter((s) => s.id !== here.id)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
          </select>
          <nav className="views" aria-label="This rate set">
            <Link href="/rates">All sets</Link>
            <Link href={`/rates/${here.id}`}>The set</Link>
          </nav>
        </div>
        <p className="verdict">
          {found.length === 0
            ? 'No figure differs.'
            : `${found.length} ${found.length === 1 ? 'figure differs' : 'figures differ'}.`}
        </p>
      </div>
      <section className="section scroll-x">
        {(found.length > 0 || shut[0] !== shut[1] || here.currency !== there.currency) && (
          <Table.Root size="sm" aria-label="Differences">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Coefficient</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{there.name}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{here.name}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Likely differs by</Table.ColumnHeader>
                <Table.ColumnHeader>Unit</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {here.currency !== there.currency && (
                <Table.Row>
                  <Table.Cell>Currency</Table.Cell>
                  <Table.Cell className="num">{there.currency}</Table.Cell>
                  <Table.Cell className="num">{here.currency}</Table.Cell>
                  <Table.Cell />
                  <Table.Cell />
                </Table.Row>
              )}
              {shut[0] !== shut[1] && (
                <Table.Row>
                  <Table.Cell>Days the shop is shut</Table.Cell>
                  <Table.Cell className="num">{shut[1]}</Table.Cell>
                  <Table.Cell className="num">{shut[0]}</Table.Cell>
                  <Table.Cell />
                  <Table.Cell />
                </Table.Row>
              )}
              {found.map(({ entry, here: was, there: is, ratio }) => (
                <Table.Row key={entry.path}>
                  <Table.Cell>
                    <PageLink href={`/rates/${here.id}#${encodeURIComponent(entry.path)}`}>
                      {[lanePartName(entry.part), entry.of, entry.words]
                        .filter((x) => x !== null && x !== '')
                        .join(': ')}
                    </PageLink>
                  </Table.Cell>
                  <Table.Cell className="num">{figureWords(was)}</Table.Cell>
                  <Table.Cell className="num">{figureWords(is)}</Table.Cell>
                  <Table.Cell className="num">
                    {ratio === null ? 'from nothing' : `${signed(100 * (ratio - 1), 1)} %`}
                  </Table.Cell>
                  <Table.Cell textStyle="label" color="fg.muted">
                    {entry.unit}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        )}
      </section>
    </>
  );
}
