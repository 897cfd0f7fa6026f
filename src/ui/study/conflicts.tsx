'use client';
import { Button } from '@chakra-ui/react';
import { plainDate } from '../format';
import { Banner } from '../kit';
import { useStudy } from './study-context';

/** The choice after a lost race: both versions stand until it is made. */
export function ConflictBanner() {
  const { conflict, settle, brief } = useStudy('conflict', 'settle', 'brief');
  if (conflict === null) return null;
  return (
    <Banner
      alarm
      title="Somebody saved a newer version of this study while you were typing."
      actions={
        <>
          <Button size="xs" onClick={() => settle('theirs')}>
            Use theirs
          </Button>
          <Button size="xs" variant="solid" onClick={() => settle('mine')}>
            Save mine
          </Button>
        </>
      }
    >
      Yours: “{brief.title}”. Theirs: “{conflict.theirs.title}”, saved {plainDate(conflict.theirs.changedAt)}. Both are
      kept until you choose, and the other one stays in the history.
    </Banner>
  );
}

/** Saves that lost a race in an earlier sitting: still whole, still to be used or discarded. */
export function RefusedSaves() {
  const { refused, settleRefused, conflict } = useStudy('refused', 'settleRefused', 'conflict');
  return refused
    .filter((save) => save.id !== conflict?.refusedId)
    .map((save) => (
      <Banner
        key={save.id}
        actions={
          <>
            <Button size="xs" onClick={() => settleRefused(save, true)}>
              Save it again
            </Button>
            <Button size="xs" onClick={() => settleRefused(save, false)}>
              Discard it
            </Button>
          </>
        }
      >
        “{save.brief.title}” of {plainDate(save.refusedAt)} was not saved, because somebody had saved a newer version.
        It is kept until you choose.
      </Banner>
    ));
}
