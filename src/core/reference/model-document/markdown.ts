import type { ModelEquation, ModelSubject } from './document';

/** Page that an equation stands on. */
type PageOf = (anchor: string) => string | undefined;

const cell = (text: string): string => text.replaceAll('|', '\\|');

function equation(
  { anchor, number, title, unit, forms, symbols }: ModelEquation,
  of: ModelSubject,
  pageOf: PageOf,
): string {
  const rows = symbols.map((s) => {
    const from = [s.source === 'computed' ? 'calculated' : s.source, s.path === '' ? '' : `\`${s.path}\``];
    const opens =
      s.opens === ''
        ? s.symbol
        : `[${s.symbol}](${pageOf(s.opens) === of.id ? '' : `${pageOf(s.opens)}.md`}#${s.opens})`;
    return `| ${opens} | ${cell(s.meaning)} | ${cell(s.unit)} | ${cell(from.filter(Boolean).join(' '))} | ${s.basis.join(', ')} |`;
  });
  const table = ['| Symbol | What it is | Unit | From | Basis |', '| --- | --- | --- | --- | --- |', ...rows];
  return [
    `<a id="${anchor}"></a>`,
    '',
    `### ${title}, ${unit}`,
    '',
    `${of.model} ${number}.`,
    '',
    '```',
    ...forms,
    '```',
    '',
    ...(rows.length === 0 ? [] : [...table, '']),
  ].join('\n');
}

/**
 * A subject of the model as a page of Markdown. @param all subjects, which its symbols may lead to
 *
 * @example
 * markdownOf({ id: 'x', title: 'Nothing yet', equations: [] }, []).split('\n')[0] // '# Nothing yet'
 */
export function markdownOf(subject: ModelSubject, all: readonly ModelSubject[]): string {
  const pages = new Map(all.flatMap(({ id, equations }) => equations.map((e) => [e.anchor, id] as const)));
  return [
    `# ${subject.title}`,
    '',
    'Made by `npm run equations` of the definitions the product works with; a test makes it anew and compares. An equation',
    'of several forms is calculated by the one that a case needs. `on(x)` is 1 where x is above 0, else 0; `pow(x, y)` is x to',
    'the power y; `sum`, `least` and `most` are of a list; `ceil` and `floor` leave out noise of a billionth.',
    '',
    ...subject.equations.map((e) => equation(e, subject, (anchor) => pages.get(anchor))),
  ].join('\n');
}
