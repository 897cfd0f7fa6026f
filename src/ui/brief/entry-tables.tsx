'use client';
import { TextButton } from '../kit';
import { Button, Input, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import { useRef, type ClipboardEvent, type KeyboardEvent, type ReactNode } from 'react';
import { useFieldArray } from 'react-hook-form';
import { OPERATION_WORDS } from '@/core/brief';
import { toStored, type Dimension } from '@/core/base/units';
import { NumberInput } from '../fields/inputs';
import { unitOf } from '../fields/numbers';
import { useUnits } from '../preferences';
import { useBriefForm } from './form-context';
import { nextId, pastedFeatures, pastedHoles } from './paste';

/** Arrow up and down keep the column, Enter goes down and makes a row at the end. */
function useTableKeys(addRow: () => void) {
  const table = useRef<HTMLTableElement>(null);
  const onKeyDown = (event: KeyboardEvent<HTMLTableElement>): void => {
    const target = event.target as HTMLElement;
    const cell = target.closest('td');
    const row = cell?.closest('tr');
    if (cell == null || row == null || target.tagName === 'SELECT') return;
    const step = event.key === 'ArrowDown' || event.key === 'Enter' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step === 0 || (target.tagName === 'BUTTON' && event.key === 'Enter')) return;
    const rows = [...(row.parentElement?.children ?? [])];
    const next = rows[rows.indexOf(row) + step];
    const at = [...row.children].indexOf(cell);
    event.preventDefault();
    if (next !== undefined) (next.children[at]?.querySelector('input, select') as HTMLElement | null)?.focus();
    else if (event.key === 'Enter') {
      addRow();
      requestAnimationFrame(() =>
        (table.current?.tBodies[0]?.lastElementChild?.querySelector('input') as HTMLElement | null)?.focus(),
      );
    }
  };
  return { table, onKeyDown };
}

