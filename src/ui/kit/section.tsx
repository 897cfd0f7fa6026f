'use client';
import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { section } from '../theme/recipes/messages';

const HEADING = section.base?.heading ?? {};
const UNDER = section.base?.under ?? {};
const Root = chakra('section', { base: section.base?.root ?? {} });
const Heading = chakra('h2', { base: HEADING });
const Under = chakra('span', { base: UNDER });

/** A section of a view: its heading ruled in ink, a few quiet words beside it, and what it holds. */
export function Section({
  title,
  under,
  children,
  ...rest
}: {
  readonly title: ReactNode;
  /** Quiet words beside the heading. */
  readonly under?: ReactNode;
  readonly children?: ReactNode;
} & Omit<React.ComponentProps<typeof Root>, 'title'>) {
  return (
    <Root {...rest}>
      <Heading>
        {title}
        {under !== undefined && under !== '' && <Under>{under}</Under>}
      </Heading>
      {children}
    </Root>
  );
}
