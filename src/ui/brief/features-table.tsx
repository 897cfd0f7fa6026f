'use client';
import { Table } from '@chakra-ui/react';
import { useFieldArray } from 'react-hook-form';
import { OPERATION_WORDS } from '@/core/brief';
import { toStored } from '@/core/base/units';
import { unitOf } from '../fields/numbers';
import { useUnits } from '../preferences';
import { ChoiceEntry, EntryTable, FigureEntry, RemoveEntry, tableIssues, TickEntry, WordsEntry } from './entry-table';
import { useBriefForm } from './form-context';
import { nextId, pastedFeatures } from './paste';

/** Ticks of a toleranced dimension: field, head, and what it means in a sentence. */
const TICKS = [
  ['acrossParting', 'Across parting', 'across the parting'],
  ['acrossCore', 'By a core', 'made by a core'],
  ['mayMachine', 'May be machined', 'may be machined'],
  ['mustMachine', 'Must be machined', 'must be machined'],
  ['critical', 'Critical', 'critical'],
] as const;

const KINDS = OPERATION_WORDS.map((kind) => [kind, kind] as const);

/** Toleranced dimensions. */
export function FeaturesTable() {
  const { control, issues, getValues } = useBriefForm();
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
  const paste = (text: string): boolean => {
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
  };
  return (
    <EntryTable
      label="Toleranced dimensions"
      heads={[
        ['Name'],
        ['Kind'],
        [`Nominal, ${mm}`, 'figure'],
        [`Total tolerance, ${mm}`, 'figure'],
        ...TICKS.map(([, head]) => [head, 'tick'] as const),
        [`Area machined, ${unitOf('area', units)}`, 'figure'],
        [`Depth, ${mm}`, 'figure'],
        ['Count', 'figure'],
        [`Ra, ${unitOf('roughness', units)}`, 'figure'],
        [''],
      ]}
      empty="None yet: the tolerance column judges the skin alone."
      addName="Add a dimension"
      issues={tableIssues(issues, 'features')}
      onAdd={() => append(blank())}
      onPaste={paste}
      rows={fields.map((field, i) => {
        const path = (name: string): string => `features.${i}.${name}`;
        const row = `Row ${i + 1}`;
        return (
          <Table.Row key={field.id}>
            <WordsEntry label={`${row}, name`} path={path('name')} />
            <ChoiceEntry label={`${row}, kind`} path={path('kind')} options={KINDS} />
            <FigureEntry row={row} name="nominal" path={path('nominal_mm')} dimension="length" />
            <FigureEntry row={row} name="total tolerance" path={path('tol_mm')} dimension="length" />
            {TICKS.map(([name, , words]) => (
              <TickEntry key={name} label={`${row}, ${words}`} path={path(name)} />
            ))}
            <FigureEntry row={row} name="area machined" path={path('area_cm2')} dimension="area" />
            <FigureEntry row={row} name="depth" path={path('depth_mm')} dimension="length" />
            <FigureEntry row={row} name="count" path={path('count')} />
            <FigureEntry row={row} name="Ra" path={path('Ra_um')} dimension="roughness" />
            <RemoveEntry label={`Remove row ${i + 1}`} onRemove={() => remove(i)} />
          </Table.Row>
        );
      })}
    />
  );
}