function EntryTable({
  label,
  heads,
  rows,
  onAdd,
  onPaste,
  addName,
  empty,
  issues,
}: {
  label: string;
  heads: readonly string[];
  rows: readonly ReactNode[];
  onAdd: () => void;
  onPaste: (text: string) => boolean;
  addName: string;
  empty: string;
  issues: readonly string[];
}) {
  const { table, onKeyDown } = useTableKeys(onAdd);
  const paste = (event: ClipboardEvent): void => {
    if (onPaste(event.clipboardData.getData('text/plain'))) event.preventDefault();
  };
  return (
    <div onPaste={paste}>
      <Table.ScrollArea>
        <Table.Root className="entry-table" ref={table} onKeyDown={onKeyDown} aria-label={label}>
          <Table.Header>
            <Table.Row>
              {heads.map((head) => (
                <Table.ColumnHeader key={head} scope="col" className={/, |How many/.test(head) ? 'num' : undefined}>
                  {head || <VisuallyHidden>Remove</VisuallyHidden>}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>{rows}</Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      {rows.length === 0 && (
        <Text textStyle="label" color="fg.muted">
          {empty}
        </Text>
      )}
      {issues.map((issue) => (
        <p key={issue} className="field">
          <Span color="alarm" role="alert">
            {issue}
          </Span>
        </p>
      ))}
      <Button size="xs" variant="outline" mt="2" onClick={onAdd}>
        {addName}
      </Button>{' '}
      <Span textStyle="label" color="fg.muted">
        Enter makes a row; a block copied from a spreadsheet can be pasted here.
      </Span>
    </div>
  );
}

/** One figure of a row. */
function FigureCell({
  row,
  name,
  path,
  dimension = null,
  width,
}: {
  row: string;
  name: string;
  path: string;
  dimension?: Dimension | null;
  width?: number;
}) {
  const { issues } = useBriefForm();
  return (
    <Table.Cell style={width === undefined ? undefined : { width }}>
      <NumberInput label={`${row}, ${name}`} path={path} dimension={dimension} bad={issues.has(path)} />
    </Table.Cell>
  );
}

/** What is wrong in a table's rows, as sentences that name the row. */
function tableIssues(issues: ReadonlyMap<string, string>, table: string): string[] {
  return [...issues]
    .filter(([path]) => path.startsWith(`${table}.`))
    .map(([path, text]) => `Row ${Number(path.split('.')[1]) + 1}: ${text}`);
}

/** What the ticks of a toleranced dimension mean. */
const TICKS = {
  acrossParting: 'across the parting',
  acrossCore: 'made by a core',
  mayMachine: 'may be cut',
  mustMachine: 'must be cut',
  critical: 'critical',
} as const;

/** Toleranced dimensions. */
export function FeaturesTable() {
  const { control, register, issues, getValues } = useBriefForm();
  const { fields, append, remove } = useFieldArray({ control, name: 'features' });
  const [units] = useUnits();
  const mm = unitOf('length', units);
  const ids = (): string[] => ((getValues('features') ?? []) as { id: string }[]).map((f) => f.id);
  const blank = (): Record<string, unknown> => ({
    id: nextId(ids()),
    name: '',
    kind: 'dim',
    nominal_mm: null,
    tol_mm: null,
    acrossParting: false,
    acrossCore: false,
    mayMachine: true,
    mustMachine: false,
  });
  return (
    <EntryTable
      label="Toleranced dimensions"
      heads={[
        'Name',
        'Kind',
        `Nominal, ${mm}`,
        `Total tolerance, ${mm}`,
        'Across parting',
        'By a core',
        'May be cut',
        'Must be cut',
        'Critical',
        `Area cut, ${unitOf('area', units)}`,
        `Depth, ${mm}`,
        'How many',
        `Ra, ${unitOf('roughness', units)}`,
        '',
      ]}
      empty="No toleranced dimension yet: nothing is judged in the tolerance column but the skin."
      addName="Add a dimension"
      issues={tableIssues(issues, 'features')}
      onAdd={() => append(blank())}
      onPaste={(text) => {
        const rows = pastedFeatures(
          text,
          (x) => toStored(x, 'length', units),
          (x) => toStored(x, 'area', units),
        );
        if (rows === null) return false;
        const used = ids();
        append(
          rows.map((row) => {
            const id = nextId(used);
            used.push(id);
            return { id, ...row };
          }),
        );
        return true;
      }}
      rows={fields.map((field, i) => {
        const path = (name: string): string => `features.${i}.${name}`;
        const row = `Row ${i + 1}`;
        return (
          <Table.Row key={field.id}>
            <Table.Cell style={{ minWidth: 150 }}>
              <Input aria-label={`${row}, name`} autoComplete="off" {...register(path('name'))} />
            </Table.Cell>
            <Table.Cell style={{ minWidth: 78 }}>
              <select aria-label={`${row}, kind`} {...register(path('kind'))}>
                {OPERATION_WORDS.map((kind) => (
                  <option key={kind} value={kind}>
                    {kind}
                  </option>
                ))}
              </select>
            </Table.Cell>
            <FigureCell row={row} name="nominal" path={path('nominal_mm')} dimension="length" />
            <FigureCell row={row} name="total tolerance" path={path('tol_mm')} dimension="length" />
            {(['acrossParting', 'acrossCore', 'mayMachine', 'mustMachine', 'critical'] as const).map((name) => (
              <Table.Cell key={name} style={{ textAlign: 'center' }}>
                <input
                  type="checkbox"
                  style={{ width: 18, height: 18 }}
                  aria-label={`${row}, ${TICKS[name]}`}
                  {...register(path(name))}
                />
              </Table.Cell>
            ))}
            <FigureCell row={row} name="area cut" path={path('area_cm2')} dimension="area" />
            <FigureCell row={row} name="depth" path={path('depth_mm')} dimension="length" />
            <FigureCell row={row} name="how many" path={path('count')} width={70} />
            <FigureCell row={row} name="Ra" path={path('Ra_um')} dimension="roughness" width={70} />
            <Table.Cell>
              <TextButton size="xs" onClick={() => remove(i)} aria-label={`Remove row ${i + 1}`}>
                remove
              </TextButton>
            </Table.Cell>
          </Table.Row>
        );
      })}
    />
  );
}

/** Patterns of like holes. */
export function HolesTable() {
  const { control, register, issues } = useBriefForm();
  const { fields, append, remove } = useFieldArray({ control, name: 'holes' });
  const [units] = useUnits();
  const mm = unitOf('length', units);
  return (
    <EntryTable
      label="Holes"
      heads={[
        `Diameter or thread, ${mm}`,
        `Depth, ${mm}`,
        'How many',
        'Threaded',
        'Right through',
        `Total tolerance, ${mm}`,
        '',
      ]}
      empty="No hole yet."
      addName="Add holes"
      issues={tableIssues(issues, 'holes')}
      onAdd={() => append({ dia_mm: null, depth_mm: null, count: 1, thread: false, through: true })}
      onPaste={(text) => {
        const rows = pastedHoles(text, (x) => toStored(x, 'length', units));
        if (rows === null) return false;
        append(rows);
        return true;
      }}
      rows={fields.map((field, i) => {
        const path = (name: string): string => `holes.${i}.${name}`;
        const row = `Holes ${i + 1}`;
        return (
          <Table.Row key={field.id}>
            <FigureCell row={row} name="diameter" path={path('dia_mm')} dimension="length" />
            <FigureCell row={row} name="depth" path={path('depth_mm')} dimension="length" />
            <FigureCell row={row} name="how many" path={path('count')} width={90} />
            {(['thread', 'through'] as const).map((name) => (
              <Table.Cell key={name} style={{ textAlign: 'center' }}>
                <input
                  type="checkbox"
                  style={{ width: 18, height: 18 }}
                  aria-label={`${row}, ${name === 'thread' ? 'threaded' : 'right through'}`}
                  {...register(path(name))}
                />
              </Table.Cell>
            ))}
            <FigureCell row={row} name="tolerance" path={path('tol_mm')} dimension="length" />
            <Table.Cell>
              <TextButton size="xs" onClick={() => remove(i)} aria-label={`Remove holes ${i + 1}`}>
                remove
              </TextButton>
            </Table.Cell>
          </Table.Row>
        );
      })}
    />
  );
}
