'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useController, useForm, type FieldValues } from 'react-hook-form';
import { ALLOYS, ALLOY_FAMILIES } from '@/core/alloys';
import { inspectBrief, lifetimeQuantity, type Brief, type BriefIssue } from '@/core/brief';
import { AnswerField, CheckField, DateField, Field, NumberField, SelectField, TextField } from '../fields/inputs';
import { readFigure, showFigure } from '../fields/numbers';
import { whole } from '../format';
import { useUnits } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { FeaturesTable, HolesTable } from './entry-tables';
import { BriefFormProvider, useBriefForm, type BriefForm } from './form-context';
import { FIELD_NAMES, issueWords } from './issue-words';
import { salvage } from './salvage';
import { keepTyping, keptTyping } from './typing';

const ALLOY_OPTIONS = ALLOY_FAMILIES.map(
  (family) => [family.name, ALLOYS.filter((a) => a.family === family.id).map((a) => [a.id, a.name] as const)] as const,
).filter(([, list]) => list.length > 0);

/** Everything known of the part, on one screen. What is typed is saved as it is typed; what is not known stays so. */
export function BriefView() {
  const { brief, generation } = useStudy();
  return <BriefFormScreen key={generation} start={brief} />;
}

function BriefFormScreen({ start }: { start: Brief }) {
  const { id, brief, setBrief } = useStudy();
  const [first] = useState<FieldValues>(() => keptTyping(id) ?? start);
  const form = useForm<FieldValues>({ defaultValues: first });
  const { control, register, setValue, getValues, subscribe } = form;
  const [found, setFound] = useState<readonly BriefIssue[]>(() => inspectBrief(first).issues);
  const latest = useRef(brief);
  useEffect(() => {
    latest.current = brief;
  }, [brief]);

  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          const raw = structuredClone(values);
          const { brief: whole, issues } = inspectBrief(raw);
          setFound(issues);
          keepTyping(id, whole === null ? raw : null);
          const next = whole ?? salvage(raw, latest.current, issues);
          if (next === null || JSON.stringify(next) === JSON.stringify(latest.current)) return;
          latest.current = next;
          setBrief(next);
        },
      }),
    [subscribe, setBrief, id],
  );

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
  const context = useMemo<BriefForm>(
    () => ({ control, register, setValue, getValues, issues, assumed, confirm }),
    [control, register, setValue, getValues, issues, assumed, confirm],
  );
  return (
    <BriefFormProvider value={context}>
      <form onSubmit={(event) => event.preventDefault()} autoComplete="off">
        <Unknowns />
        <section className="section">
          <h2>The part</h2>
          <div className="form-grid">
            <TextField path="title" label="Title" help="What it is called in the shop and on the drawing." />
            <SelectField
              path="alloy"
              label="Alloy"
              options={ALLOY_OPTIONS}
              empty="not chosen yet"
              help="Decides which moulds can be poured at all."
            />
            <Candidates />
            <TextField path="alloyWhy" label="Why this alloy" help="So that nobody changes it without knowing." />
            <SelectField
              path="geometry.form"
              label="Form"
              options={[
                ['prismatic', 'prismatic'],
                ['round', 'round'],
                ['flat', 'flat'],
              ]}
              help="Round parts start from bar, others from a block, when cut from solid."
            />
          </div>
          <div style={{ marginTop: 14 }}>
            <TextField
              path="what"
              label="What it does"
              rows={2}
              help="One or two sentences for whoever reads the record."
            />
          </div>
        </section>
        <section className="section">
          <h2>Geometry</h2>
          <div className="form-grid">
            <NumberField
              path="geometry.volume_cm3"
              label="Volume"
              dimension="volume"
              help="Times density it is the mass: metal, melting, limits of the ladle."
            />
            <NumberField
              path="geometry.area_cm2"
              label="Whole surface"
              dimension="area"
              help="Against the volume it tells how thin and branched the part is."
            />
            <BoxField />
            <NumberField
              path="geometry.wallMin_mm"
              label="Thinnest wall"
              dimension="length"
              help="Below a limit of route and metal it does not fill."
            />
            <NumberField
              path="geometry.sectionMax_mm"
              label="Thickest section"
              dimension="length"
              help="Freezes last: it sets the die cycle and wants feeding."
            />
            <NumberField
              path="geometry.projected_cm2"
              label="Projected area along the draw"
              dimension="area"
              help="Sets the clamp of a pressure die and the allowance across the parting."
            />
            <NumberField
              path="geometry.undercuts"
              label="Undercuts"
              unit="count"
              help="Places that lean back past the draw: each a loose piece, core or slide."
            />
            <NumberField
              path="geometry.passages"
              label="Inner passages"
              unit="count"
              help="Hollows no straight pull clears: each a core, and no pressure die."
            />
            <NumberField
              path="geometry.coredHoles"
              label="Holes wanted cast"
              unit="count"
              help="The detailed ones below included."
            />
            <DraftField />
          </div>
        </section>
        <section className="section">
          <h2>
            Quantity <LifeWords />
          </h2>
          <div className="form-grid">
            <NumberField
              path="quantity.perYear"
              label="Pieces a year"
              unit="a year"
              help="With the years it is the programme the tools are paid over."
            />
            <NumberField path="quantity.years" label="Years" unit="years" help="How long it will be made." />
            <NumberField path="quantity.lot" label="Lot" unit="pieces an order" help="Every order pays a set-up." />
            <DemandField />
            <NumberField
              path="quantity.prototypes"
              label="Prototypes"
              unit="pieces"
              help="Wanted before the first delivery."
            />
            <DateField path="quantity.prototypeDate" label="Prototypes by" />
            <DateField
              path="quantity.orderDate"
              label="Order placed"
              help="Dates are counted from here; empty means today."
            />
            <DateField path="quantity.firstDelivery" label="First delivery" help="Lanes that come later say so." />
          </div>
        </section>
        <section className="section" id="field-features">
          <h2>Toleranced dimensions</h2>
          <FeaturesTable />
        </section>
        <section className="section" id="field-holes">
          <h2>Holes</h2>
          <HolesTable />
        </section>
        <section className="section">
          <h2>Surface and needs</h2>
          <div className="form-grid">
            <NumberField
              path="surface.Ra_um"
              label="Roughness of the whole face, Ra"
              dimension="roughness"
              help="Finer than the route’s best skin rules it out, unless it may be polished."
            />
            <CheckField
              path="surface.polishAllowed"
              label="May be polished"
              help="Opens routes whose skin is too rough."
            />
            <SelectField
              path="needs.environment"
              label="Where it lives"
              empty="not said"
              options={[
                ['indoor', 'indoor'],
                ['outdoor', 'outdoor'],
                ['marine', 'marine'],
                ['hot', 'hot'],
              ]}
              help="What the bare metal bears there."
            />
            <AnswerField
              path="needs.pressureTight"
              label="Must hold pressure"
              help="Gas in some castings leaks; testing is paid for."
            />
            <AnswerField
              path="needs.heatTreated"
              label="Heat treated"
              help="Gas-filled castings blister in the furnace."
            />
            <CheckField
              path="needs.heatTreatOptional"
              label="Heat treatment may be left out"
              help="Keeps routes open that can only age their castings."
            />
            <CheckField
              path="needs.coated"
              label="Painted or plated"
              help="A metal that suffers where it lives is then covered."
            />
            <CheckField path="needs.xray" label="Each piece X-rayed" help="Paid for on every piece." />
            <AnswerField path="needs.welded" label="Welded later" />
            <AnswerField path="needs.leadFree" label="Free of lead" />
            <AnswerField path="needs.inserts" label="Inserts cast in" />
            <AnswerField path="needs.castThread" label="Threads cast" help="Where they cannot be, they are cut." />
            <AnswerField
              path="needs.cosmeticFace"
              label="Has a face that is seen"
              help="Makes every tool and pattern more careful."
            />
          </div>
        </section>
        <section className="section">
          <h2>Today</h2>
          <div className="form-grid">
            <SelectField
              path="today.how"
              label="How it is made now"
              empty="not made yet"
              options={[
                ['machined', 'machined from solid'],
                ['fabricated', 'fabricated from several parts'],
                ['green-sand', 'green sand'],
                ['bonded-sand', 'bonded sand'],
                ['gravity-die', 'gravity die'],
                ['bought', 'bought'],
              ]}
            />
            <NumberField
              path="today.parts"
              label="Parts in it"
              unit="parts"
              help="Several parts may become one casting."
            />
            <NumberField path="today.cost_USD" label="Costs today" unit="USD a piece" />
            <TextField path="today.note" label="Note" />
          </div>
        </section>
      </form>
    </BriefFormProvider>
  );
}

