'use client';
import { Box, Span } from '@chakra-ui/react';
import { FigureButton, TextButton } from '../kit';
import { useController } from 'react-hook-form';
import { ALLOYS } from '@/core/catalogue/alloys';
import { Field } from '../fields/inputs';
import { ALLOY_OPTIONS } from './alloy-options';
import { useBriefForm } from './form-context';

/** Alloys that would do as well: up to four, each one press away from being tried. */
export function Candidates() {
  const { control, setValue, getValues } = useBriefForm();
  const { field } = useController({ name: 'candidates', control });
  const list = (field.value ?? []) as string[];
  const chosen = getValues('alloy') as string | null;
  const name = (id: string): string => ALLOYS.find((a) => a.id === id)?.name ?? id;
  return (
    <Field path="candidates" label="Would do as well" help="Up to four; press one to try it on the board." group>
      {() => (
        <div>
          {list.map((id) => (
            <Box key={id} textStyle="label" style={{ display: 'flex', gap: 8 }}>
              <FigureButton disabled={id === chosen} onClick={() => setValue('alloy', id, { shouldDirty: true })}>
                {name(id)}
              </FigureButton>
              {id === chosen && <Span color="fg.muted">chosen</Span>}
              <TextButton
                size="sm"
                color="fg.muted"
                aria-label={`Remove ${name(id)} from the candidates`}
                onClick={() => field.onChange(list.filter((x) => x !== id))}
              >
                remove
              </TextButton>
            </Box>
          ))}
          {list.length < 4 && (
            <div className="inbox">
              <select
                aria-label="Add an alloy that would do as well"
                value=""
                onChange={(e) =>
                  e.target.value !== '' && !list.includes(e.target.value) && field.onChange([...list, e.target.value])
                }
              >
                <option value="">add …</option>
                {ALLOY_OPTIONS.map(([family, alloys]) => (
                  <optgroup key={family} label={family}>
                    {alloys.map(([id, label]) => (
                      <option key={id} value={id}>
                        {label}
                      </option>
                    ))}
                  </optgroup>
                ))}
              </select>
            </div>
          )}
        </div>
      )}
    </Field>
  );
}
