'use client';
import { Combobox, Portal, createListCollection } from '@chakra-ui/react';
import { Fragment, useEffect, useMemo, useRef, useState } from 'react';
import { found, grouped, type SearchChoiceProps, type SearchOption } from './search-options';

/** Options shown at most while one types. */
const MOST_SHOWN = 80;

/** One of many, found by typing a part of its name: the list and what searches it. */
export function SearchCombobox({
  id,
  label,
  options,
  value,
  placeholder,
  describedBy,
  bad = false,
  clearable = true,
  begun,
  onChange,
}: Omit<SearchChoiceProps, 'load' | 'name'> & {
  readonly options: readonly SearchOption[];
  /** Whether it was already entered: it then opens, and takes the focus. */
  readonly begun: boolean;
}) {
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (begun) input.current?.focus();
  }, [begun]);
  const [text, setText] = useState('');
  const shown = useMemo(() => found(options, text).slice(0, MOST_SHOWN), [options, text]);
  const collection = useMemo(
    () =>
      createListCollection({
        // The chosen one belongs to the list, so that its name is known, whatever is typed.
        items: [...shown, ...options.filter((o) => o.value === value && !shown.includes(o))],
        itemToString: (o) => o.label,
        itemToValue: (o) => o.value,
      }),
    [shown, options, value],
  );
  const groups = useMemo(() => grouped(shown), [shown]);
  return (
    <Combobox.Root
      collection={collection}
      value={value === null ? [] : [value]}
      {...(id === undefined ? {} : { ids: { input: id } })}
      invalid={bad}
      defaultOpen={begun}
      openOnClick
      lazyMount
      unmountOnExit
      inputBehavior="autohighlight"
      selectionBehavior="replace"
      positioning={{ sameWidth: true, placement: 'bottom-start' }}
      onInputValueChange={(e) => setText(e.reason === 'input-change' ? e.inputValue : '')}
      onOpenChange={(e) => !e.open && setText('')}
      onValueChange={(e) => onChange(e.value[0] ?? null)}
    >
      <Combobox.Control>
        <Combobox.Input ref={input} aria-label={label} aria-describedby={describedBy} placeholder={placeholder} />
        <Combobox.IndicatorGroup>
          {clearable && <Combobox.ClearTrigger aria-label="Clear" />}
          <Combobox.Trigger />
        </Combobox.IndicatorGroup>
      </Combobox.Control>
      <Portal>
        <Combobox.Positioner>
          <Combobox.Content>
            {shown.length === 0 && <Combobox.Empty>Nothing matches “{text}”.</Combobox.Empty>}
            {[...groups].map(([group, items]) => (
              <Fragment key={group}>
                <Combobox.ItemGroup>
                  <Combobox.ItemGroupLabel>{group}</Combobox.ItemGroupLabel>
                  {items.map((o) => (
                    <Combobox.Item key={o.value} item={o}>
                      <Combobox.ItemText>{o.label}</Combobox.ItemText>
                    </Combobox.Item>
                  ))}
                </Combobox.ItemGroup>
              </Fragment>
            ))}
          </Combobox.Content>
        </Combobox.Positioner>
      </Portal>
    </Combobox.Root>
  );
}