/** What is still not known, each a way to its field. */
function Unknowns() {
  const { study, brief } = useStudy();
  const fields = useMemo(() => {
    const open = new Set<string>(study.missing);
    for (const entry of study.lanes)
      for (const f of entry.screening?.findings ?? [])
        if (f.status === 'not-known') f.fields.forEach((p) => open.add(p));
    return [...open].filter((path) => FIELD_NAMES[path] !== undefined);
  }, [study]);
  const defaults = brief.assumed.filter((p) => FIELD_NAMES[p] !== undefined);
  if (fields.length === 0 && defaults.length === 0) return null;
  const list = (paths: readonly string[]) =>
    paths.map((path, i) => (
      <span key={path}>
        {i > 0 && ', '}
        <a className="plain-link" href={`#field-${path.replaceAll('.', '-')}`}>
          {FIELD_NAMES[path]?.toLowerCase()}
        </a>
      </span>
    ));
  return (
    <p className="small" style={{ marginTop: 12 }} data-testid="unknowns">
      {fields.length > 0 && <>Not known yet, so never passed: {list(fields)}. </>}
      {defaults.length > 0 && <>Still a default: {list(defaults)}.</>}
    </p>
  );
}

function LifeWords() {
  const { brief } = useStudy();
  const { setQ } = useQuantity();
  const life = lifetimeQuantity(brief);
  if (life === null) return <span className="quiet">pieces a year and years give the programme</span>;
  return (
    <span className="quiet">
      {whole(life)} pieces over the life{' '}
      <button
        type="button"
        className="textbtn small"
        style={{ borderBottom: '1px solid var(--hair-2)' }}
        onClick={() => setQ(life)}
      >
        set the rail there
      </button>
    </span>
  );
}

