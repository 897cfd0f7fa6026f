import { Button, Span, Table, VisuallyHidden } from '@chakra-ui/react';
import { shortName } from '@/core/catalogue/routes';
import type { DecisionRecord } from '@/server/decisions';
import type { Revision } from '@/server/studies';
import { plainDate, whole } from '../format';

const timeOf = (iso: string): string => `${plainDate(iso)}, ${iso.slice(11, 16)} UTC`;

/** Revisions of a brief, the newest first: when, by whom, and what was signed on each. */
export function RevisionTable({
  revisions,
  decisions,
  busy,
  onRestore,
}: {
  readonly revisions: readonly Revision[];
  readonly decisions: readonly DecisionRecord[];
  readonly busy: boolean;
  readonly onRestore: (revision: number) => void;
}) {
  const newest = revisions[0];
  return (
    <Table.ScrollArea>
      <Table.Root size="md" interactive aria-label="Revisions">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader className="num">Revision</Table.ColumnHeader>
            <Table.ColumnHeader>Saved</Table.ColumnHeader>
            <Table.ColumnHeader>By</Table.ColumnHeader>
            <Table.ColumnHeader>Signed</Table.ColumnHeader>
            <Table.ColumnHeader>
              <VisuallyHidden>Actions</VisuallyHidden>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {revisions.map((r) => (
            <Table.Row key={r.revision} data-revision={r.revision}>
              <Table.Cell className="num">{r.revision}</Table.Cell>
              <Table.Cell>{timeOf(r.savedAt)}</Table.Cell>
              <Table.Cell>{r.who ?? <Span color="fg.muted">no name given</Span>}</Table.Cell>
              <Table.Cell textStyle="label">
                {decisions
                  .filter((d) => d.revision === r.revision)
                  .map((d) => (
                    <div key={d.id}>
                      {shortName(d.laneId)} at {whole(d.quantity)}, {d.signedBy}, {plainDate(d.signedOn)}
                      {d.reopenedAt !== null && <Span color="fg.muted"> (reopened)</Span>}
                    </div>
                  ))}
              </Table.Cell>
              <Table.Cell>
                {r.revision !== newest?.revision && (
                  <Button
                    size="xs"
                    disabled={busy}
                    aria-label={`Restore revision ${r.revision} as a new one`}
                    onClick={() => onRestore(r.revision)}
                  >
                    Restore as new
                  </Button>
                )}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
