/** A text cell of a CSV that a spreadsheet must not take for a formula. */
export const plain = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
