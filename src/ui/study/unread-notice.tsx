'use client';
import { chakra } from '@chakra-ui/react';
import type { BriefIssue } from '@/core/brief';
import { issueWords } from '../brief/issue-words';

const MOST_LISTED = 6;

/** Stored values that this version does not take: said once above the views, with what would be accepted. */
export function UnreadNotice({ unread }: { readonly unread: readonly BriefIssue[] }) {
  if (unread.length === 0) return null;
  return (
    <div className="banner is-alarm" role="alert" data-testid="unread">
      <div>
        <strong>
          {unread.length === 1 ? 'A stored value was' : `${unread.length} stored values were`} left out: this version
          does not take {unread.length === 1 ? 'it' : 'them'}. Everything else stands.
        </strong>
        <chakra.ul textStyle="label">
          {unread.slice(0, MOST_LISTED).map((issue) => (
            <li key={issue.path}>{issueWords(issue)}</li>
          ))}
          {unread.length > MOST_LISTED && <li>and {unread.length - MOST_LISTED} more</li>}
        </chakra.ul>
      </div>
    </div>
  );
}
