import { strToU8, zipSync } from 'fflate';
import { REPLY_FIELDS, REPLY_LISTS } from '@/core/quotes';
import type { ReplySheetOf } from '../exchange/reply-sheet';
import { replyCsv, replyWorkbook } from '../exchange/reply-sheet';
import { requestPdf, type RequestPaper } from './pdf/request';

/** Everything that goes out with a request. */
export interface PackAsked {
  readonly paper: RequestPaper;
  /** The brief as JSON. */
  readonly brief: string;
  readonly sheets: readonly ReplySheetOf[];
  readonly file: { readonly name: string; readonly bytes: Uint8Array } | null;
}

const slug = (words: string): string =>
  words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'part';

/** Words that may be chosen in a row of the reply sheet; null for a row that is written freely. */
export function choicesOf(key: string): readonly string[] | null {
  const field =
    REPLY_FIELDS.find((f) => f.path === key) ??
    Object.entries(REPLY_LISTS).flatMap(([list, fields]) =>
      key.startsWith(`${list}.`) ? fields.filter((f) => key.endsWith(`.${f.path}`)) : [],
    )[0];
  if (field === undefined) return null;
  return field.kind === 'yes-no' ? ['yes', 'no'] : (field.choices ?? null);
}

/** One reply sheet as a workbook. */
export const replySheetBook = (of: ReplySheetOf): Promise<Uint8Array> => replyWorkbook(of, choicesOf);

/** The pack of a request as a ZIP: paper, part file, brief, tolerances, and a reply sheet a foundry and route. */
export async function requestPack({ paper, brief, sheets, file }: PackAsked): Promise<Uint8Array> {
  const folder = `request-${paper.number}-${slug(paper.request.title)}`;
  const files: Record<string, Uint8Array> = {
    [`${folder}/request.pdf`]: await requestPdf(paper),
    [`${folder}/brief.json`]: strToU8(brief),
    [`${folder}/tolerances.csv`]: strToU8(tolerancesCsv(paper)),
    [`${folder}/read-me.txt`]: strToU8(
      'request.pdf says what is asked. Fill in the column "value" of your reply sheet and send it back. brief.json has the same for machines.\r\n',
    ),
  };
  if (file !== null)
    files[`${folder}/${slug(file.name.replace(/\.[^.]*$/, ''))}${/\.[a-z0-9]{1,5}$/i.exec(file.name)?.[0] ?? ''}`] =
      file.bytes;
  for (const of of sheets) {
    const name = `${folder}/reply-${slug(of.foundry)}-${slug(of.route)}`;
    files[`${name}.xlsx`] = await replySheetBook(of);
    files[`${name}.csv`] = strToU8(replyCsv(of));
  }
  return zipSync(files, { level: 6 });
}

/** The tolerance table as CSV: lengths in mm. */
function tolerancesCsv({ request }: RequestPaper): string {
  const quote = (cell: string): string => `"${cell.replaceAll('"', '""')}"`;
  const rows = request.features.map((f) =>
    [
      quote(f.id),
      quote(f.name.replace(/^[=+\-@]/, "'$&")),
      f.nominal_mm,
      f.tol_mm,
      f.critical ? 'yes' : 'no',
      f.mayMachine ? 'yes' : 'no',
      f.acrossParting ? 'yes' : 'no',
    ].join(','),
  );
  return `feature,name,nominal mm,total width mm,critical,may be machined,across the parting\r\n${rows.map((r) => `${r}\r\n`).join('')}`;
}
