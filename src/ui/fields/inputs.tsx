'use client';
import { Box, Input, Textarea } from '@chakra-ui/react';
import { useId, useState, type ReactNode } from 'react';
import { useController } from 'react-hook-form';
import type { Origin } from '@/core/part-file/measured';
import { DATE_WANTED } from '@/core/base/plain-date';
import type { Dimension } from '@/core/base/units';
import { useBriefForm } from '../brief/form-context';
import { useUnits } from '../preferences';
import { readFigure, showFigure, unitOf, type Typed } from './numbers';
import { HALF_DATE, PlainDateInput } from './plain-date-input';

interface FieldProps {
  readonly path: string;
  readonly label: string;
  /** Why the value matters, in a line. */
  readonly help?: string;
}

/** Frame of a field: label, mark of an unconfirmed default, help, and what is wrong. */
export function Field({
  path,
  label,
  help,
  children,
  group = false,
  problem,
}: FieldProps & {
  children: (id: string, describedBy: string | undefined, bad: boolean) => ReactNode;
  group?: boolean;
  /** What is wrong with what stands in the field and was not taken; goes before what is wrong with its value. */
  problem?: string | undefined;
}) {
  const { issues, assumed, confirm, originOf, remarkOf } = useBriefForm();
  const id = useId();
  const origin = originOf(path);
  const remark = origin === null ? undefined : remarkOf(path);
  const issue = problem ?? issues.get(path) ?? [...issues].find(([p]) => p.startsWith(`${path}.`))?.[1];
  const described = issue !== undefined ? `${id}-bad` : help !== undefined ? `${id}-help` : undefined;
  return (
    <div
      className="field"
      id={`field-${path.replaceAll('.', '-')}`}
      role={group ? 'group' : undefined}
      aria-labelledby={group ? `${id}-label` : undefined}
    >
      {group ? (
        <span className="label" id={`${id}-label`}>
          {label}
          {assumed.has(path) && <AssumedTag onConfirm={() => confirm(path)} label={label} />}
          <OriginTag origin={origin} />
        </span>
      ) : (
        <span className="label">
          <label htmlFor={id}>{label}</label>
          {assumed.has(path) && <AssumedTag onConfirm={() => confirm(path)} label={label} />}
          <OriginTag origin={origin} />
        </span>
      )}
      {children(id, described, issue !== undefined)}
      {issue !== undefined && (
        <Box color="alarm" id={`${id}-bad`} role="alert">
          {issue}
        </Box>
      )}
      {remark !== undefined && <div className="help">Measured: {remark}.</div>}
      {help !== undefined && (
        <div className="help" id={`${id}-help`}>
          {help}
        </div>
      )}
    </div>
  );
}

/** Where a measured field's value comes from. */
function OriginTag({ origin }: { readonly origin: Origin | null }) {
  if (origin !== 'measured' && origin !== 'overridden') return null;
  return <span className="origin">{origin === 'measured' ? 'measured' : 'typed over the measured'}</span>;
}

function AssumedTag({ onConfirm, label }: { onConfirm: () => void; label: string }) {
  return (
    <button
      type="button"
      className="assumed"
      onClick={onConfirm}
      title="A default. Press to confirm it."
      aria-label={`${label} is a default; confirm it`}
    >
      default
    </button>
  );
}

/** A figure in the units of the screen. What cannot be read stays as typed and is shown. */
export function NumberField({
  dimension = null,
  unit,
  ...props
}: FieldProps & { dimension?: Dimension | null; unit?: string }) {
  const [units] = useUnits();
  return (
    <Field {...props}>
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          <NumberInput id={id} path={props.path} dimension={dimension} describedBy={described} bad={bad} />
          <span className="suffix">{dimension === null ? unit : unitOf(dimension, units)}</span>
        </div>
      )}
    </Field>
  );
}

