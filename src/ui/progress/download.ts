import { Refused } from '../api';

/** Fetches a file that the server makes and hands it to the browser to keep, under the name the server gives it. */
export async function download(path: string, init: RequestInit): Promise<void> {
  const response = await fetch(path, init);
  if (!response.ok) {
    const body = (await response.json().catch(() => null)) as { error?: { message?: string } } | null;
    throw new Refused(response.status, body?.error?.message ?? `The server answered ${response.status}.`, [], body);
  }
  const name = /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? 'record';
  const url = URL.createObjectURL(await response.blob());
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads it after the click: it is let go a while later.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
