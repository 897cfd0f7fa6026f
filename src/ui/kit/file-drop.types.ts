import type { ReactElement, ReactNode } from 'react';

export interface FileSourceProps {
  /** Endings with their dot, as a hint. A file of another ending is given too: whoever reads it says what is wrong. */
  readonly accept: readonly string[];
  /** What kind of file it is, for who does not see the button. */
  readonly label: string;
  readonly disabled?: boolean;
  readonly testId?: string;
  readonly onFile: (file: File) => void;
}

export interface FileButtonProps extends FileSourceProps {
  readonly children: ReactElement<ButtonLike>;
}

export interface FileDropProps extends FileSourceProps {
  readonly button: ReactElement<ButtonLike>;
  readonly children?: ReactNode;
  readonly compact?: boolean;
}

/** What the button of a file takes. */
export interface ButtonLike {
  readonly disabled?: boolean;
}
