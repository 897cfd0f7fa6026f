'use client';
import { Box, Button, Input } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { SHIPPED_RATES, type RateRef } from '@/core/rates';
import { call, Refused } from '../api';

/** Makes a shop's own set out of this one: asks for its name and who makes it. */
export function CopySet({ from, name, who }: { readonly from: string; readonly name: string; readonly who: string }) {
  const router = useRouter();
  const id = useId();
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [maker, setMaker] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (!open)
    return (
      <Button
        size="xs"
        variant="outline"
        onClick={() => {
          setTitle(from === SHIPPED_RATES.id ? 'Our own rates' : `${name} (copy)`);
          setMaker(who);
          setOpen(true);
        }}
      >
        Make a copy
      </Button>
    );
  const make = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const made = await call<RateRef>('POST', '/api/rates', { from, name: title.trim(), who: maker.trim() });
      router.push(`/rates/${made.id}`);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was made.');
      setBusy(false);
    }
  };
  return (
    <form
      className="copy-set"
      onSubmit={(e) => {
        e.preventDefault();
        void make();
      }}
    >
      <div className="field">
        <label htmlFor={`${id}-name`}>Name of the copy</label>
        <div className="inbox">
          <Input id={`${id}-name`} value={title} maxLength={120} onChange={(e) => setTitle(e.target.value)} />
        </div>
      </div>
      <div className="field">
        <label htmlFor={`${id}-who`}>Made by</label>
        <div className="inbox">
          <Input id={`${id}-who`} value={maker} maxLength={80} onChange={(e) => setMaker(e.target.value)} />
        </div>
      </div>
      <Button
        type="submit"
        size="xs"
        variant="solid"
        loading={busy}
        disabled={title.trim() === '' || maker.trim() === ''}
      >
        Make the copy
      </Button>
      <Button size="xs" variant="outline" onClick={() => setOpen(false)}>
        Cancel
      </Button>
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert">
          {problem}
        </Box>
      )}
    </form>
  );
}
