'use client';
import { createContext, useContext } from 'react';
import type { Origin } from '@/core/part-file/measured';
import type { Control, FieldValues, UseFormGetValues, UseFormRegister, UseFormSetValue } from 'react-hook-form';

/** The brief's form: values are a brief under way, in stored units; an unreadable figure stays as the text typed. */
export interface BriefForm {
  readonly control: Control<FieldValues>;
  readonly register: UseFormRegister<FieldValues>;
  readonly setValue: UseFormSetValue<FieldValues>;
  readonly getValues: UseFormGetValues<FieldValues>;
  /** What is wrong, by path. */
  readonly issues: ReadonlyMap<string, string>;
  /** Paths that hold a default nobody has confirmed. */
  readonly assumed: ReadonlySet<string>;
  readonly confirm: (path: string) => void;
  /** Where a value comes from, for those of the geometry; null for others. */
  readonly originOf: (path: string) => Origin | null;
  /** What must be said beside a measured value; undefined where nothing must. */
  readonly remarkOf: (path: string) => string | undefined;
}

const Context = createContext<BriefForm | null>(null);
export const BriefFormProvider = Context.Provider;

export function useBriefForm(): BriefForm {
  const form = useContext(Context);
  if (form === null) throw new Error('useBriefForm outside the brief');
  return form;
}
