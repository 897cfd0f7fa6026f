'use client';
import { Flex, IconButton, Span } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useCallback } from 'react';
import { useController } from 'react-hook-form';
import { Field } from '../fields/field';
import { FigureButton, SearchChoice } from '../kit';
import { useBriefForm } from './form-context';
import { useAlloyChoice } from './use-alloy-choice';

const NONE: readonly string[] = [];

/** Other alloys at most. */
const MOST = 4;

/** Alloys that would do as well: up to four, each one press away from being tried. */
export function Candidates() {
  const { control, setValue, getValues } = useBriefForm();
  const { field } = useController({ name: 'candidates', control });
  const list = (field.value ?? NONE) as readonly string[];
  const chosen = getValues('alloy') as string | null;
  const { load: every, nameOf: name } = useAlloyChoice();
  const load = useCallback(async () => (await every()).filter((o) => !list.includes(o.value)), [every, list]);
  return (
    <Field path="candidates" label="Alternative alloys" help="Up to four; press one to try it on the board." group>
      {() => (
        <>
          {list.map((id) => (
            <Flex key={id} textStyle="label" gap="2" align="center">
              <FigureButton disabled={id === chosen} onClick={() => setValue('alloy', id, { shouldDirty: true })}>
                {name(id)}
              </FigureButton>
              {id === chosen && <Span color="fg.muted">chosen</Span>}
              <IconButton
                size="xs"
                variant="ghost"
                aria-label={`Remove ${name(id)} from the alternatives`}
                onClick={() => field.onChange(list.filter((x) => x !== id))}
              >
                <X size={13} />
              </IconButton>
            </Flex>
          ))}
          {list.length < MOST && (
            <SearchChoice
              key={list.length}
              label="Add an alternative alloy"
              load={load}
              name={null}
              value={null}
              clearable={false}
              placeholder="add …"
              onChange={(id) => id !== null && field.onChange([...list, id])}
            />
          )}
        </>
      )}
    </Field>
  );
}
