'use client';

/** The lanes a sheet of the bench can be filled from; nothing where no study is open. */
export function FillFrom({
  title,
  names,
  onPick,
}: {
  readonly title: string;
  readonly names: readonly string[];
  /** Index of the lane picked. */
  readonly onPick: (at: number) => void;
}) {
  if (names.length === 0) return null;
  return (
    <select
      className="plain-select small"
      aria-label={`${title}: fill from a lane of this study`}
      value=""
      onChange={(e) => e.target.value !== '' && onPick(Number(e.target.value))}
    >
      <option value="">fill from …</option>
      {names.map((name, i) => (
        <option key={name} value={i}>
          {name}
        </option>
      ))}
    </select>
  );
}
