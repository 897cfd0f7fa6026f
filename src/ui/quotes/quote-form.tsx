'use client';
import { Box, Button, Field, Flex, Input, Text, Textarea } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { LANES, laneWords } from '@/core/catalogue/routes';
import { isReplyKey, REPLY_FIELDS, REPLY_LISTS, type ReplyField, type ReplyIssue, type ReplyList } from '@/core/quotes';
import { DateInput } from '../fields/date-input';
import { useChangeNote } from '../history/use-change-note';
import { Choice, FormGrid, Section, TextButton, Unit } from '../kit';
import { SheetPage } from '../shell/sheet';
import { FORM_GROUPS } from './form-groups.data';
import { useQuoteSaving, whoseProblem } from './use-quote-saving';
import { issuesByRow, useQuoteForm, type QuoteDraft } from './use-quote-form';
import type { Askable } from './quotes.types';

/** Rows of a list that stand open in an empty form. */
const OPEN_ROWS = 3;

interface Props {
  readonly studyId: string;
  readonly currency: string;
  readonly foundries: readonly Askable[];
  /** What it begins with; of a quote that is corrected, its id and version. */
  readonly first: Partial<QuoteDraft>;
  readonly correcting?: { readonly id: string; readonly version: number } | undefined;
  readonly entered: 'typed' | 'sheet' | 'paste';
  readonly onDone: () => void;
}

/** A quote as it is typed, checked row by row as the reply sheet is; what is typed stays in this browser until it is put in. */
export function QuoteForm({ studyId, currency, foundries, first, correcting, entered, onDone }: Props) {
  const keep = `quote-${studyId}-${correcting?.id ?? 'new'}`;
  const { draft, read, put, type, drop } = useQuoteForm(keep, first);
  const { who, setWho, why, setWhy, saved } = useChangeNote(keep);
  // A sheet that came back shows at once what is wrong in it.
  const [tried, setTried] = useState(entered !== 'typed');
  const issues = useMemo(() => issuesByRow(read.issues), [read.issues]);
  const lanes = useMemo(() => {
    const runs = foundries.find((f) => f.id === draft.foundryId)?.lanes;
    const all = [...LANES.map((l) => l.id), 'machined/machined', 'stamped/stamped'];
    return [...all].sort((x, y) => Number(runs?.includes(y) ?? false) - Number(runs?.includes(x) ?? false));
  }, [foundries, draft.foundryId]);
  const whose = whoseProblem(draft);
  const saving = useQuoteSaving({
    studyId,
    draft,
    read: read.quote,
    entered,
    correcting,
    who,
    why,
    onDone: () => {
      drop();
      saved();
      onDone();
    },
  });
  const of = (key: string): { text: string; issue: ReplyIssue | undefined } => {
    const words = REPLY_FIELDS.find((f) => f.path === key)?.words;
    return { text: draft.texts[key] ?? '', issue: tried && words !== undefined ? issues.get(words) : undefined };
  };
  return (
    <SheetPage
      title={correcting === undefined ? 'Enter a quote' : 'Correct a quote'}
      under={`as it was received, in its own units and currency; the study is in ${currency}`}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          setTried(true);
          if (whose === '') saving.save();
        }}
      >
        <Section title="Whose">
          <FormGrid>
            <Field.Root>
              <Field.Label>Foundry</Field.Label>
              <Choice
                disabled={correcting !== undefined}
                empty="another supplier"
                options={foundries.map((f) => [f.id, f.name])}
                value={draft.foundryId}
                onChange={(e) => put({ foundryId: e.target.value })}
              />
            </Field.Root>
            {draft.foundryId === '' && (
              <Field.Root>
                <Field.Label>Name of the supplier</Field.Label>
                <Input
                  disabled={correcting !== undefined}
                  value={draft.supplier}
                  onChange={(e) => put({ supplier: e.target.value })}
                />
              </Field.Root>
            )}
            <Field.Root>
              <Field.Label>Route</Field.Label>
              <Choice
                empty="to be chosen"
                options={lanes.map((id) => [id, routeName(id)])}
                value={draft.laneId}
                onChange={(e) => put({ laneId: e.target.value })}
              />
            </Field.Root>
          </FormGrid>
        </Section>
        {FORM_GROUPS.map(({ title, under, fields, list }) => (
          <Section key={title} title={title} under={under}>
            <FormGrid>
              {REPLY_FIELDS.filter((f) => fields.test(f.path)).map((f) => (
                <ReplyInput
                  key={f.path}
                  field={f}
                  words={f.words}
                  currency={draft.texts['currency'] || currency}
                  {...of(f.path)}
                  onType={(text) => type(f.path, text)}
                />
              ))}
            </FormGrid>
            {list !== undefined && (
              <Rows
                list={list}
                texts={draft.texts}
                currency={draft.texts['currency'] || currency}
                issues={tried ? issues : NO_ISSUES}
                onType={type}
              />
            )}
          </Section>
        ))}
        <Strangers texts={draft.texts} onType={type} />
        <Section title="Save">
          <FormGrid>
            <Field.Root required>
              <Field.Label>Your name</Field.Label>
              <Input value={who} onChange={(e) => setWho(e.target.value)} />
            </Field.Root>
            <Field.Root>
              <Field.Label>Why</Field.Label>
              <Input value={why} onChange={(e) => setWhy(e.target.value)} />
            </Field.Root>
          </FormGrid>
          {tried && (read.issues.length > 0 || whose !== '') && (
            <Box color="alarm" role="alert" textStyle="label" mt="2">
              {whose !== '' && <div>▲ {whose}</div>}
              {read.issues.slice(0, 12).map((i) => (
                <div key={i.path}>
                  ▲ {i.path}
                  {i.value !== '' && ` “${i.value}”`}: {i.message}.
                </div>
              ))}
              {read.issues.length > 12 && <div>and {read.issues.length - 12} more.</div>}
            </Box>
          )}
          {saving.problem !== '' && (
            <Text color="alarm" role="alert">
              {saving.problem}
            </Text>
          )}
          <Flex gap="3" mt="3">
            <Button type="submit" size="sm" disabled={saving.busy || who.trim() === ''}>
              {correcting === undefined ? 'Save the quote' : 'Save the correction'}
            </Button>
          </Flex>
        </Section>
      </form>
    </SheetPage>
  );
}

