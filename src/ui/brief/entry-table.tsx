'use client';
import { Button, IconButton, Input, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { ClipboardEvent, ReactNode } from 'react';
import { useController } from 'react-hook-form';
import type { Dimension } from '@/core/base/units';
import { FigureInput } from '../fields/figure-input';
import { CheckBox, Choice, type Option } from '../kit';
import { useBriefForm } from './form-context';
import { useTableKeys } from './use-table-keys';

/** A head of an entry table: its words, and whether figures stand under it. */
export type EntryHead = readonly [title: string, kind?: 'figure' | 'tick'];

/** A table that is typed into row by row, or pasted into from a spreadsheet. */
export function EntryTable({
  label,
  heads,
  rows,
  onAdd,
  onPaste,
  addName,
  empty,
  issues,
}: {
  readonly label: string;
  readonly heads: readonly EntryHead[];
  readonly rows: readonly ReactNode[];
  readonly onAdd: () => void;
  readonly onPaste: (text: string) => boolean;
  readonly addName: string;
  readonly empty: string;
  readonly issues: readonly string[];
}) {
  const { table, onKeyDown } = useTableKeys(onAdd);
  const paste = (event: ClipboardEvent): void => {
    if (onPaste(event.clipboardData.getData('text/plain'))) event.preventDefault();
  };
  return (
    <div onPaste={paste}>
      {rows.length > 0 && (
        <Table.ScrollArea>
          <Table.Root size="sm" width="auto" ref={table} onKeyDown={onKeyDown} aria-label={label}>
            <Table.Header>
              <Table.Row>
                {heads.map(([title, kind]) => (
                  <Table.ColumnHeader
                    key={title}
                    scope="col"
                    whiteSpace="normal"
                    verticalAlign="bottom"
                    textAlign={kind === 'figure' ? 'end' : kind === 'tick' ? 'center' : 'start'}
                  >
                    {title || <VisuallyHidden>Remove</VisuallyHidden>}
                  </Table.ColumnHeader>
                ))}
              </Table.Row>
            </Table.Header>
            <Table.Body>{rows}</Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
      {rows.length === 0 && <Text color="fg.muted">{empty}</Text>}
      {issues.map((issue) => (
        <Text key={issue} textStyle="label" color="alarm" role="alert">
          ▲ {issue}
        </Text>
      ))}
      <Button size="xs" mt="2" onClick={onAdd}>
        {addName}
      </Button>{' '}
      <Span textStyle="label" color="fg.muted">
        Enter adds a row. Cells copied from a spreadsheet can be pasted.
      </Span>
    </div>
  );
}

/** One figure of a row. */
export function FigureEntry({
  row,
  name,
  path,
  dimension = null,
}: {
  readonly row: string;
  readonly name: string;
  readonly path: string;
  readonly dimension?: Dimension | null;
}) {
  const { issues } = useBriefForm();
  return (
    <Table.Cell minW="4.75rem">
      <FigureInput label={`${row}, ${name}`} path={path} dimension={dimension} bad={issues.has(path)} />
    </Table.Cell>
  );
}

/** Words of a row. */
export function WordsEntry({ label, path }: { readonly label: string; readonly path: string }) {
  const { register } = useBriefForm();
  return (
    <Table.Cell minW="9rem">
      <Input variant="flushed" aria-label={label} autoComplete="off" {...register(path)} />
    </Table.Cell>
  );
}

/** A choice of a row. */
export function ChoiceEntry({
  label,
  path,
  options,
}: {
  readonly label: string;
  readonly path: string;
  readonly options: readonly Option[];
}) {
  const { register } = useBriefForm();
  return (
    <Table.Cell minW="4.75rem">
      <Choice variant="plain" aria-label={label} options={options} {...register(path)} />
    </Table.Cell>
  );
}

/** A tick of a row. */
export function TickEntry({ label, path }: { readonly label: string; readonly path: string }) {
  const { control } = useBriefForm();
  const { field } = useController({ name: path, control });
  return (
    <Table.Cell textAlign="center">
      <CheckBox
        label={label}
        checked={field.value === true}
        onChange={field.onChange}
        onBlur={field.onBlur}
        inputRef={field.ref}
      />
    </Table.Cell>
  );
}

/** The way to take a row out. */
export function RemoveEntry({ label, onRemove }: { readonly label: string; readonly onRemove: () => void }) {
  return (
    <Table.Cell>
      <IconButton size="xs" variant="ghost" aria-label={label} title="Remove" onClick={onRemove}>
        <X size={14} />
      </IconButton>
    </Table.Cell>
  );
}

/** What is wrong in a table's rows, as sentences that name the row. */
export function tableIssues(issues: ReadonlyMap<string, string>, table: string): string[] {
  return [...issues]
    .filter(([path]) => path.startsWith(`${table}.`))
    .map(([path, text]) => `Row ${Number(path.split('.')[1]) + 1}: ${text}`);
}
