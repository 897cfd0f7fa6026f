/** Called once when the server starts: the door is set, and what lists tell is brought up to date before anybody asks. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { refuseStrangeMethods } = await import('./server/http/methods');
  refuseStrangeMethods();
  if (!process.env['DATABASE_URL']) return;
  const { renewSoon } = await import('./server/results');
  renewSoon();
}
