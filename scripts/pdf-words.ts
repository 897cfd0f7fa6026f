import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** The words of each page of a PDF, as another program reads them; line ends become spaces. */
export async function wordsOf(bytes: Uint8Array): Promise<string[]> {
  const pdf = await getDocument({ data: bytes.slice(), useSystemFonts: false, verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let i = 1; i <= pdf.numPages; i++) {
    const { items } = await (await pdf.getPage(i)).getTextContent();
    const text = items.map((item) => ('str' in item ? `${item.str}${item.hasEOL ? ' ' : ''}` : '')).join('');
    pages.push(text.replace(/\s+/g, ' '));
  }
  return pages;
}
