'use client';
import { Box, Button, Field, Flex, Input } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { call, Refused } from '../api';

/** Makes a shop's own set out of this one: asks for its name and who makes it. */
export function CopySet({
  from,
  offered,
  who,
  place = '/rates',
  page,
}: {
  readonly from: string;
  /** Name that is offered for the copy. */
  readonly offered: string;
  readonly who: string;
  /** Address of the sets in the service, and of their pages where that is another. */
  readonly place?: string;
  readonly page?: string;
}) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [maker, setMaker] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (!open)
    return (
      <Button
        size="xs"
        onClick={() => {
          setTitle(offered);
          setMaker(who);
          setOpen(true);
        }}
      >
        Copy this set
      </Button>
    );
  const make = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const made = await call<{ id: string }>('POST', `/api${place}`, { from, name: title.trim(), who: maker.trim() });
      router.push(`${page ?? place}/${made.id}`);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was created.');
      setBusy(false);
    }
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void make();
      }}
    >
      <Flex gap="3" align="flex-end" flexWrap="wrap">
        <Field.Root width="16rem">
          <Field.Label>Name of the copy</Field.Label>
          <Input value={title} maxLength={120} onChange={(e) => setTitle(e.target.value)} />
        </Field.Root>
        <Field.Root width="12rem">
          <Field.Label>Made by</Field.Label>
          <Input value={maker} maxLength={80} onChange={(e) => setMaker(e.target.value)} />
        </Field.Root>
        <Button
          type="submit"
          size="xs"
          variant="solid"
          loading={busy}
          disabled={title.trim() === '' || maker.trim() === ''}
        >
          Create copy
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
