'use client';
import { Box, chakra, Flex, Heading, Span, Text } from '@chakra-ui/react';
import NextLink from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import { plainDate } from '../format';
import { Guarded } from '../guard/guarded';
import { PageLink } from '../kit';
import { Still } from '../part/still';
import { Rail } from '../rail/rail';
import { useHotkeys } from '../shell/hotkeys';
import { useReady } from '../shell/use-ready';
import { ConflictBanner, RefusedSaves } from './conflicts';
import { LeadGap } from './lead-gap';
import { SaveLine } from './save-line';
import { useStudy } from './study-context';
import { UnreadNotice } from './unread-notice';
import { FirstCaution } from './first-caution';
import { VerdictLine } from './verdict-line';
import { STUDY_VIEWS } from './views';

/** Width of the part's picture beside its name, px. */
const PICTURE = 64;

const View = chakra(NextLink, {
  base: {
    color: 'fg.muted',
    py: '1',
    borderBottom: '2px solid transparent',
    whiteSpace: 'nowrap',
    _hover: { color: 'fg' },
    '&[aria-current]': { color: 'fg', fontWeight: 'bold', borderBottomColor: 'fg' },
  },
});

/** What stands above every view of a study: picture, title, verdict, save state, the views, and the rail. */
export function StudyHead({ children }: { children: ReactNode }) {
  const { id, brief, study, unread } = useStudy('id', 'brief', 'study', 'unread');
  const path = usePathname();
  const ready = useReady();
  const router = useRouter();
  useHotkeys(
    useMemo(
      () => ({
        ...Object.fromEntries(STUDY_VIEWS.map(([view, , key]) => [key, () => router.push(`/studies/${id}/${view}`)])),
        r: () => document.getElementById('rail')?.focus(),
      }),
      [id, router],
    ),
  );
  return (
    <>
      <Flex rowGap="0" columnGap="4" pt="2" align="center" flexWrap="wrap">
        <Box
          flex="none"
          width={`${PICTURE}px`}
          height={`${(PICTURE * 3) / 4}px`}
          hideBelow="sm"
          _empty={{ display: 'none' }}
        >
          <Still fileId={brief.model?.file ?? null} width={PICTURE} title={brief.title} />
        </Box>
        <Flex rowGap="0" columnGap="3" align="baseline" flexWrap="wrap" minW="0">
          <Heading as="h1" size="lg" overflowWrap="anywhere">
            {brief.title}
          </Heading>
          <Span textStyle="label" color="fg.muted">
            {study.alloy?.name ?? 'no alloy chosen'}
          </Span>
          <SaveLine />
        </Flex>
        <Flex
          as="nav"
          aria-label="Views of this study"
          rowGap="0"
          columnGap="3.5"
          ms="auto"
          maxW="full"
          overflowX="auto"
          _print={{ display: 'none' }}
        >
          {STUDY_VIEWS.map(([view, name]) => (
            <View
              key={view}
              href={`/studies/${id}/${view}`}
              aria-current={path.endsWith(`/${view}`) ? 'page' : undefined}
            >
              {name}
            </View>
          ))}
        </Flex>
      </Flex>
      <Guarded name="The caution" of={study}>
        <FirstCaution />
      </Guarded>
      <Flex rowGap="2" columnGap="8" pt="1" pb="2" align="flex-start" flexWrap={{ base: 'wrap', md: 'nowrap' }}>
        <Box flex="1 1 auto" minW="0">
          <Guarded name="The verdict" of={study}>
            <VerdictLine />
          </Guarded>
          <SignedLine />
        </Box>
        <Guarded name="The gap" of={study}>
          <LeadGap />
        </Guarded>
      </Flex>
      <ConflictBanner />
      <UnreadNotice unread={unread} />
      <RefusedSaves />
      {/* Until the page has come to life nothing can be typed into it that would be lost. */}
      <div style={{ display: 'contents' }} inert={!ready} data-ready={ready}>
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

/** Who signed, and the way to the record. */
function SignedLine() {
  const { id, decisions } = useStudy('id', 'decisions');
  const signed = decisions.find((d) => d.reopenedAt === null);
  if (signed === undefined) return null;
  return (
    <Text textStyle="label" color="fg.muted">
      Signed by {signed.signedBy} on {plainDate(signed.signedOn)}.{' '}
      <PageLink href={`/studies/${id}/decision`}>Open the record</PageLink>
    </Text>
  );
}