/** The input of a figure, without its frame. */
export function NumberInput({
  id,
  path,
  dimension,
  describedBy,
  bad,
  label,
}: {
  id?: string;
  path: string;
  dimension: Dimension | null;
  describedBy?: string | undefined;
  bad: boolean;
  label?: string;
}) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: path, control });
  const { ref, onChange, onBlur } = field;
  const value = field.value as Typed | undefined;
  const [units] = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Input
      id={id}
      aria-label={label}
      className={label === undefined ? undefined : 'num'}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? showFigure(value, dimension, units)}
      aria-invalid={bad}
      aria-describedby={describedBy}
      ref={ref}
      onFocus={() => setTyped(showFigure(value, dimension, units))}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange(readFigure(event.target.value, dimension, units));
        confirm(path);
      }}
      onBlur={() => {
        setTyped(null);
        onBlur();
      }}
    />
  );
}

/** A line or block of text. */
export function TextField({ rows, ...props }: FieldProps & { rows?: number }) {
  const { register } = useBriefForm();
  return (
    <Field {...props}>
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          {rows === undefined ? (
            <Input
              id={id}
              aria-describedby={described}
              aria-invalid={bad}
              autoComplete="off"
              {...register(props.path)}
            />
          ) : (
            <Textarea id={id} rows={rows} aria-describedby={described} aria-invalid={bad} {...register(props.path)} />
          )}
        </div>
      )}
    </Field>
  );
}

/** A plain date, saved when it is whole. A date begun and left says so and changes nothing. */
export function DateField(props: FieldProps) {
  const { control } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  const [half, setHalf] = useState(false);
  return (
    <Field {...props} problem={half ? `${props.label}: the date is not whole; ${DATE_WANTED} is wanted.` : undefined}>
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          <PlainDateInput
            id={id}
            aria-describedby={described}
            aria-invalid={bad}
            value={(field.value as string | null) ?? ''}
            onTake={(text) => {
              setHalf(text === HALF_DATE);
              if (text !== HALF_DATE) field.onChange(text === '' ? null : text);
            }}
            inputRef={field.ref}
          />
        </div>
      )}
    </Field>
  );
}

/** A choice of words; the empty one is "not known". */
export function SelectField({
  options,
  empty,
  ...props
}: FieldProps & {
  options:
    | readonly (readonly [value: string, name: string])[]
    | readonly (readonly [group: string, options: readonly (readonly [string, string])[]])[];
  empty?: string;
}) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  return (
    <Field {...props}>
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          <select
            id={id}
            aria-describedby={described}
            aria-invalid={bad}
            value={(field.value as string | null) ?? ''}
            onChange={(e) => {
              field.onChange(e.target.value === '' ? null : e.target.value);
              confirm(props.path);
            }}
            ref={field.ref}
          >
            {empty !== undefined && <option value="">{empty}</option>}
            {options.map(([value, name]) =>
              typeof name === 'string' ? (
                <option key={value} value={value}>
                  {name}
                </option>
              ) : (
                <optgroup key={value} label={value}>
                  {name.map(([v, n]) => (
                    <option key={v} value={v}>
                      {n}
                    </option>
                  ))}
                </optgroup>
              ),
            )}
          </select>
        </div>
      )}
    </Field>
  );
}

/** Yes, no, or not said: three answers, none of them silent. */
export function AnswerField(props: FieldProps) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: props.path, control });
  const value = field.value as boolean | null;
  return (
    <Field {...props} group>
      {() => (
        <div className="toggle" role="radiogroup" aria-label={props.label}>
          {(
            [
              [true, 'yes'],
              [false, 'no'],
              [null, 'not said'],
            ] as const
          ).map(([v, name]) => (
            <button
              key={name}
              type="button"
              role="radio"
              aria-checked={value === v}
              onClick={() => {
                field.onChange(v);
                confirm(props.path);
              }}
            >
              {name}
            </button>
          ))}
        </div>
      )}
    </Field>
  );
}

/** A permission or a wish that is plainly on or off. */
export function CheckField(props: FieldProps) {
  const { register } = useBriefForm();
  return (
    <Field {...props}>
      {(id, described) => (
        <input
          id={id}
          type="checkbox"
          style={{ width: 18, height: 18, display: 'block' }}
          aria-describedby={described}
          {...register(props.path)}
        />
      )}
    </Field>
  );
}
