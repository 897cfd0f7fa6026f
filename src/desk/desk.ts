import { z } from 'zod';
import { simulatedReply, type DeskReply } from '@/core/comparison/quotes';
import { parseBrief } from '@/core/brief';
import { parseFoundryProfile } from '@/core/foundries';
import { ratesOf, type RateRef } from '@/core/rates';

/** A request as it reaches the desk: who is asked for what. */
export const deskRequestSchema = z.object({
  id: z.uuid(),
  foundry: z.object({ id: z.string().max(40), name: z.string().max(120), profile: z.unknown() }),
  laneId: z.string().max(100),
  brief: z.unknown(),
  policy: z.enum(['published', 'shop', 'specialist']),
  rates: z.unknown(),
  q: z.number().int().min(1).max(1_000_000_000),
  on: z.string().max(10),
});
export type DeskRequest = z.output<typeof deskRequestSchema>;

/** What the desk says of a request. */
export type DeskAnswer =
  { readonly state: 'waiting'; readonly seconds: number } | ({ readonly state: 'replied' } & Omit<DeskReply, 'wait'>);

/** What was asked and when, ms. */
interface Asked {
  readonly at: number;
  readonly after: number;
  readonly reply: DeskReply;
}

/** Requests remembered at most; the oldest are forgotten first. */
const MOST = 5000;

/** The desk: takes requests, works out each reply at once, and keeps it back as long as a foundry would. */
export class Desk {
  private readonly asked = new Map<string, Asked>();

  /**
   * @param seed of every reply
   * @param longest wait for a reply, ms
   * @param now clock, ms
   */
  constructor(
    private readonly seed: string,
    private readonly longest: number,
    private readonly now: () => number,
  ) {}

  /** Takes a request. @returns null, or why it cannot be answered */
  take(request: DeskRequest): string | null {
    if (this.asked.has(request.id)) return null;
    const brief = parseBrief(request.brief);
    if (!brief.ok) return `brief: ${brief.issues[0]?.path ?? ''} ${brief.issues[0]?.message ?? ''}`;
    const profile = parseFoundryProfile(request.foundry.profile);
    if (!profile.ok) return `profile: ${profile.issues[0]?.message ?? ''}`;
    const { id, name } = request.foundry;
    const reply = simulatedReply(
      {
        brief: brief.brief,
        policy: request.policy,
        laneId: request.laneId,
        foundry: { id, name, version: 1, profile: profile.profile },
        q: request.q,
        on: request.on,
        seed: `${this.seed} ${brief.brief.title}`,
      },
      ratesOf(request.rates as RateRef),
    );
    if (this.asked.size >= MOST) this.asked.delete(this.asked.keys().next().value ?? '');
    this.asked.set(request.id, { at: this.now(), after: reply.wait * this.longest, reply });
    return null;
  }

  /** What there is to a request; undefined for one that was never asked. */
  answer(id: string): DeskAnswer | undefined {
    const found = this.asked.get(id);
    if (found === undefined) return undefined;
    const left = found.at + found.after - this.now();
    if (left > 0) return { state: 'waiting', seconds: Math.ceil(left / 1000) };
    const { wait: _wait, ...reply } = found.reply;
    return { state: 'replied', ...reply };
  }
}
