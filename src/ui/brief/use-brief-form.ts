import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useForm, type FieldValues } from 'react-hook-form';
import type { Brief, BriefIssue } from '@/core/brief';
import { MEASURED_FIELDS, originOf } from '@/core/part-file/measured';
import { whenTouched } from '../late';
import { remarkWords } from '../part/remark-words';
import { useUnits } from '../preferences';
import { useStudy } from '../study/study-context';
import { withoutEmptied } from './emptied';
import type { BriefForm } from './form-context';
import { issueWords } from './issue-words';
import { keepTyping, keptTyping } from './typing';

/** How long until what checks a brief is asked for again, ms. */
const AGAIN_MS = 4000;

/**
 * The brief as a form: what is typed is checked and saved as it is typed; what is not taken stays in its field and is
 * kept in this browser.
 */
export function useBriefFormOf(start: Brief): BriefForm {
  const { id, brief, rates, setBrief, typing } = useStudy('id', 'brief', 'rates', 'setBrief', 'typing');
  const ownAlloys = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    ownAlloys.current = new Set(rates.alloys?.list.map((a) => a.id));
  }, [rates.alloys]);
  const [units] = useUnits();
  const [first] = useState<FieldValues>(() => keptTyping(id) ?? start);
  const [kept] = useState(() => first !== start);
  const form = useForm<FieldValues>({ defaultValues: first });
  const { control, register, setValue, getValues, subscribe } = form;
  const [found, setFound] = useState<readonly BriefIssue[]>([]);
  const latest = useRef(brief);
  useEffect(() => {
    latest.current = brief;
  }, [brief]);

  // What checks a brief is fetched when the page is touched, or where unread typing was kept; what is typed before it
  // comes is checked when it does.
  useEffect(() => {
    let check: ((values: FieldValues) => void) | null = null;
    let left = false;
    const fetchCheck = async (): Promise<void> => {
      const { inspectBrief, salvage } = await import('./inspection');
      if (left) return;
      check = (values) => {
        const raw = withoutEmptied(structuredClone(values));
        const { brief: whole, issues } = inspectBrief(raw, ownAlloys.current);
        setFound(issues);
        keepTyping(id, whole === null ? raw : null);
        const next = whole ?? salvage(raw, latest.current, issues);
        if (next === null || JSON.stringify(next) === JSON.stringify(latest.current)) return;
        latest.current = next;
        setBrief(next);
      };
      check(getValues());
      typing('taken');
    };
    let typed = false;
    let again: ReturnType<typeof setTimeout> | undefined;
    /** Where it does not come it is asked for again after a while; what was typed is kept in this browser. */
    const ask = (): void =>
      void fetchCheck().catch(() => {
        if (left || !typed) return;
        typing('failed');
        clearTimeout(again);
        again = setTimeout(ask, AGAIN_MS);
      });
    if (kept) ask();
    const leave = kept ? undefined : whenTouched(() => check === null && ask());
    const stop = subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        if (check !== null) return check(values);
        typed = true;
        typing('waiting');
        keepTyping(id, withoutEmptied(structuredClone(values)));
        ask();
      },
    });
    return () => {
      left = true;
      leave?.();
      clearTimeout(again);
      stop();
    };
  }, [subscribe, getValues, setBrief, typing, id, kept]);

  const issues = useMemo(() => new Map(found.map((issue) => [issue.path, issueWords(issue)])), [found]);
  const assumed = useMemo(() => new Set(brief.assumed), [brief.assumed]);
  const confirm = useCallback(
    (path: string) => {
      const held = (getValues('assumed') ?? []) as string[];
      if (held.includes(path))
        setValue(
          'assumed',
          held.filter((p) => p !== path),
        );
    },
    [getValues, setValue],
  );
  const originOfPath = useCallback(
    (path: string) => {
      const field = MEASURED_FIELDS.find((f) => path === `geometry.${f}`);
      return field === undefined || brief.model === null ? null : originOf(brief, field);
    },
    [brief],
  );
  const remarks = brief.model?.remarks;
  const remarkOf = useCallback(
    (path: string) => {
      const remark = remarks?.[path.replace('geometry.', '')];
      return remark === undefined ? undefined : remarkWords(remark, units);
    },
    [remarks, units],
  );
  return useMemo<BriefForm>(
    () => ({ control, register, setValue, getValues, issues, assumed, confirm, originOf: originOfPath, remarkOf }),
    [control, register, setValue, getValues, issues, assumed, confirm, originOfPath, remarkOf],
  );
}
