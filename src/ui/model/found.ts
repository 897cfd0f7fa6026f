import type { ModelEquation, ModelSubject } from '@/core/reference/model-document';

const wordsOf = ({ title, number, anchor, symbols }: ModelEquation, model: string): string =>
  [title, `${model} ${number}`, anchor, ...symbols.flatMap((s) => [s.symbol, s.meaning, s.path])]
    .join(' ')
    .toLowerCase();

/** The equations whose title, number or symbols hold every word asked for; all of them where none is. */
export function found(subjects: readonly ModelSubject[], asked: string): readonly ModelSubject[] {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return subjects;
  return subjects
    .map((s) => ({
      ...s,
      equations: s.equations.filter((e) => {
        const text = wordsOf(e, s.model);
        return words.every((w) => text.includes(w));
      }),
    }))
    .filter((s) => s.equations.length > 0);
}
