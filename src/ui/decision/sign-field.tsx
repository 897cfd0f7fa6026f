import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { FieldError } from 'react-hook-form';

/** A labelled box of a form, with what is wrong in it. */
export function SignField({
  id,
  label,
  error,
  help,
  children,
}: {
  readonly id: string;
  readonly label: string;
  readonly error: FieldError | undefined;
  readonly help?: string;
  readonly children: ReactNode;
}) {
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <div className={error ? 'inbox is-bad' : 'inbox'}>{children}</div>
      {error && (
        <Box color="alarm" role="alert">
          {error.message}
        </Box>
      )}
      {help !== undefined && <div className="help">{help}</div>}
    </div>
  );
}
