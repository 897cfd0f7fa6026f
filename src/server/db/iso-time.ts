/** Database time (UTC, "YYYY-MM-DD hh:mm:ss.mmm") as ISO 8601. */
export const isoTime = (text: string): string => `${text.replace(' ', 'T')}Z`;
