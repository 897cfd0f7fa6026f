'use client';
import { Box, Field, Flex, Input, List, SimpleGrid, Span, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { findDefects, type Defect, type Whose } from '@/core/catalogue/defects';
import { ROUTES } from '@/core/catalogue/routes';
import { significant } from '../format';
import { Choice, Fold, PageHead, PageLink } from '../kit';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { textInUnits } from '../text-in-units';

/** What is needed of an alloy to tell its defects. */
export interface DefectAlloy {
  readonly id: string;
  readonly name: string;
  readonly family: string;
}

const WHOSE: Readonly<Record<Whose, string>> = { design: 'drawing', tool: 'tool', foundry: 'foundry' };

/** Defects of castings: found by what is seen, by route and alloy, with causes, what to check first and remedies. */
export function Defects({
  alloys,
  startRoute,
  startAlloy,
}: {
  readonly alloys: readonly DefectAlloy[];
  readonly startRoute: string;
  readonly startAlloy: string;
}) {
  const [search, setSearch] = useState('');
  const [route, setRoute] = useState(startRoute);
  const [alloyId, setAlloyId] = useState(startAlloy);
  const alloy = alloys.find((a) => a.id === alloyId) ?? null;
  const found = useMemo(() => findDefects(route === '' ? null : route, alloy, search), [route, alloy, search]);
  return (
    <>
      <PageHead
        title="Defects"
        under={`${found.length} ${found.length === 1 ? 'defect' : 'defects'}`}
        ways={<PageLink href="/">Parts</PageLink>}
      >
        What is seen on a casting, what causes it, what to check first, and who puts it right.
      </PageHead>
      <Flex gap="4" align="flex-end" flexWrap="wrap" pb="4">
        <Input
          width="18rem"
          maxW="100%"
          type="search"
          aria-label="Search defects"
          placeholder="What is seen, where, or its name"
          value={search}
          maxLength={200}
          onChange={(e) => setSearch(e.target.value)}
        />
        <Field.Root width="16rem" maxW="100%">
          <Field.Label>Route</Field.Label>
          <Choice
            empty="any"
            options={ROUTES.map((r) => [r.id, r.name])}
            value={route}
            onChange={(e) => setRoute(e.target.value)}
          />
        </Field.Root>
        <Field.Root width="18rem" maxW="100%">
          <Field.Label>Alloy</Field.Label>
          <Choice
            empty="any"
            options={alloys.map((a) => [a.id, a.name])}
            value={alloyId}
            onChange={(e) => setAlloyId(e.target.value)}
          />
        </Field.Root>
      </Flex>
      {found.length === 0 && <Text>No defect matches. Try fewer words, or any route.</Text>}
      {found.map((defect) => (
        <OneDefect
          key={defect.id}
          defect={defect}
          prone={alloy !== null && defect.alloysMostProne.includes(alloy.id)}
        />
      ))}
    </>
  );
}

function OneDefect({ defect, prone }: { readonly defect: Defect; readonly prone: boolean }) {
  const [units] = useUnits();
  const say = (text: string): string => textInUnits(text, units);
  const [low, likely, high] = defect.effect.scrap_pct;
  return (
    <Box borderTopWidth="1px" borderColor="border" py="3" data-defect={defect.id}>
      <Flex gap="3" align="baseline" flexWrap="wrap">
        <Span fontWeight="bold">{defect.name}</Span>
        {defect.alsoCalled.length > 0 && (
          <Span textStyle="label" color="fg.muted">
            also {defect.alsoCalled.join(', ')}
          </Span>
        )}
        {prone && <Span textStyle="label">▲ this alloy shows it most</Span>}
        <Flex ms="auto" gap="1" role="img" aria-label={`seen in ${names(defect.routes)}`}>
          {defect.routes.map((id) => (
            <Emblem key={id} laneId={id} size={16} />
          ))}
        </Flex>
      </Flex>
      <Text maxW="80ch">
        {say(defect.looks)} <Span color="fg.muted">{say(defect.where)}.</Span>
      </Text>
      <Text textStyle="label" color="fg.muted">
        Loses {significant(likely, 3)} % of castings while it runs ({significant(low, 3)}–{significant(high, 3)} %,{' '}
        {defect.effect.basis}). {say(defect.effect.words)}
      </Text>
      <Fold summary="Causes, checks and remedies">
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="6" mt="2">
          <div>
            <Box textStyle="label" fontWeight="medium">
              Likely causes, the likeliest first
            </Box>
            <List.Root as="ol" ps="4">
              {defect.causes.map(({ cause, whose }) => (
                <List.Item key={cause}>
                  {say(cause)} <Span color="fg.muted">({WHOSE[whose]})</Span>
                </List.Item>
              ))}
            </List.Root>
          </div>
          <div>
            <Box textStyle="label" fontWeight="medium">
              Check first
            </Box>
            <List.Root as="ol" ps="4">
              {defect.checkFirst.map((check) => (
                <List.Item key={check}>{say(check)}</List.Item>
              ))}
            </List.Root>
          </div>
          <div>
            <Box textStyle="label" fontWeight="medium">
              Remedies
            </Box>
            <List.Root ps="4">
              {defect.mends.map(({ mend, by, effort }) => (
                <List.Item key={mend}>
                  {say(mend)}{' '}
                  <Span color="fg.muted">
                    ({WHOSE[by]}, {effort} effort)
                  </Span>
                </List.Item>
              ))}
            </List.Root>
          </div>
        </SimpleGrid>
        <Text textStyle="label" color="fg.muted" mt="2">
          Found by {defect.detectedBy.join(', ')}; rework {defect.effect.rework}. Hot metal, dies and test pressure
          hurt: follow the cautions of the route; local codes and licensed practice decide.
        </Text>
      </Fold>
    </Box>
  );
}

const names = (ids: readonly string[]): string =>
  ids.map((id) => ROUTES.find((r) => r.id === id)?.name ?? id).join(', ');
