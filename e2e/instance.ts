import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = process.cwd();

/** Flags for a headless Chromium as root on a closed network. */
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Where one running copy of the application lives. */
export interface Place {
  readonly port: number;
  readonly url: string;
  readonly env: Record<string, string>;
}

function place(name: string, port: number): Place {
  return {
    port,
    url: `http://127.0.0.1:${port}`,
    env: {
      NINE_POURS_DATA: join(ROOT, '.data', name),
      DB_PORT: String(30_000 + port),
      LOG_LEVEL: 'error',
      DESK_WAIT_S: '2',
    },
  };
}

/** The copy most journeys share. */
export const MAIN = place('e2e', 3911);

/** A copy of its own that a test may stop, kill and start again. */
export class Instance {
  private process: ChildProcess | null = null;
  /** What the last start said. */
  said = '';
  readonly place: Place;

  constructor(name: string, port: number, env: Record<string, string> = {}) {
    const own = place(name, port);
    this.place = { ...own, env: { ...own.env, ...env } };
  }

  /** Throws its data away. */
  wipe(): void {
    rmSync(this.place.env['NINE_POURS_DATA'] ?? '', { recursive: true, force: true });
  }

  /** Starts it and waits until it says so; gives the seconds that took. */
  async start(...options: string[]): Promise<number> {
    const began = performance.now();
    const child = spawn('./start', ['--port', String(this.place.port), ...options], {
      cwd: ROOT,
      env: { ...process.env, DATABASE_URL: '', ...this.place.env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    this.process = child;
    await new Promise<void>((resolve, reject) => {
      this.said = '';
      const hear = (chunk: Buffer): void => {
        this.said += chunk.toString();
        if (this.said.includes('is ready')) resolve();
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.on('exit', (code) => reject(new Error(`start ended with ${code}: ${this.said}`)));
    });
    return (performance.now() - began) / 1000;
  }

  /** Ctrl-C, and waits until both are down. */
  async stop(): Promise<void> {
    await this.end(() => this.process?.kill('SIGINT'));
  }

  /** SIGKILL to the application and to the database, without a word to either. */
  async kill(): Promise<void> {
    const pid = (file: string): number =>
      Number(readFileSync(join(this.place.env['NINE_POURS_DATA'] ?? '', file), 'utf8'));
    await this.end(() => {
      process.kill(pid('run/db.pid'), 'SIGKILL');
      process.kill(pid('app.pid'), 'SIGKILL');
    });
  }

  private async end(how: () => void): Promise<void> {
    const child = this.process;
    if (child === null || child.exitCode !== null) return;
    const gone = new Promise<void>((resolve) => child.on('exit', () => resolve()));
    how();
    await gone;
    this.process = null;
  }
}
