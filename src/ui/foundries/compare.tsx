'use client';
import { Flex, Field, Span, Table, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { laneWords } from '@/core/catalogue/routes';
import type { FoundrySummary } from '@/server/foundries';
import { Choice, PageHead, PageLink, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { KnownMark } from './known-mark';
import { lineRows, saidText, shopRows, type ProfileRow } from './profile-rows';

/** Two foundries side by side: what differs stands out, what one does not say is named. */
export function CompareFoundries({
  list,
  a,
  b,
  today,
}: {
  readonly list: readonly FoundrySummary[];
  readonly a: FoundrySummary;
  readonly b: FoundrySummary;
  readonly today: string;
}) {
  const router = useRouter();
  const go = (left: string, right: string): void => router.push(`/foundries/compare?a=${left}&b=${right}`);
  const options = list.map((f) => [f.id, f.name] as const);
  const lanes = [...new Set([...a.profile.lines, ...b.profile.lines].map((l) => `${l.route}/${l.variant}`))];
  const lineOf = (f: FoundrySummary, laneId: string) =>
    f.profile.lines.find((l) => `${l.route}/${l.variant}` === laneId);
  const both = lanes.filter((id) => lineOf(a, id) !== undefined && lineOf(b, id) !== undefined);
  return (
    <>
      <PageHead title="Two foundries" ways={<PageLink href="/foundries">All foundries</PageLink>}>
        {both.length === 0
          ? 'They run no variant in common.'
          : `They share ${both.length} ${both.length === 1 ? 'variant' : 'variants'}; what differs is marked.`}
      </PageHead>
      <Flex gap="4" flexWrap="wrap" pb="2">
        <Field.Root width="18rem">
          <Field.Label>Left</Field.Label>
          <Choice options={options} value={a.id} onChange={(e) => go(e.target.value, b.id)} />
        </Field.Root>
        <Field.Root width="18rem">
          <Field.Label>Right</Field.Label>
          <Choice options={options} value={b.id} onChange={(e) => go(a.id, e.target.value)} />
        </Field.Root>
      </Flex>
      {[...both, ...lanes.filter((id) => !both.includes(id))].map((laneId) => {
        const words = laneWords(laneId);
        const [left, right] = [lineOf(a, laneId), lineOf(b, laneId)];
        return (
          <Section
            key={laneId}
            title={
              <>
                <Emblem laneId={laneId} size={22} /> {words.route}, {words.variant}
              </>
            }
          >
            {left === undefined || right === undefined ? (
              <Text>Only {left === undefined ? b.name : a.name} runs it.</Text>
            ) : (
              <Rows
                name={`${words.route}, ${words.variant}`}
                names={[a.name, b.name]}
                left={lineRows(left)}
                right={lineRows(right)}
                today={today}
              />
            )}
          </Section>
        );
      })}
      <Section title="The foundries">
        <Rows
          name="The foundries"
          names={[a.name, b.name]}
          left={shopRows(a.profile)}
          right={shopRows(b.profile)}
          today={today}
        />
      </Section>
    </>
  );
}

function Rows({
  name,
  names,
  left,
  right,
  today,
}: {
  readonly name: string;
  readonly names: readonly [string, string];
  readonly left: readonly ProfileRow[];
  readonly right: readonly ProfileRow[];
  readonly today: string;
}) {
  const [units] = useUnits();
  const cell = ({ field, said }: ProfileRow) =>
    said === undefined ? (
      <Span color="fg.muted">not said</Span>
    ) : (
      <>
        {saidText(field, said.v, units)} <KnownMark known={said.basis} date={said.date} today={today} />
      </>
    );
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label={name} whiteSpace="normal">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader width="16rem">Value</Table.ColumnHeader>
            <Table.ColumnHeader>{names[0]}</Table.ColumnHeader>
            <Table.ColumnHeader>{names[1]}</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {left.map((row, i) => {
            const other = right[i];
            if (other === undefined || (row.said === undefined && other.said === undefined)) return null;
            const differs = JSON.stringify(row.said?.v) !== JSON.stringify(other.said?.v);
            return (
              <Table.Row key={row.field.key} data-differs={differs || undefined}>
                <Table.Cell fontWeight={differs ? 'bold' : undefined}>
                  {differs ? '≠ ' : ''}
                  {row.field.words}
                </Table.Cell>
                <Table.Cell>{cell(row)}</Table.Cell>
                <Table.Cell>{cell(other)}</Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
