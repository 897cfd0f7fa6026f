'use client';
import { Input } from '@chakra-ui/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { whenTouched } from '../late';
import type { SearchChoiceProps, SearchOption } from './search-options';

interface Fetched {
  readonly Combobox: typeof import('./search-combobox').SearchCombobox;
  readonly options: readonly SearchOption[];
}

/**
 * One of many, found by typing a part of its name. The list and what searches it are fetched when the page is first
 * touched, or the field is entered; until then the field shows what is chosen.
 */
export function SearchChoice({ load, name, ...rest }: SearchChoiceProps) {
  const [fetched, setFetched] = useState<Fetched | null>(null);
  const [begun, setBegun] = useState(false);
  const asking = useRef(false);
  const ask = useCallback(() => {
    if (asking.current) return;
    asking.current = true;
    Promise.all([import('./search-combobox'), load()]).then(
      ([{ SearchCombobox: Combobox }, options]) => setFetched({ Combobox, options }),
      // The next entry asks again.
      () => (asking.current = false),
    );
  }, [load]);
  useEffect(() => whenTouched(ask), [ask]);
  if (fetched !== null) return <fetched.Combobox {...rest} options={fetched.options} begun={begun} />;
  const { id, label, describedBy, bad = false, placeholder } = rest;
  const enter = (): void => {
    setBegun(true);
    ask();
  };
  return (
    <Input
      id={id}
      role="combobox"
      aria-expanded={false}
      aria-label={label}
      aria-describedby={describedBy}
      aria-invalid={bad}
      readOnly
      value={name ?? ''}
      placeholder={placeholder}
      onFocus={enter}
    />
  );
}
