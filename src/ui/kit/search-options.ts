export interface SearchOption {
  readonly value: string;
  readonly label: string;
  /** What it stands under in the list. */
  readonly group: string;
  /** Other words it is found by. */
  readonly also?: string;
}

export interface SearchChoiceProps {
  readonly id?: string;
  /** Its name where no label stands beside it. */
  readonly label?: string;
  /** Fetches what can be chosen. */
  readonly load: () => Promise<readonly SearchOption[]>;
  /** What the chosen one is called, until the list has come. */
  readonly name: string | null;
  readonly value: string | null;
  readonly placeholder?: string;
  readonly describedBy?: string | undefined;
  readonly bad?: boolean;
  readonly clearable?: boolean;
  readonly onChange: (value: string | null) => void;
}

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
export function grouped(options: readonly SearchOption[]): ReadonlyMap<string, readonly SearchOption[]> {
  const groups = new Map<string, SearchOption[]>();
  for (const o of options) groups.set(o.group, [...(groups.get(o.group) ?? []), o]);
  return groups;
}
