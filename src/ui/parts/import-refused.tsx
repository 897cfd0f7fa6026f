'use client';
import { Button, Code, List, Text } from '@chakra-ui/react';
import { Banner } from '../kit';
import type { ImportRefused } from './use-list-actions';

/** Problems listed at most. */
const MOST_LISTED = 12;
/** Letters of a refused value that are shown. */
const VALUE_LETTERS = 80;

/** Why a study file was not imported, field by field. */
export function ImportRefusedBanner({
  refused: { file, message, issues },
  onClose,
}: {
  readonly refused: ImportRefused;
  readonly onClose: () => void;
}) {
  return (
    <Banner
      alarm
      testId="refused"
      title={`${file}: ${message}`}
      actions={
        <Button size="xs" onClick={onClose}>
          Close
        </Button>
      }
    >
      <List.Root ps="4">
        {issues.slice(0, MOST_LISTED).map((issue) => (
          <List.Item key={`${issue.path}${issue.message}`}>
            <Code>{issue.path || 'file'}</Code>:{' '}
            {issue.value === undefined ? 'missing' : JSON.stringify(issue.value)?.slice(0, VALUE_LETTERS)} –{' '}
            {issue.message}
          </List.Item>
        ))}
        {issues.length > MOST_LISTED && <List.Item>and {issues.length - MOST_LISTED} more</List.Item>}
      </List.Root>
      <Text>Nothing was written. Correct the file and import it again.</Text>
    </Banner>
  );
}
