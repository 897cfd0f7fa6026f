'use client';
import { PageLink } from '../kit';
import { Box, Button, Heading, Span, Text } from '@chakra-ui/react';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import { verdictExplanation } from '@/core/comparison/board';
import { rankingExplanation } from '@/core/comparison/ranking';
import { plainDate } from '../format';
import { Guarded } from '../guard/guarded';
import { Rail } from '../rail/rail';
import { useLed } from '../ranking/use-led';
import { useReady } from '../shell/use-ready';
import { useHotkeys } from '../shell/hotkeys';
import { Explained } from '../working/explained';
import { useQuantity, useStudy } from './study-context';
import { UnreadNotice } from './unread-notice';

const VIEWS = [
  ['brief', 'Brief'],
  ['part', 'Part'],
  ['routes', 'Routes'],
  ['alloys', 'Alloys'],
  ['calendar', 'Calendar'],
  ['requirements', 'Requirements'],
  ['bench', 'Bench'],
  ['decision', 'Decision'],
] as const;

/** What stands above every view of a study: title, verdict, save state, the views, and the rail. */
export function StudyHead({ children }: { children: ReactNode }) {
  const { id, brief, study, decisions, unread } = useStudy('id', 'brief', 'study', 'decisions', 'unread');
  const path = usePathname();
  const ready = useReady();
  const router = useRouter();
  useHotkeys(
    useMemo(
      () => ({
        b: () => router.push(`/studies/${id}/brief`),
        g: () => router.push(`/studies/${id}/part`),
        l: () => router.push(`/studies/${id}/routes`),
        o: () => router.push(`/studies/${id}/alloys`),
        c: () => router.push(`/studies/${id}/calendar`),
        n: () => router.push(`/studies/${id}/bench`),
        a: () => router.push(`/studies/${id}/requirements`),
        d: () => router.push(`/studies/${id}/decision`),
        r: () => document.getElementById('rail')?.focus(),
      }),
      [id, router],
    ),
  );
  const signed = decisions.find((d) => d.reopenedAt === null);
  return (
    <>
      <div className="study-head">
        <div className="line">
          <Heading as="h1" size="lg">
            {brief.title}
          </Heading>
          <Span color="fg.muted" textStyle="label">
            {study.alloy?.name ?? 'no alloy chosen'}
          </Span>
          <SaveLine />
          <nav className="views" aria-label="Views of this study">
            {VIEWS.map(([view, name]) => (
              <Link
                key={view}
                href={`/studies/${id}/${view}`}
                aria-current={path.endsWith(`/${view}`) ? 'page' : undefined}
              >
                {name}
              </Link>
            ))}
          </nav>
        </div>
        <Guarded name="The verdict" of={study}>
          <VerdictLine />
        </Guarded>
        {signed && (
          <Text textStyle="label" color="fg.muted">
            Signed by {signed.signedBy} on {plainDate(signed.signedOn)}.{' '}
            <PageLink href={`/studies/${id}/decision`}>Open the record</PageLink>
          </Text>
        )}
      </div>
      <ConflictBanner />
      <UnreadNotice unread={unread} />
      <RefusedSaves />
      {/* Until the page has come to life nothing can be typed into it that would be lost. */}
      <div className="until-ready" inert={!ready} data-ready={ready}>
        <Guarded name="The quantity rail" of={study}>
          <Rail />
        </Guarded>
        <Guarded key={path} name="This view" of={study}>
          {children}
        </Guarded>
      </div>
    </>
  );
}

/** The sentence every study opens with, at the quantity on the rail; where another ranking method leads, what that puts first. */
function VerdictLine() {
  const { study, curves, brief } = useStudy('study', 'curves', 'brief');
  const { board } = useQuantity();
  const led = useLed();
  const currency = study.rates.currency.code;
  return (
    <>
      <p className="verdict" data-testid="verdict" aria-live="off">
        <Explained explanation={verdictExplanation(board, curves?.crossings ?? null, currency)} />
      </p>
      {brief.leads !== 'cost' && led !== null && (
        <Text textStyle="label" data-testid="led-by">
          <Explained explanation={rankingExplanation(board, brief.leads, led, currency)} />
        </Text>
      )}
    </>
  );
}

const SAVE_WORDS = {
  saved: 'Saved',
  waiting: 'Not saved yet',
  saving: 'Saving …',
  failed: 'Not saved: the server does not answer. Kept in this browser; trying again.',
  conflict: 'Not saved: somebody saved a newer version.',
} as const;

function SaveLine() {
  const { saveState, savedAt } = useStudy('saveState', 'savedAt');
  return (
    <Span textStyle="label" color="fg.muted" role="status" data-testid="save-state" data-state={saveState}>
      {SAVE_WORDS[saveState]}
      {saveState === 'saved' && <span className="hide-narrow"> {plainDate(savedAt)}</span>}
    </Span>
  );
}

/** The choice after a lost race: both versions stand until it is made. */
function ConflictBanner() {
  const { conflict, settle, brief } = useStudy('conflict', 'settle', 'brief');
  if (conflict === null) return null;
  return (
    <div className="banner is-alarm" role="alert">
      <div>
        <strong>Somebody saved a newer version of this study while you were typing.</strong>
        <Box textStyle="label">
          Yours: “{brief.title}”. Theirs: “{conflict.theirs.title}”, saved {plainDate(conflict.theirs.changedAt)}.
          Nothing is lost until you choose, and what you do not choose stays on record.
        </Box>
      </div>
      <Button size="xs" variant="outline" onClick={() => settle('theirs')}>
        Take theirs
      </Button>
      <Button size="xs" variant="solid" onClick={() => settle('mine')}>
        Save mine on top
      </Button>
    </div>
  );
}

/** Saves that lost a race in an earlier sitting: still whole, still to be taken or put aside. */
function RefusedSaves() {
  const { refused, settleRefused, conflict } = useStudy('refused', 'settleRefused', 'conflict');
  return refused
    .filter((save) => save.id !== conflict?.refusedId)
    .map((save) => (
      <div key={save.id} className="banner" role="status">
        <span>
          A save of “{save.brief.title}” from {plainDate(save.refusedAt)} was refused because a newer one stood. It is
          kept until you choose.
        </span>
        <Button size="xs" variant="outline" onClick={() => settleRefused(save, true)}>
          Take it as a new save
        </Button>
        <Button size="xs" variant="outline" onClick={() => settleRefused(save, false)}>
          Put it aside
        </Button>
      </div>
    ));
}
