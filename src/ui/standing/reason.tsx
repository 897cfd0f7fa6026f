import { Box, Span } from '@chakra-ui/react';
import { PageLink } from '../kit';
import type { StandingOf } from '@/server/results';
import type { ExplainedFigure } from '@/core/explanation';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

/** Where a figure of a standing is opened from another page: by its place in the sentence. */
const HASH = 'standing-';

/** The figure of a standing that the address asks to open; undefined where it asks for none. */
export function askedFigure({ explanation }: StandingOf, hash: string): ExplainedFigure | undefined {
  const place = new RegExp(`^#${HASH}(\\d+)$`).exec(hash)?.[1];
  const piece = place === undefined ? undefined : explanation[Number(place)];
  return typeof piece === 'object' ? piece : undefined;
}

/** Why a choice stands as it does, and the rates that moved: figures open their working, rates lead to where they are kept. */
export function Reason({
  standing: { state, explanation, causes, ratesId, ratesName, studyId },
  studyAt = null,
}: {
  readonly standing: StandingOf;
  /** The studies its figures are opened from; null off the record, where figures lead to it. */
  readonly studyAt?: ((at: ExplainedFigure['at']) => StudyAt) | null;
}) {
  const reason =
    studyAt === null ? (
      explanation.map((piece, i) =>
        typeof piece === 'string' ? (
          piece
        ) : (
          <PageLink key={i} href={`/studies/${studyId}/decision#${HASH}${i}`} title="Open the working">
            {piece.text}
          </PageLink>
        ),
      )
    ) : (
      <Explained explanation={explanation} studyAt={studyAt} />
    );
  return (
    <Box textStyle="label">
      {state === 'stands' ? <Span color="fg.muted">{reason}</Span> : reason}
      {causes.length > 0 && (
        <Span color="fg.muted">
          {' '}
          In “{ratesName}”:{' '}
          {causes.map(({ text, path }, i) => (
            <span key={text}>
              {i > 0 && '; '}
              {path === null ? (
                text
              ) : (
                <PageLink href={`/rates/${ratesId}#${encodeURIComponent(path)}`}>{text}</PageLink>
              )}
            </span>
          ))}
          .
        </Span>
      )}
    </Box>
  );
}
