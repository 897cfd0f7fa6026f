'use client';
import { Span } from '@chakra-ui/react';
import { FormGrid, PageLink, Section } from '../kit';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import { useForm, type FieldValues } from 'react-hook-form';
import { inspectBrief, type Brief, type BriefIssue } from '@/core/brief';
import { MEASURED_FIELDS, originOf } from '@/core/part-file/measured';
import { useUnits } from '../preferences';
import { handOver } from '../part/handoff';
import { remarkWords } from '../part/remark-words';
import { DropFile } from '../part/drop-file';
import { AnswerField, CheckField, DateField, NumberField, SelectField, TextField } from '../fields/inputs';
import { RowOfFigures } from '../fields/row-of-figures';
import { useStudy } from '../study/study-context';
import { ALLOY_OPTIONS } from './alloy-options';
import { Candidates } from './candidates';
import { DraftField } from './draft-field';
import { DrawingSection } from './drawing-section';
import { FeaturesTable, HolesTable } from './entry-tables';
import { withoutEmptied } from './emptied';
import { BriefFormProvider, type BriefForm } from './form-context';
import { issueWords } from './issue-words';
import { MetalLimits } from './metal-limits';
import { LifeWords } from './life-words';
import { salvage } from './salvage';
import { TodaySection } from './today-section';
import { keepTyping, keptTyping } from './typing';
import { Unknowns } from './unknowns';

/** Everything known of the part, on one screen. What is typed is saved as it is typed; what is not known stays so. */
export function BriefView() {
  const { brief, generation } = useStudy('brief', 'generation');
  return <BriefFormScreen key={generation} start={brief} />;
}

function BriefFormScreen({ start }: { start: Brief }) {
  const { id, brief, setBrief } = useStudy('id', 'brief', 'setBrief');
  const router = useRouter();
  const [units] = useUnits();
  const [first] = useState<FieldValues>(() => keptTyping(id) ?? start);
  const form = useForm<FieldValues>({ defaultValues: first });
  const { control, register, setValue, getValues, subscribe } = form;
  const [found, setFound] = useState<readonly BriefIssue[]>(() => inspectBrief(withoutEmptied(first)).issues);
  const latest = useRef(brief);
  useEffect(() => {
    latest.current = brief;
  }, [brief]);

  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          const raw = withoutEmptied(structuredClone(values));
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
  const context = useMemo<BriefForm>(
    () => ({ control, register, setValue, getValues, issues, assumed, confirm, originOf: originOfPath, remarkOf }),
    [control, register, setValue, getValues, issues, assumed, confirm, originOfPath, remarkOf],
  );
  const toPart = (file: File): void => {
    handOver(id, file);
    router.push(`/studies/${id}/part`);
  };
  return (
    <BriefFormProvider value={context}>
      <form onSubmit={(event) => event.preventDefault()} autoComplete="off">
        <Unknowns />
        <Section title="The part">
          <FormGrid>
            <TextField path="title" label="Title" help="What it is called in the shop and on the drawing." />
            <SelectField
              path="alloy"
              label="Alloy"
              options={ALLOY_OPTIONS}
              empty="not chosen yet"
              help="Decides which moulds can be poured at all."
            />
            <SelectField
              path="alloyMode"
              label="The alloy is"
              options={[
                ['one', 'settled'],
                ['candidates', 'one of a few'],
                ['needs', 'whatever meets its needs'],
              ]}
              help="The board counts with the alloy above; the Alloys view lays all of them side by side."
            />
            <Candidates />
            <MetalLimits />
            <TextField
              path="alloyWhy"
              label="Why this alloy"
              rows={2}
              help="So that nobody changes it without knowing."
            />
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
          </FormGrid>
          <div style={{ marginTop: 14 }}>
            <TextField
              path="what"
              label="What it does"
              rows={2}
              help="One or two sentences for whoever reads the record."
            />
          </div>
        </Section>
        <Section
          title={
            <>
              Geometry{' '}
              {brief.model !== null && (
                <Span color="fg.muted">
                  measured from <PageLink href={`/studies/${id}/part`}>{brief.model.name}</PageLink>
                </Span>
              )}
            </>
          }
        >
          <DropFile compact asksUnit={null} busy={false} onFile={toPart} onUnit={() => undefined} />
          <FormGrid style={{ marginTop: 12 }}>
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
            <RowOfFigures
              path="geometry.box_mm"
              label="Box: length, width, height along the draw"
              help="Decides flask, die block, machine and how many fit."
              names={['Length', 'Width', 'Height along the draw']}
              dimension="length"
            />
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
          </FormGrid>
        </Section>
        <Section
          title={
            <>
              Quantity <LifeWords />
            </>
          }
        >
          <FormGrid>
            <NumberField
              path="quantity.perYear"
              label="Pieces a year"
              unit="a year"
              help="With the years it is the programme the tools are paid over."
            />
            <NumberField path="quantity.years" label="Years" unit="years" help="How long it will be made." />
            <NumberField path="quantity.lot" label="Lot" unit="pieces an order" help="Every order pays a set-up." />
            <RowOfFigures
              path="quantity.demand"
              label="Demand a year: low, likely, high"
              help="Drawn as a band on the rail."
              names={['Low demand a year', 'Likely demand a year', 'High demand a year']}
              unit="a year"
            />
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
          </FormGrid>
        </Section>
        <Section title="Toleranced dimensions" id="field-features">
          <FeaturesTable />
        </Section>
        <Section title="Holes" id="field-holes">
          <HolesTable />
        </Section>
        <Section title="Surface and needs">
          <FormGrid>
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
          </FormGrid>
        </Section>
        <TodaySection />
        <DrawingSection />
      </form>
    </BriefFormProvider>
  );
}
