'use client';
import { Text } from '@chakra-ui/react';
import { Component, Suspense, type ReactNode } from 'react';
import { CoreError } from '@/core/base/errors';

interface Props {
  /** What stands here, as a reader would call it: "The record", "The board". */
  readonly name: string;
  /** What the part is made from: when it changes, the part is tried again. */
  readonly of?: unknown;
  readonly children: ReactNode;
}

interface State {
  readonly failed: Error | null;
  readonly of: unknown;
}

/** Why a part cannot be shown, in words: what the core refused, where it was the core. */
export function failureWords(error: unknown): string {
  if (!(error instanceof CoreError)) return 'it contains something that this version of Nine Pours cannot read';
  const { field, value, accepted } = error.issue;
  const given = typeof value === 'string' || typeof value === 'number' ? ` “${value}”` : '';
  return `for ${field}${given}, ${accepted} is wanted`;
}

class Boundary extends Component<Props, State> {
  override state: State = { failed: null, of: this.props.of };
  static getDerivedStateFromError(failed: unknown): Partial<State> {
    return { failed: failed instanceof Error ? failed : new Error(String(failed)) };
  }
  static getDerivedStateFromProps(props: Props, state: State): Partial<State> | null {
    return props.of === state.of ? null : { failed: null, of: props.of };
  }
  override render(): ReactNode {
    const { failed } = this.state;
    if (failed === null) return this.props.children;
    return (
      <Text mt="6" role="alert" data-testid="guarded">
        {this.props.name} cannot be shown: {failureWords(failed)}. The rest of the page works.
      </Text>
    );
  }
}

/**
 * A part of a screen that may fail by itself: it says so in its place and the rest of the page stands, whether it fails
 * on the server or in the browser.
 */
export function Guarded(props: Props) {
  return (
    <Boundary {...props}>
      <Suspense fallback={null}>{props.children}</Suspense>
    </Boundary>
  );
}
