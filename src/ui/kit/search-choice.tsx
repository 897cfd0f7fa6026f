'use client';
import { Combobox, Portal, createListCollection } from '@chakra-ui/react';
import { Fragment, useMemo, useState } from 'react';

export interface SearchOption {
  readonly value: string;
  readonly label: string;
  /** What it stands under in the list. */
  readonly group: string;
  /** Other words it is found by. */
  readonly also?: string;
}

/** Options shown at most while one types. */
const MOST_SHOWN = 80;

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ');

/** Options that hold every word typed, in their name, group or other words; those that begin with it first. */
export function found(options: readonly SearchOption[], text: string): readonly SearchOption[] {
  const words = plain(text).split(' ').filter(Boolean);
  if (words.length === 0) return options;
  const first = words[0] ?? '';
  return options
    .filter((o) => {
      const all = plain(`${o.label} ${o.group} ${o.also ?? ''}`);
      return words.every((w) => all.includes(w));
    })
    .toSorted((a, b) => Number(plain(b.label).includes(first)) - Number(plain(a.label).includes(first)));
}

/** Options under their groups, in the order the groups first come. */
function grouped(options: readonly SearchOption[]): ReadonlyMap<string, readonly SearchOption[]> {
  const groups = new Map<string, SearchOption[]>();
  for (const o of options) groups.set(o.group, [...(groups.get(o.group) ?? []), o]);
  return groups;
}

/** One of many, found by typing a part of its name. */
export function SearchChoice({
  id,
  label,
  options,
  value,
  placeholder,
  describedBy,
  bad = false,
  clearable = true,
  onChange,
}: {
  readonly id?: string;
  /** Its name where no label stands beside it. */
  readonly label?: string;
  readonly options: readonly SearchOption[];
  readonly value: string | null;
  readonly placeholder?: string;
  readonly describedBy?: string | undefined;
  readonly bad?: boolean;
  readonly clearable?: boolean;
  readonly onChange: (value: string | null) => void;
}) {
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
        <Combobox.Input aria-label={label} aria-describedby={describedBy} placeholder={placeholder} />
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
