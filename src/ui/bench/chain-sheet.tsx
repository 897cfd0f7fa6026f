'use client';
import { Button, IconButton, Input, Span, Table, VisuallyHidden } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { Section, TextButton, Unit } from '../kit';
import { useEffect, useMemo, useState } from 'react';
import { runChain, type ChainResult, type Link } from '@/core/comparison/bench';
import { CoreError } from '@/core/base/errors';
import { keepHere, keptHere } from '../browser-store';
import { significant } from '../format';
import { FillFrom } from './fill-from';
import { ResultLine } from './result-line';
import { isTypedLinks, readTyped, typedLinks, type TypedLink } from './bench-store';

export interface Filling {
  readonly from: string;
  readonly links: readonly Link[];
}

/** A product of rates: each with its unit, what it has come to after each, and whether it ends in the unit wanted. */
export function ChainSheet({
  id,
  title,
  want,
  start,
  fillings,
  onResult,
}: {
  readonly id: string;
  readonly title: string;
  /** Unit the product should have. */
  readonly want: string;
  readonly start: readonly Link[];
  readonly fillings: readonly Filling[];
  readonly onResult?: ((value: number | null) => void) | undefined;
}) {
  const [links, setLinks] = useState<readonly TypedLink[]>(() => typedLinks(start));
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(`bench-${id}`, isTypedLinks);
        if (kept !== null) setLinks(kept);
      }),
    [id],
  );
  const change = (next: readonly TypedLink[]): void => {
    setLinks(next);
    keepHere(`bench-${id}`, next);
  };
  const result = useMemo((): ChainResult | { readonly at: string; readonly words: string } => {
    try {
      return runChain(
        links.map((l) => ({ ...l, value: readTyped(l.value) })),
        want,
      );
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      const row = Number(/^links\[(\d+)\]/.exec(error.issue.field)?.[1] ?? 0);
      const what = error.issue.field.endsWith('unit') ? 'unit' : 'value';
      const given = what === 'unit' ? links[row]?.unit : links[row]?.value;
      return {
        at: `${row}.${what}`,
        words: `Row ${row + 1}, ${what} “${given ?? ''}”: ${error.issue.accepted} is wanted.`,
      };
    }
  }, [links, want]);
  const done = 'words' in result ? null : result;
  const value = done !== null && done.leftOver === '' ? done.value : null;
  useEffect(() => onResult?.(value), [onResult, value]);
  const edit = (i: number, part: Partial<TypedLink>): void =>
    change(links.map((l, at) => (at === i ? { ...l, ...part } : l)));
  return (
    <Section title={title} under={`in ${want}`} aria-label={title}>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label={title}>
          <colgroup>
            <col />
            <col style={{ width: 26 }} />
            <col style={{ width: 78 }} />
            <col style={{ width: 118 }} />
            <col style={{ width: 136 }} />
            <col style={{ width: 58 }} />
          </colgroup>
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Rate</Table.ColumnHeader>
              <Table.ColumnHeader>
                <VisuallyHidden>Multiply or divide</VisuallyHidden>
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num">Value</Table.ColumnHeader>
              <Table.ColumnHeader>Unit</Table.ColumnHeader>
              <Table.ColumnHeader className="num">So far</Table.ColumnHeader>
              <Table.ColumnHeader>
                <VisuallyHidden>Remove</VisuallyHidden>
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {links.map((l, i) => (
              <Table.Row key={i}>
                <Table.Cell>
                  <Input
                    variant="flushed"
                    aria-label={`${title}, row ${i + 1}, rate`}
                    value={l.name}
                    title={l.name}
                    onChange={(e) => edit(i, { name: e.target.value })}
                  />
                </Table.Cell>
                <Table.Cell>
                  <TextButton
                    size="sm"
                    aria-label={`${title}, row ${i + 1}: ${l.by === 'times' ? 'multiplied; divide instead' : 'divided; multiply instead'}`}
                    onClick={() => edit(i, { by: l.by === 'times' ? 'over' : 'times' })}
                  >
                    {l.by === 'times' ? '×' : '÷'}
                  </TextButton>
                </Table.Cell>
                <Table.Cell className="num">
                  <Input
                    variant="flushed"
                    textAlign="end"
                    inputMode="decimal"
                    aria-label={`${title}, row ${i + 1}, value`}
                    aria-invalid={'at' in result && result.at === `${i}.value`}
                    value={l.value}
                    onChange={(e) => edit(i, { value: e.target.value })}
                  />
                </Table.Cell>
                <Table.Cell>
                  <Input
                    variant="flushed"
                    aria-label={`${title}, row ${i + 1}, unit`}
                    aria-invalid={'at' in result && result.at === `${i}.unit`}
                    value={l.unit}
                    onChange={(e) => edit(i, { unit: e.target.value })}
                  />
                </Table.Cell>
                <Table.Cell className="num">
                  {done?.steps[i] !== undefined && (
                    <>
                      {significant(done.steps[i].value, 5)} <Unit>{done.steps[i].unit}</Unit>
                    </>
                  )}
                </Table.Cell>
                <Table.Cell>
                  <IconButton
                    size="xs"
                    variant="ghost"
                    disabled={links.length === 1}
                    aria-label={`${title}, remove row ${i + 1}`}
                    onClick={() => change(links.filter((_, at) => at !== i))}
                  >
                    <X size={13} />
                  </IconButton>
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <ResultLine
        title={title}
        actions={
          <>
            <Button size="xs" onClick={() => change([...links, { name: '', value: '1', unit: '1', by: 'times' }])}>
              Add a rate
            </Button>
            <FillFrom
              title={title}
              names={fillings.map((f) => f.from)}
              onPick={(i) => change(typedLinks(fillings[i]?.links ?? []))}
            />
          </>
        }
      >
        {'words' in result ? (
          <Span color="alarm">{result.words}</Span>
        ) : result.leftOver !== '' ? (
          <Span color="alarm">
            {significant(result.value, 5)} {result.unit}, not {want}: {result.leftOver} does not cancel. A rate is
            missing or inverted.
          </Span>
        ) : (
          <>
            <strong>{significant(result.value, 5)}</strong> <Unit>{want}</Unit>
          </>
        )}
      </ResultLine>
    </Section>
  );
}
