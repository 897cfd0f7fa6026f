'use client';
import { FileUpload } from '@chakra-ui/react';
import type { ReactElement, ReactNode } from 'react';

const NONE: File[] = [];

interface FileSourceProps {
  /** Endings with their dot, as a hint. A file of another ending is given too: whoever reads it says what is wrong. */
  readonly accept: readonly string[];
  /** What kind of file it is, for who does not see the button. */
  readonly label: string;
  readonly disabled?: boolean;
  readonly testId?: string;
  readonly onFile: (file: File) => void;
}

const root = ({ disabled = false, label, onFile }: FileSourceProps) => ({
  disabled,
  translations: { dropzone: `${label}: drop it here` },
  acceptedFiles: NONE,
  onFileChange: (e: FileUpload.FileChangeDetails) => {
    const [file] = e.acceptedFiles;
    if (file !== undefined) onFile(file);
  },
});

/** A button that asks for a file; the same file can be given twice. */
export function FileButton({ children, ...props }: FileSourceProps & { readonly children: ReactElement }) {
  return (
    <FileUpload.Root width="auto" {...root(props)}>
      <FileUpload.HiddenInput data-testid={props.testId} aria-label={props.label} accept={props.accept.join(',')} />
      <FileUpload.Trigger asChild>{children}</FileUpload.Trigger>
    </FileUpload.Root>
  );
}

/** A place where a file is dropped, or chosen with the button in it. */
export function FileDrop({
  button,
  children,
  compact = false,
  ...props
}: FileSourceProps & { readonly button: ReactElement; readonly children?: ReactNode; readonly compact?: boolean }) {
  return (
    <FileUpload.Root {...root(props)}>
      <FileUpload.HiddenInput data-testid={props.testId} aria-label={props.label} accept={props.accept.join(',')} />
      <FileUpload.Dropzone {...(compact ? { py: '2', px: '3' } : {})} disableClick>
        <FileUpload.Trigger asChild>{button}</FileUpload.Trigger>
        {children}
      </FileUpload.Dropzone>
    </FileUpload.Root>
  );
}
