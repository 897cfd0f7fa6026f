'use client';
import { Choice } from '../kit';

/** The route variants a sheet can be filled from; nothing where no study is open. */
export function FillFrom({
  title,
  names,
  onPick,
}: {
  readonly title: string;
  readonly names: readonly string[];
  /** Index of the variant picked. */
  readonly onPick: (at: number) => void;
}) {
  if (names.length === 0) return null;
  return (
    <Choice
      variant="plain"
      size="xs"
      width="14rem"
      aria-label={`${title}: fill from a route of this study`}
      empty="fill from a route …"
      options={names.map((name, i) => [String(i), name])}
      value=""
      onChange={(e) => e.target.value !== '' && onPick(Number(e.target.value))}
    />
  );
}
