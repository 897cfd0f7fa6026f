'use client';
import { Button, Span } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { FILE_KINDS, LENGTH_UNITS, MM_PER_UNIT, type LengthUnit } from '@/core/part-file/readers';
import { significant } from '../format';
import { FILE_HELP } from './words';

const NAMES: Readonly<Record<LengthUnit, string>> = {
  um: 'micrometres',
  mm: 'millimetres',
  cm: 'centimetres',
  m: 'metres',
  in: 'inches',
  ft: 'feet',
};

/** Where a part file is dropped or chosen, and where its unit is asked for. */
export function DropFile({
  compact,
  asksUnit,
  busy,
  onFile,
  onUnit,
}: {
  readonly compact: boolean;
  readonly asksUnit: { readonly size: Vec; readonly likely: LengthUnit } | null;
  readonly busy: boolean;
  readonly onFile: (file: File) => void;
  readonly onUnit: (unit: LengthUnit) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  return (
    <section
      className={`section drop-file${over ? ' is-over' : ''}${compact ? ' is-compact' : ''}`}
      aria-label="Part file"
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        const file = e.dataTransfer.files[0];
        if (file !== undefined) onFile(file);
      }}
    >
      <p>
        <Button
          size="xs"
          variant={compact ? 'outline' : 'solid'}
          disabled={busy}
          onClick={() => input.current?.click()}
        >
          {compact ? 'Another file' : 'Choose a part file'}
        </Button>{' '}
        <Span color="fg.muted" textStyle="label">
          or drop it here. {FILE_HELP}
        </Span>
      </p>
      <input
        ref={input}
        type="file"
        accept={FILE_KINDS.flatMap(({ endings }) => endings.map((ending) => `.${ending}`)).join(',')}
        aria-label="Part file"
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file !== undefined) onFile(file);
          e.target.value = '';
        }}
      />
      {asksUnit !== null && (
        <fieldset className="unit-choice" data-testid="unit-choice">
          <legend>This kind of file names no unit. What was it drawn in?</legend>
          {LENGTH_UNITS.map((unit) => (
            <button
              key={unit}
              type="button"
              className={unit === asksUnit.likely ? 'unit is-likely' : 'unit'}
              onClick={() => onUnit(unit)}
            >
              <b>{NAMES[unit]}</b>
              <Span className="num" textStyle="label">
                {sized(asksUnit.size, MM_PER_UNIT[unit])} mm
              </Span>
              <Span className="num" textStyle="label" color="fg.muted">
                {sized(asksUnit.size, MM_PER_UNIT[unit] / 25.4)} in
              </Span>
              {unit === asksUnit.likely && <Span textStyle="label">most likely, by its size</Span>}
            </button>
          ))}
        </fieldset>
      )}
    </section>
  );
}

const sized = (size: Vec, factor: number): string =>
  size.map((x) => significant(x * factor, x * factor < 1 ? 3 : 4)).join(' × ');