/** Alloys that would do as well: up to four, each one press away from being tried. */
function Candidates() {
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
            <div key={id} className="small" style={{ display: 'flex', gap: 8 }}>
              <button
                type="button"
                className="textbtn dotted"
                disabled={id === chosen}
                onClick={() => setValue('alloy', id, { shouldDirty: true })}
              >
                {name(id)}
              </button>
              {id === chosen && <span className="quiet">chosen</span>}
              <button
                type="button"
                className="textbtn quiet"
                aria-label={`Remove ${name(id)} from the candidates`}
                onClick={() => field.onChange(list.filter((x) => x !== id))}
              >
                remove
              </button>
            </div>
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

/** Three sides of the box, the third along the draw. */
function BoxField() {
  const { control, confirm, issues } = useBriefForm();
  const { field } = useController({ name: 'geometry.box_mm', control });
  const [units] = useUnits();
  const value = (Array.isArray(field.value) ? field.value : [null, null, null]) as (number | string | null)[];
  const [typed, setTyped] = useState<{ i: number; text: string } | null>(null);
  const unit = units === 'si' ? 'mm' : 'in';
  return (
    <Field
      path="geometry.box_mm"
      label="Box: length, width, height along the draw"
      help="Decides flask, die block, machine and how many fit."
      group
    >
      {() => (
        <div className="inbox">
          {['Length', 'Width', 'Height along the draw'].map((name, i) => (
            <input
              key={name}
              aria-label={`${name}, ${unit}`}
              aria-invalid={issues.has(`geometry.box_mm.${i}`)}
              inputMode="decimal"
              style={{ textAlign: 'right' }}
              value={typed?.i === i ? typed.text : showFigure(value[i] ?? null, 'length', units)}
              onFocus={() => setTyped({ i, text: showFigure(value[i] ?? null, 'length', units) })}
              onBlur={() => setTyped(null)}
              onChange={(event) => {
                setTyped({ i, text: event.target.value });
                const next = [...value];
                next[i] = readFigure(event.target.value, 'length', units);
                field.onChange(next.every((x) => x === null) ? null : next);
                confirm('geometry.box_mm');
              }}
            />
          ))}
          <span className="suffix">{unit}</span>
        </div>
      )}
    </Field>
  );
}

/** Low, likely and high demand a year. */
function DemandField() {
  const { control, issues } = useBriefForm();
  const { field } = useController({ name: 'quantity.demand', control });
  const value = (Array.isArray(field.value) ? field.value : [null, null, null]) as (number | string | null)[];
  const [typed, setTyped] = useState<{ i: number; text: string } | null>(null);
  return (
    <Field path="quantity.demand" label="Demand a year: low, likely, high" help="Drawn as a band on the rail." group>
      {() => (
        <div className="inbox">
          {['Low', 'Likely', 'High'].map((name, i) => (
            <input
              key={name}
              aria-label={`${name} demand a year`}
              aria-invalid={issues.has(`quantity.demand.${i}`)}
              inputMode="decimal"
              style={{ textAlign: 'right' }}
              value={typed?.i === i ? typed.text : showFigure(value[i] ?? null, null, 'si')}
              onFocus={() => setTyped({ i, text: showFigure(value[i] ?? null, null, 'si') })}
              onBlur={() => setTyped(null)}
              onChange={(event) => {
                setTyped({ i, text: event.target.value });
                const next = [...value];
                next[i] = readFigure(event.target.value, null, 'si');
                field.onChange(next.every((x) => x === null) ? null : next);
              }}
            />
          ))}
          <span className="suffix">a year</span>
        </div>
      )}
    </Field>
  );
}

/** As the route wants, none, or so many degrees. */
function DraftField() {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: 'geometry.draftAllowed', control });
  const value = field.value as boolean | number | string | null;
  const mode =
    value === true ? 'any' : value === false ? 'none' : value === null || value === undefined ? '' : 'degrees';
  const [typed, setTyped] = useState<string | null>(null);
  const set = (next: boolean | number | string | null): void => {
    field.onChange(next);
    confirm('geometry.draftAllowed');
  };
  return (
    <Field path="geometry.draftAllowed" label="Draft allowed" help="Walls along the draw must lean, or they stick.">
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          <select
            id={id}
            aria-describedby={described}
            value={mode}
            onChange={(e) => set({ any: true, none: false, degrees: 1, '': null }[e.target.value] ?? null)}
          >
            <option value="">not known</option>
            <option value="any">as the route wants</option>
            <option value="degrees">at most, in degrees</option>
            <option value="none">none</option>
          </select>
          {mode === 'degrees' && (
            <>
              <input
                aria-label="Degrees of draft allowed"
                inputMode="decimal"
                style={{ maxWidth: 60, textAlign: 'right' }}
                value={typed ?? showFigure(value as number | string, null, 'si')}
                onBlur={() => setTyped(null)}
                onChange={(e) => {
                  setTyped(e.target.value);
                  set(readFigure(e.target.value, null, 'si') ?? '');
                }}
              />
              <span className="suffix">°</span>
            </>
          )}
        </div>
      )}
    </Field>
  );
}
