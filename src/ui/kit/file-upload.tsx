'use client';
import { FileUpload } from '@chakra-ui/react';
import type { FileButtonProps, FileDropProps, FileSourceProps } from './file-drop.types';

const NONE: File[] = [];

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
export function UploadButton({ children, ...props }: FileButtonProps) {
  return (
    <FileUpload.Root width="auto" {...root(props)}>
      <FileUpload.HiddenInput data-testid={props.testId} aria-label={props.label} accept={props.accept.join(',')} />
      <FileUpload.Trigger asChild>{children}</FileUpload.Trigger>
    </FileUpload.Root>
  );
}

/** A place where a file is dropped, or chosen with the button in it. */
export function UploadDrop({ button, children, compact = false, ...props }: FileDropProps) {
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
