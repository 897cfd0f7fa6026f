'use client';
import { Table } from '@chakra-ui/react';
import { useFieldArray } from 'react-hook-form';
import { toStored } from '@/core/base/units';
import { unitOf } from '../fields/numbers';
import { useUnits } from '../preferences';
import { EntryTable, FigureEntry, RemoveEntry, tableIssues, TickEntry } from './entry-table';
import { useBriefForm } from './form-context';
import { pastedHoles } from './paste';

/** Patterns of like holes. */
export function HolesTable() {
  const { control, issues } = useBriefForm();
  const { fields, append, remove } = useFieldArray({ control, name: 'holes' });
  const [units] = useUnits();
  const mm = unitOf('length', units);
  return (
    <EntryTable
      label="Holes"
      heads={[
        [`Diameter or thread, ${mm}`, 'figure'],
        [`Depth, ${mm}`, 'figure'],
        ['Count', 'figure'],
        ['Threaded', 'tick'],
        ['Through', 'tick'],
        [`Total tolerance, ${mm}`, 'figure'],
        [''],
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
            <FigureEntry row={row} name="diameter" path={path('dia_mm')} dimension="length" />
            <FigureEntry row={row} name="depth" path={path('depth_mm')} dimension="length" />
            <FigureEntry row={row} name="count" path={path('count')} />
            <TickEntry label={`${row}, threaded`} path={path('thread')} />
            <TickEntry label={`${row}, through`} path={path('through')} />
            <FigureEntry row={row} name="tolerance" path={path('tol_mm')} dimension="length" />
            <RemoveEntry label={`Remove holes ${i + 1}`} onRemove={() => remove(i)} />
          </Table.Row>
        );
      })}
    />
  );
}
