'use client';
import { Combobox, Portal, createListCollection } from '@chakra-ui/react';
import { Fragment, useLayoutEffect, useMemo, useRef, useState } from 'react';
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
  typed,
  onChange,
}: Omit<SearchChoiceProps, 'load' | 'name'> & {
  readonly options: readonly SearchOption[];
  /** What was typed before it came: it then opens with that, and takes the focus; null where it was not entered. */
  readonly typed: string | null;
}) {
  const input = useRef<HTMLInputElement>(null);
  // Before anything else can be typed: a key that meets no field would be a shortcut.
  useLayoutEffect(() => {
    if (typed !== null) input.current?.focus();
  }, [typed]);
  const [text, setText] = useState(typed ?? '');
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
      defaultOpen={typed !== null}
      {...(typed === null || typed === '' ? {} : { defaultInputValue: typed })}
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
        <Combobox.Context>
          {({ highlightedValue, setValue, setOpen }) => (
            <Combobox.Input
              ref={input}
              aria-label={label}
              aria-describedby={describedBy}
              placeholder={placeholder}
              onKeyDown={(event) => {
                const first = shown[0]?.value;
                // A quick hand presses Enter before the first of what is found is marked: it is meant all the same.
                if (event.key !== 'Enter' || text === '' || first === undefined) return;
                if (highlightedValue !== null && shown.some((o) => o.value === highlightedValue)) return;
                event.preventDefault();
                setValue([first]);
                setOpen(false);
              }}
            />
          )}
        </Combobox.Context>
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
