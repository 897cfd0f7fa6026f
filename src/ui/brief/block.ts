/** Whether pasted text is a block of cells, as spreadsheets give it, and not the text of one field. */
export const isBlock = (text: string): boolean => /[\t\n]/.test(text.trim());
