/** Called once when the server starts: what lists tell is brought up to date before anybody asks. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs' || !process.env['DATABASE_URL']) return;
  const { renewSoon } = await import('./server/results');
  renewSoon();
}
