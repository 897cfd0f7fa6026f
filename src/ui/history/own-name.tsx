import { Field, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { ownName, setOwnName } from '../study/autosave';

/** The name that stands beside the revisions saved here. */
export function OwnName() {
  const [name, setName] = useState(ownName);
  return (
    <Field.Root maxW="21rem" mb="2">
      <Field.Label>Your name in the history</Field.Label>
      <Input
        autoComplete="name"
        maxLength={48}
        value={name}
        suppressHydrationWarning
        onChange={(event) => {
          setName(event.target.value);
          setOwnName(event.target.value);
        }}
      />
    </Field.Root>
  );
}
