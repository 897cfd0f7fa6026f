/** Text of a page as a reader sees it, styles left out, a mark (U+0001) in place of each tag. */
export const textOf = (html: string): string =>
  html
    .replace(/<(style|script)\b.*?<\/\1>/gs, '')
    .replace(/<[^>]+>/g, '\u0001')
    .replace(/&nbsp;/g, ' ')
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&#x27;/g, "'")
    .replace(/&amp;/g, '&');

const attribute = (tag: string, name: string): string | null =>
  new RegExp(`\\s${name}="([^"]*)"`).exec(tag)?.[1] ?? null;

/** What no page may hold, whatever the brief: no figures in words, unnamed controls, ids twice, labels of nothing. */
export function faultsOf(html: string): string[] {
  const out: string[] = [];
  const bad = /.{0,60}\b(NaN|undefined|Infinity|null|\[object)\b.{0,30}|.{0,60}∞.{0,30}/g;
  for (const [found] of textOf(html).matchAll(bad))
    out.push(`a word that is none: “${found.replaceAll('\u0001', '|')}”`);
  for (const [tag] of html.matchAll(/<[a-z][^>]*>/g)) {
    const spoken = ['aria-label', 'title', 'alt', 'd', 'points', 'style']
      .map((name) => attribute(tag, name) ?? '')
      .join(' ');
    if (/NaN|undefined|Infinity/.test(spoken)) out.push(`an attribute that is none: ${tag.slice(0, 160)}`);
  }
  const ids = [...html.matchAll(/\sid="([^"]+)"/g)].map(([, id]) => id as string);
  const known = new Set(ids);
  if (known.size < ids.length) out.push(`ids twice: ${ids.filter((id, i) => ids.indexOf(id) < i).join(', ')}`);
  const labelled = new Set<string>();
  for (const [, id = ''] of html.matchAll(/<label[^>]*\sfor="([^"]+)"/g)) {
    labelled.add(id);
    if (!known.has(id)) out.push(`a label of nothing: ${id}`);
  }
  for (const [tag] of html.matchAll(/<(?:input|select|textarea)\b[^>]*>/g)) {
    if (attribute(tag, 'type') === 'hidden' || /\shidden=/.test(tag)) continue;
    const named = attribute(tag, 'aria-label') ?? attribute(tag, 'aria-labelledby');
    const wrapped = new RegExp(`<label[^>]*>(?:(?!</label>).)*${tag.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`, 's').test(
      html,
    );
    if (named === null && !labelled.has(attribute(tag, 'id') ?? '') && !wrapped)
      out.push(`a field without a name: ${tag.slice(0, 160)}`);
  }
  for (const [whole, tag = '', inside = ''] of html.matchAll(/(<button\b[^>]*>)(.*?)<\/button>/gs)) {
    if (
      textOf(inside).replaceAll('\u0001', '').trim() === '' &&
      (attribute(tag, 'aria-label') ?? attribute(tag, 'title')) === null &&
      !/aria-label|<title/.test(inside)
    )
      out.push(`a button without a name: ${whole.slice(0, 160)}`);
  }
  return out;
}
