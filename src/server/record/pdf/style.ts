import { join } from 'node:path';
import { Font, StyleSheet } from '@react-pdf/renderer';

/** Ink, quiet ink, hairline and the one hot colour of the sheet. */
export const INK = '#24211d';
export const QUIET = '#5f574c';
export const HAIR = '#c9bfae';
export const HOT = '#b23c0e';

/** The face of the sheet. */
export const FACE = 'Archivo';
let registered = false;

/** Makes the fonts known to the printer, once. They are shipped with the packages; nothing is fetched. */
export function registerFonts(): void {
  if (registered) return;
  const file = (dir: string): string =>
    join(process.cwd(), 'node_modules/@expo-google-fonts/archivo', dir, `Archivo_${dir}.ttf`);
  Font.register({
    family: FACE,
    fonts: [
      { src: file('400Regular'), fontWeight: 400 },
      { src: file('600SemiBold'), fontWeight: 600 },
      { src: file('400Regular_Italic'), fontWeight: 400, fontStyle: 'italic' },
    ],
  });
  // Words are never broken: a figure with its unit stays whole.
  Font.registerHyphenationCallback((word) => [word]);
  registered = true;
}

export const styles = StyleSheet.create({
  page: {
    fontFamily: FACE,
    fontSize: 8.6,
    color: INK,
    paddingTop: 34,
    paddingBottom: 46,
    paddingHorizontal: 40,
  },
  /** Inherited by all but the foot: a foot with a line height of its own loses its page number when it is laid out again. */
  body: { fontSize: 8.6, lineHeight: 1.35 },
  title: { fontSize: 17, fontWeight: 600, lineHeight: 1.2 },
  verdict: { fontSize: 10.5, lineHeight: 1.3, marginTop: 6, marginBottom: 2 },
  h2: {
    fontSize: 9.6,
    fontWeight: 600,
    marginTop: 11,
    marginBottom: 4,
    borderBottomWidth: 0.8,
    borderBottomColor: INK,
    paddingBottom: 1.5,
  },
  quiet: { color: QUIET },
  small: { fontSize: 7.2, color: QUIET },
  bold: { fontWeight: 600 },
  row: { flexDirection: 'row' },
  between: { flexDirection: 'row', justifyContent: 'space-between' },
  cellRow: { flexDirection: 'row', borderBottomWidth: 0.4, borderBottomColor: HAIR, paddingVertical: 2.2 },
  item: { marginBottom: 2.4 },
  footer: { position: 'absolute', bottom: 20, left: 40, right: 40, fontSize: 6.8, color: QUIET },
  sign: {
    flex: 1,
    marginRight: 18,
    borderTopWidth: 0.8,
    borderTopColor: INK,
    marginTop: 30,
    paddingTop: 2,
    fontSize: 7.4,
    color: QUIET,
  },
});

/** Signs that show nothing and only steer a layout: soft hyphens, joiners, marks of direction. The printer fails on words of them alone. */
const UNSEEN = /\p{Default_Ignorable_Code_Point}|(?!\n)\p{Cc}/gu;

/** Text as the printed face can show it. */
export const text = (words: string): string =>
  words.replaceAll(UNSEEN, '').replaceAll('\u202f', '\u00a0').replaceAll('⅔', '2/3');
