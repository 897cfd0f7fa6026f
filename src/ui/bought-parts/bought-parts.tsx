'use client';
import { Box, Button, Field, Flex, Input, Span, Text } from '@chakra-ui/react';
import { useCallback, useMemo, useState } from 'react';
import type { BoughtPart, ScreenedPart } from '@/core/comparison/parts-list';
import { Choice, FileLink, PageHead, PageLink, Section } from '../kit';
import { late } from '../late';
import { Sheet } from '../shell/sheet';
import { ImportParts } from './import-parts';
import { ScreenTable } from './screen-table';
import type { OpenFigure } from './part-working';
import { useScreen, type Screen } from './use-screen';

const PartForm = late(() => import('./part-form').then((m) => m.PartForm));
const PartWorking = late(() => import('./part-working').then((m) => m.PartWorking));

/** Where to look first: bought parts by what a casting might save on them a year. */
export function BoughtParts({
  first,
  firstRates,
  sets,
  alloys,
}: {
  readonly first: Screen;
  /** Id of the rate set that it was screened by. */
  readonly firstRates: string;
  readonly sets: readonly { readonly id: string; readonly name: string }[];
  readonly alloys: readonly { readonly id: string; readonly name: string }[];
}) {
  const [ratesId, setRatesId] = useState(firstRates);
  const { screen, busy, problem, again } = useScreen(first, ratesId, firstRates);
  const [search, setSearch] = useState('');
  const [editing, setEditing] = useState<BoughtPart | 'new' | null>(null);
  const [opened, setOpened] = useState<OpenFigure | null>(null);
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = useMemo(() => {
    const wanted = search.toLowerCase().split(/\s+/).filter(Boolean);
    return screen.parts.filter(({ part, alloyName, leftOut }) => {
      const text = [part.id, part.name, alloyName, part.way, part.form, leftOut ?? ''].join(' ').toLowerCase();
      return wanted.every((word) => text.includes(word));
    });
  }, [screen.parts, search]);
  const ranked = screen.parts.filter((s) => s.rank !== null);
  const paying = ranked.filter((s) => (s.saving?.[1] ?? 0) > 0);
  const onFigure = useCallback(
    (s: ScreenedPart, figure: OpenFigure['figure']) => setOpened({ part: s.part, figure, trail: [] }),
    [],
  );
  const none = screen.parts.length === 0;
  return (
    <>
      <PageHead
        title="Where to look first"
        under={none ? 'no bought parts yet' : `${screen.parts.length} bought parts`}
        ways={<PageLink href="/">Parts</PageLink>}
      >
        Bought parts by what a casting might save on them a year, from what the purchase ledger knows. It ranks where to
        look; a study decides.
      </PageHead>
      <Flex gap="4" align="flex-end" flexWrap="wrap" pb="3">
        {!none && (
          <Input
            width="16rem"
            maxW="100%"
            type="search"
            aria-label="Search bought parts"
            placeholder="Name, number, alloy or way"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        )}
        <Field.Root width="16rem" maxW="100%">
          <Field.Label>Rates</Field.Label>
          <Choice
            options={sets.map((s) => [s.id, s.name])}
            value={ratesId}
            onChange={(e) => setRatesId(e.target.value)}
          />
        </Field.Root>
        <ImportParts onPut={again} />
        <Button size="xs" onClick={() => setEditing('new')}>
          Add a part
        </Button>
        {!none && <FileLink href={`/api/bought-parts?as=csv&rates=${encodeURIComponent(ratesId)}`}>CSV</FileLink>}
        <Span textStyle="label" color={problem === null ? 'fg.muted' : 'alarm'} role="status">
          {problem ?? (busy ? 'Calculating …' : '')}
        </Span>
      </Flex>
      {none ? (
        <Text maxW="60ch">
          Import a list as CSV or as a workbook: part number, name, alloy, form of the stock with its length, width and
          height in mm, finished mass in kg, what one costs today in USD, pieces a year, and how it is made. Or add
          parts one by one.
        </Text>
      ) : (
        <Section
          title={`${paying.length} of ${screen.parts.length} may pay as castings`}
          under={`${screen.parts.length - ranked.length} left out, each with the reason; ${screen.currency} a year`}
          aria-busy={busy}
        >
          {shown.length === 0 ? (
            <Text>No part matches “{words.join(' ')}”.</Text>
          ) : (
            <Box opacity={busy ? 0.6 : 1}>
              <ScreenTable rows={shown} currency={screen.currency} onFigure={onFigure} onEdit={setEditing} />
            </Box>
          )}
        </Section>
      )}
      <Sheet open={editing !== null} onClose={() => setEditing(null)} testId="bought-part">
        {editing !== null && (
          <PartForm
            part={editing === 'new' ? null : editing}
            alloys={alloys}
            onDone={() => {
              setEditing(null);
              again();
            }}
          />
        )}
      </Sheet>
      <Sheet open={opened !== null} onClose={() => setOpened(null)} testId="screen-working">
        {opened !== null && <PartWorking opened={opened} ratesId={ratesId} onOpen={setOpened} />}
      </Sheet>
    </>
  );
}
