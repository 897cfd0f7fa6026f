'use client';
import { Input } from '@chakra-ui/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { whenTouched } from '../late';
import type { SearchChoiceProps, SearchOption } from './search-options';

interface Fetched {
  readonly Combobox: typeof import('./search-combobox').SearchCombobox;
  readonly options: readonly SearchOption[];
}

/** What was fetched before, by what fetches it: a list that is shown again stands at once. */
const KEPT = new WeakMap<SearchChoiceProps['load'], Fetched>();

/**
 * One of many, found by typing a part of its name. The list and what searches it are fetched when the page is first
 * touched, or the field is entered; until then the field shows what is chosen, and keeps what is typed.
 */
export function SearchChoice({ load, name, ...rest }: SearchChoiceProps) {
  const [fetched, setFetched] = useState(() => KEPT.get(load) ?? null);
  /** What was typed before the list came; null where the field was not entered. */
  const [typed, setTyped] = useState<string | null>(null);
  const asking = useRef(false);
  const ask = useCallback(() => {
    if (asking.current) return;
    asking.current = true;
    Promise.all([import('./search-combobox'), load()]).then(
      ([{ SearchCombobox: Combobox }, options]) => {
        const all = { Combobox, options };
        KEPT.set(load, all);
        setFetched(all);
      },
      // The next entry asks again.
      () => (asking.current = false),
    );
  }, [load]);
  useEffect(() => whenTouched(ask), [ask]);
  if (fetched !== null) return <fetched.Combobox {...rest} options={fetched.options} typed={typed} />;
  const { id, label, describedBy, bad = false, placeholder } = rest;
  return (
    <Input
      id={id}
      role="combobox"
      aria-expanded={false}
      aria-label={label}
      aria-describedby={describedBy}
      aria-invalid={bad}
      value={typed === null || typed === '' ? (name ?? '') : typed}
      placeholder={placeholder}
      onFocus={(event) => {
        event.currentTarget.select();
        setTyped((before) => before ?? '');
        ask();
      }}
      onChange={(event) => setTyped(event.target.value)}
    />
  );
}
