import { IconButton, Input, Table, VisuallyHidden } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { significant } from '../format';
import { TextButton, Unit } from '../kit';
import type { TypedLink } from './calculator-store';
import type { ChainOutcome } from './use-chain';

/** The rates of a chain, a row each, with what it has come to after each. */
export function ChainTable({
  title,
  links,
  result,
  onChange,
}: {
  readonly title: string;
  readonly links: readonly TypedLink[];
  readonly result: ChainOutcome;
  readonly onChange: (links: readonly TypedLink[]) => void;
}) {
  const done = 'words' in result ? null : result;
  const edit = (i: number, part: Partial<TypedLink>): void =>
    onChange(links.map((l, at) => (at === i ? { ...l, ...part } : l)));
  return (
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
                  onClick={() => onChange(links.filter((_, at) => at !== i))}
                >
                  <X size={13} />
                </IconButton>
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
