'use client';
import { Span } from '@chakra-ui/react';
import { plainDate } from '../format';
import { useStudy } from './study-context';

const SAVE_WORDS = {
  saved: 'Saved',
  waiting: 'Not saved yet',
  saving: 'Saving …',
  failed: 'Not saved: the server does not answer. Kept in this browser; trying again.',
  conflict: 'Not saved: somebody saved a newer version.',
} as const;

/** Whether what was typed is safe. */
export function SaveLine() {
  const { saveState, savedAt } = useStudy('saveState', 'savedAt');
  return (
    <Span textStyle="label" color="fg.muted" role="status" data-testid="save-state" data-state={saveState}>
      {SAVE_WORDS[saveState]}
      {saveState === 'saved' && <Span hideBelow="md"> {plainDate(savedAt)}</Span>}
    </Span>
  );
}
