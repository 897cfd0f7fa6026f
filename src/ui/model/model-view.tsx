'use client';
import { FileLink, PageLink } from '../kit';
import { INK } from '../theme/ink';
import { Box, Code, EmptyState, Field, Heading, HStack, Input, Stack, Table, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useState } from 'react';
import type { ModelEquation, ModelSubject, ModelSymbol } from '@/core/reference/model-document';
import { BASIS_WORDS } from '../working/basis-words';
import { pretty } from '../working/pretty';
import { SOURCE_WORDS } from '../working/source-words';
import { found } from './found';

/** Every equation behind the figures of the board, with its symbols: what is shown here is what the product works with. */
export function ModelView({ subjects }: { readonly subjects: readonly ModelSubject[] }) {
  const [asked, setAsked] = useState('');
  const wanted = useDeferredValue(asked);
  const shown = useMemo(() => found(subjects, wanted), [subjects, wanted]);
  const count = shown.reduce((sum, s) => sum + s.equations.length, 0);
  const all = subjects.reduce((sum, s) => sum + s.equations.length, 0);
  return (
    <Stack as="section" mt="3.5" gap="4">
      <Box>
        <Heading as="h1" size="lg" mt="3">
          The model
        </Heading>
        <Text maxW="80ch" mt="1">
          The equations behind every figure of cost and time. Board, workings, simulation and workbook all use these
          definitions, in SI units. Where an equation has several forms, the one that fits the case is used; on(x) is 1
          where x is above 0, otherwise 0.
        </Text>
        <PageLink href="/edition-2">What edition 2 of the tables changed, study by study</PageLink>
      </Box>
      <HStack gap="6" wrap="wrap" align="end">
        <Field.Root maxW="20rem">
          <Field.Label>Search figure, symbol or number</Field.Label>
          <Input value={asked} onChange={(e) => setAsked(e.target.value)} placeholder="tool hours, Ht, 5.1" />
        </Field.Root>
        <Text role="status" textStyle="label" pb="1.5">
          {count} of {all} equations
        </Text>
        <HStack as="nav" aria-label="Subjects" gap="4" pb="1.5">
          {shown.map((s) => (
            <FileLink key={s.id} href={`#${s.id}`}>
              {s.title}
            </FileLink>
          ))}
        </HStack>
      </HStack>
      {count === 0 && (
        <EmptyState.Root>
          <EmptyState.Content>
            <EmptyState.Title>No equation matches “{wanted}”</EmptyState.Title>
            <EmptyState.Description>
              Titles, numbers, symbols, meanings and rate names are searched.
            </EmptyState.Description>
          </EmptyState.Content>
        </EmptyState.Root>
      )}
      {shown.map((s) => (
        <Stack key={s.id} gap="5">
          <Heading as="h2" id={s.id} size="md" mt="3">
            {s.title}
          </Heading>
          {s.equations.map((e) => (
            <EquationCard key={e.anchor} e={e} model={s.model} />
          ))}
        </Stack>
      ))}
    </Stack>
  );
}

function EquationCard({ e, model }: { readonly e: ModelEquation; readonly model: string }) {
  return (
    <Box
      as="article"
      id={e.anchor}
      scrollMarginTop="4"
      borderTop="1px solid"
      borderColor="border"
      pt="2"
      css={{ '&:target': { borderTopColor: INK.hot, borderTopWidth: '2px' } }}
    >
      <HStack justify="space-between" align="baseline" wrap="wrap">
        <Heading as="h3">
          {e.title}{' '}
          <Text as="span" fontWeight="normal" color="fg.muted">
            {e.unit === '–' ? 'no unit' : e.unit}
          </Text>
        </Heading>
        <Text textStyle="label" color="fg.muted">
          {model} {e.number}
        </Text>
      </HStack>
      <Stack gap="1" my="2" align="start">
        {e.forms.map((form) => (
          <Code key={form} bg="bg.subtle" px="1.5" whiteSpace="pre-wrap">
            {pretty(form)}
          </Code>
        ))}
      </Stack>
      {e.symbols.length > 0 && (
        <Table.Root
          size="sm"
          variant="line"
          tableLayout={{ base: 'auto', md: 'fixed' }}
          css={{
            '& td, & th': { paddingBlock: '3px', paddingInlineStart: 0 },
            '& tr:last-child td': { borderBottomWidth: 0 },
          }}
        >
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader w={{ md: '90px' }}>Symbol</Table.ColumnHeader>
              <Table.ColumnHeader>Meaning</Table.ColumnHeader>
              <Table.ColumnHeader w={{ md: '170px' }}>Unit</Table.ColumnHeader>
              <Table.ColumnHeader w={{ md: '200px' }}>Source</Table.ColumnHeader>
              <Table.ColumnHeader w={{ md: '290px' }} hideBelow="md">
                Path
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {e.symbols.map((s) => (
              <SymbolRow key={s.symbol} s={s} />
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Box>
  );
}

function SymbolRow({ s }: { readonly s: ModelSymbol }) {
  const basis = s.basis.flatMap((b) =>
    b in BASIS_WORDS ? [BASIS_WORDS[b as keyof typeof BASIS_WORDS].split(',')[0]] : [],
  );
  return (
    <Table.Row>
      <Table.Cell fontFamily="mono" pe="2">
        {pretty(s.symbol)}
      </Table.Cell>
      <Table.Cell>{s.opens === '' ? s.meaning : <FileLink href={`#${s.opens}`}>{s.meaning}</FileLink>}</Table.Cell>
      <Table.Cell color={s.unit === '–' ? 'fg.muted' : undefined}>{s.unit === '–' ? 'none' : s.unit}</Table.Cell>
      <Table.Cell>
        {s.source === 'several' ? 'by the case' : SOURCE_WORDS[s.source]}
        {basis.length > 0 && (
          <Text as="span" color="fg.muted">
            {' '}
            {basis.join(', ')}
          </Text>
        )}
      </Table.Cell>
      <Table.Cell textStyle="mono" color="fg.muted" overflowWrap="anywhere" hideBelow="md">
        {s.path}
      </Table.Cell>
    </Table.Row>
  );
}
