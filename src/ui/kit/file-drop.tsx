'use client';
import { Box, chakra, Input } from '@chakra-ui/react';
import { cloneElement, useEffect, useRef, useState, type ReactElement } from 'react';
import { whenTouched } from '../late';
import type { ButtonLike, FileButtonProps, FileDropProps, FileSourceProps } from './file-drop.types';

type Upload = typeof import('./file-upload');

const LISTENED = new WeakSet<HTMLInputElement>();

/** What takes files, fetched when the page is first touched, or something is dragged onto it. */
function useUpload(): Upload | null {
  const [upload, setUpload] = useState<Upload | null>(null);
  useEffect(
    () =>
      whenTouched(() => {
        // Where it does not come, the button still works; only dropping does not.
        import('./file-upload').then(setUpload, () => undefined);
      }),
    [],
  );
  return upload;
}

/** A button that asks for a file; the same file can be given twice. */
export function FileButton(props: FileButtonProps) {
  const upload = useUpload();
  return upload === null ? (
    <Asking {...props} button={props.children} />
  ) : (
    <upload.UploadButton {...props}>{props.children}</upload.UploadButton>
  );
}

/** A place where a file is dropped, or chosen with the button in it. */
export function FileDrop(props: FileDropProps) {
  const upload = useUpload();
  if (upload !== null) return <upload.UploadDrop {...props} />;
  const { compact = false, children } = props;
  return (
    <Box
      width="full"
      {...(compact ? { py: '2', px: '3' } : { p: '5' })}
      border="1px dashed"
      borderColor="border.emphasized"
      borderRadius="sm"
    >
      <Asking {...props} />
      {children}
    </Box>
  );
}

/** The button before what takes dropped files has come. */
function Asking({
  accept,
  label,
  disabled = false,
  testId,
  onFile,
  button,
}: FileSourceProps & { readonly button: ReactElement<ButtonLike> }) {
  const input = useRef<HTMLInputElement>(null);
  const take = useRef(onFile);
  useEffect(() => {
    take.current = onFile;
  });
  useEffect(() => {
    const element = input.current;
    if (element === null || LISTENED.has(element)) return;
    LISTENED.add(element);
    // For as long as the element lives: what takes dropped files may come while a file is being chosen here.
    element.addEventListener('change', () => {
      const [file] = element.files ?? [];
      element.value = '';
      if (file !== undefined) take.current(file);
    });
  }, []);
  return (
    <>
      <Input
        ref={input}
        type="file"
        hidden
        data-testid={testId}
        aria-label={label}
        accept={accept.join(',')}
        disabled={disabled}
      />
      <chakra.span display="contents" onClick={() => input.current?.click()}>
        {cloneElement(button, { disabled })}
      </chakra.span>
    </>
  );
}