/** Rows of a sheet whose key is not one of the reply sheet: shown as they came, to be emptied. */
function Strangers({
  texts,
  onType,
}: {
  readonly texts: Readonly<Record<string, string>>;
  readonly onType: (key: string, text: string) => void;
}) {
  const strange = Object.entries(texts).filter(([key, text]) => text !== '' && !isReplyKey(key));
  if (strange.length === 0) return null;
  return (
    <Section title="Unknown rows" under="kept until you remove them">
      {strange.map(([key, text]) => (
        <Flex key={key} gap="3" textStyle="label">
          <span>
            {key}: “{text}”
          </span>
          <TextButton size="sm" onClick={() => onType(key, '')}>
            remove
          </TextButton>
        </Flex>
      ))}
    </Section>
  );
}

const NO_ISSUES: ReadonlyMap<string, ReplyIssue> = new Map();

/** Name of a lane, or of a way without a casting. */
function routeName(laneId: string): string {
  if (laneId === 'machined/machined') return 'Machined from solid';
  if (laneId === 'stamped/stamped') return 'Stamped';
  const { route, variant } = laneWords(laneId);
  return `${route}, ${variant}`;
}

/** One field of the reply sheet. */
function ReplyInput({
  field,
  words,
  currency,
  text,
  issue,
  onType,
}: {
  readonly field: ReplyField;
  readonly words: string;
  readonly currency: string;
  readonly text: string;
  readonly issue: ReplyIssue | undefined;
  readonly onType: (text: string) => void;
}) {
  const unit = field.kind === 'date' || field.kind === 'yes-no' ? '' : field.unit.replace(/^currency\b/, currency);
  const choices = field.kind === 'yes-no' ? ['yes', 'no'] : field.choices;
  if (choices !== undefined)
    return (
      <Field.Root invalid={issue !== undefined}>
        <Field.Label>{words}</Field.Label>
        <Choice empty="" options={choices.map((c) => [c, c])} value={text} onChange={(e) => onType(e.target.value)} />
        <Below field={field} issue={issue} />
      </Field.Root>
    );
  return (
    <Field.Root invalid={issue !== undefined}>
      <Field.Label>
        {words} {unit !== '' && <Unit>{unit}</Unit>}
      </Field.Label>
      {field.kind === 'date' ? (
        <DateInput label={words} value={text} onTake={onType} bad={issue !== undefined} />
      ) : field.path === 'remarks' ? (
        <Textarea rows={3} value={text} onChange={(e) => onType(e.target.value)} />
      ) : (
        <Input
          inputMode={field.kind === 'number' || field.kind === 'percent' ? 'decimal' : 'text'}
          autoComplete="off"
          value={text}
          onChange={(e) => onType(e.target.value)}
        />
      )}
      <Below field={field} issue={issue} />
    </Field.Root>
  );
}

function Below({ field, issue }: { readonly field: ReplyField; readonly issue: ReplyIssue | undefined }) {
  if (issue !== undefined)
    return (
      <Field.ErrorText>
        {issue.value === '' ? '' : `“${issue.value}”: `}
        {issue.message}.
      </Field.ErrorText>
    );
  return field.meaning === '' ? null : <Field.HelperText>{field.meaning}</Field.HelperText>;
}

/** The rows of a list: those with something in them, and a few more. */
function Rows({
  list,
  texts,
  currency,
  issues,
  onType,
}: {
  readonly list: ReplyList;
  readonly texts: Readonly<Record<string, string>>;
  readonly currency: string;
  readonly issues: ReadonlyMap<string, ReplyIssue>;
  readonly onType: (key: string, text: string) => void;
}) {
  const used = Math.max(
    0,
    ...Object.entries(texts).map(([key, text]) => {
      const [, n = '0'] = new RegExp(`^${list}\\.(\\d+)\\.`).exec(key) ?? [];
      return text === '' ? 0 : Number(n);
    }),
  );
  const [more, setMore] = useState(0);
  const rows = Math.max(OPEN_ROWS, used) + more;
  return (
    <Box mt="2">
      {Array.from({ length: rows }, (_, i) => (
        <FormGrid key={i} dense mb="2" alignItems="end">
          {REPLY_LISTS[list].map((f) => {
            const words = f.words.replace('{n}', String(i + 1));
            const key = `${list}.${i + 1}.${f.path}`;
            return (
              <ReplyInput
                key={key}
                field={i === 0 ? f : { ...f, meaning: '' }}
                words={words}
                currency={currency}
                text={texts[key] ?? ''}
                issue={issues.get(words)}
                onType={(text) => onType(key, text)}
              />
            );
          })}
        </FormGrid>
      ))}
      <TextButton size="sm" onClick={() => setMore((n) => n + 1)}>
        one more row
      </TextButton>
    </Box>
  );
}
