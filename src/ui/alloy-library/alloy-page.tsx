'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Alloy } from '@/core/catalogue/alloys';
import type { AlloyRecord } from '@/server/team-alloys';
import { call, Refused } from '../api';
import { plainDate } from '../format';
import { Banner, PageHead, PageLink, Section } from '../kit';
import { AddAlloy } from './add-alloy';
import type { AlloyChoices } from './alloy-editor';
import { AlloyPrices } from './alloy-prices';
import { AlloyFactsTables } from './facts-tables';
import { OwnAlloy } from './own-alloy';

/** An alloy of the table or of the team's own: its values, where it can be poured, what it costs, and who is of it. */
export function AlloyPage({
  alloy,
  base,
  record,
  choices,
  today,
  editingFirst,
}: {
  readonly alloy: Alloy;
  /** The alloy that one of the team's own was copied from; null for one of the table. */
  readonly base: Alloy | null;
  readonly record: AlloyRecord;
  readonly choices: AlloyChoices;
  readonly today: string;
  readonly editingFirst: boolean;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const { own } = record;
  const archive = async (): Promise<void> => {
    try {
      await call('POST', `/api/alloys/${alloy.id}/archive`);
      router.push('/alloys');
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.');
    }
  };
  return (
    <>
      <PageHead
        title={alloy.name}
        under={
          own === null
            ? 'of the table'
            : `the team’s own, from ${alloy.team?.fromName ?? own.from}; version ${own.version}, changed ${plainDate(own.changedAt)} by ${own.changedBy}`
        }
        ways={<PageLink href="/alloys">All alloys</PageLink>}
      >
        {alloy.uses === '' ? null : `Used for ${alloy.uses}.`}
      </PageHead>
      {own?.archived === true && <Banner title="This alloy is archived: it is not offered any more." />}
      <Flex gap="3" pb="2" align="flex-end" flexWrap="wrap">
        {own === null && <AddAlloy from={alloy.id} fromName={alloy.name} title="Copy as our own" />}
      </Flex>
      {problem !== null && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
      {own !== null && base !== null ? (
        <OwnAlloy
          alloy={alloy}
          own={own}
          base={base}
          record={record}
          choices={choices}
          editingFirst={editingFirst}
          onArchive={own.archived || record.studies.length > 0 ? null : () => void archive()}
        />
      ) : (
        <AlloyFactsTables alloy={alloy} choices={choices} />
      )}
      <AlloyPrices alloy={alloy} prices={record.prices} today={today} />
      {own === null && (
        <Section title="Studies of it" under={`${record.studies.length}`}>
          {record.studies.length === 0 ? (
            <Text>None.</Text>
          ) : (
            <Flex as="ul" direction="column" gap="1" listStyleType="none">
              {record.studies.map(({ id, title }) => (
                <Box as="li" key={id}>
                  <PageLink href={`/studies/${id}`}>{title}</PageLink>
                </Box>
              ))}
            </Flex>
          )}
        </Section>
      )}
    </>
  );
}
