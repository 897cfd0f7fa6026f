'use client';
import { List } from '@chakra-ui/react';
import type { BriefIssue } from '@/core/brief';
import { issueWords } from '../brief/issue-words';
import { Banner } from '../kit';

const MOST_LISTED = 6;

/** Stored values that this version does not take: said once above the views, with what would be accepted. */
export function UnreadNotice({ unread }: { readonly unread: readonly BriefIssue[] }) {
  if (unread.length === 0) return null;
  const one = unread.length === 1;
  return (
    <Banner
      alarm
      testId="unread"
      title={`${one ? 'A stored value was' : `${unread.length} stored values were`} left out: this version does not accept ${one ? 'it' : 'them'}. Everything else was read.`}
    >
      <List.Root ps="4">
        {unread.slice(0, MOST_LISTED).map((issue) => (
          <List.Item key={issue.path}>{issueWords(issue)}</List.Item>
        ))}
        {unread.length > MOST_LISTED && <List.Item>and {unread.length - MOST_LISTED} more</List.Item>}
      </List.Root>
    </Banner>
  );
}
