'use client';
import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { call, Refused } from '../api';
import { loadAlloys } from '../brief/load-alloys';
import { keepHere, keptHere } from '../browser-store';
import { SearchChoice } from '../kit';

const isText = (x: unknown): x is string => typeof x === 'string';

/** Puts an alloy of the team's own in, copied from one of the table; its values are typed on its page. */
export function AddAlloy({
  from = null,
  fromName = null,
  title = 'Add an alloy',
}: {
  /** The alloy it is copied from, where that is known already. */
  readonly from?: string | null;
  readonly fromName?: string | null;
  readonly title?: string;
}) {
  const router = useRouter();
  const id = useId();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [base, setBase] = useState<string | null>(from);
  const [who, setWho] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  if (!open)
    return (
      <Button
        size="xs"
        onClick={() => {
          setWho(keptHere('rates-who', isText) ?? '');
          if (fromName !== null) setName(`${fromName}, ours`);
          setOpen(true);
        }}
      >
        {title}
      </Button>
    );
  const add = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const made = await call<{ id: string }>('POST', '/api/alloys', {
        name: name.trim(),
        from: base,
        who: who.trim(),
        facts: {},
      });
      keepHere('rates-who', who.trim());
      router.push(`/alloys/${made.id}?edit=1`);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was created.');
      setBusy(false);
    }
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      <Flex gap="3" align="flex-end" flexWrap="wrap">
        <Field.Root width="16rem">
          <Field.Label>Name of the alloy</Field.Label>
          <Input value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
        </Field.Root>
        {from === null && (
          <Field.Root width="18rem" ids={{ control: `${id}-from` }}>
            <Field.Label>Copied from</Field.Label>
            <SearchChoice
              id={`${id}-from`}
              label="Copied from"
              load={loadAlloys}
              name={null}
              value={base}
              clearable={false}
              placeholder="the nearest of the table"
              onChange={setBase}
            />
          </Field.Root>
        )}
        <Field.Root width="12rem">
          <Field.Label>Entered by</Field.Label>
          <Input value={who} maxLength={80} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        <Button
          type="submit"
          size="xs"
          variant="solid"
          loading={busy}
          disabled={name.trim() === '' || base === null || who.trim() === ''}
        >
          Add
        </Button>
        <Button size="xs" onClick={() => setOpen(false)}>
          Cancel
        </Button>
      </Flex>
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert">
          {problem}
        </Box>
      )}
    </form>
  );
}
