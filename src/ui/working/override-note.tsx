'use client';
import { Input, Span } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { useState } from 'react';
import { mostPositions } from '@/core/cost';
import { laneWords } from '@/core/catalogue/routes';
import { useStudy } from '../study/study-context';

/** Holds a count of positions, or this variant of its route, against the cheapest; and lets it go again. */
export function OverrideNote({ laneId }: { readonly laneId: string }) {
  const { brief, study, setBrief } = useStudy('brief', 'study', 'setBrief');
  const [typed, setTyped] = useState('');
  const [cavities, setCavities] = useState('');
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  if (entry === undefined || entry.model === null) return null;
  const { layouts, variants } = brief.overrides;
  const routeId = entry.lane.route.id;
  const held = layouts[laneId];
  const most = mostPositions(entry.model);
  const { toolPerPosition, toolCavities = [] } = entry.lane.capability.layout;
  const tools = toolPerPosition ? [] : toolCavities;
  const siblings = entry.lane.route.variants.length;
  const change = (next: Partial<typeof brief.overrides>): void =>
    setBrief({ ...brief, overrides: { ...brief.overrides, ...next } });
  const letLayoutGo = (): void =>
    change({ layouts: Object.fromEntries(Object.entries(layouts).filter(([id]) => id !== laneId)) });
  const letVariantGo = (): void =>
    change({ variants: Object.fromEntries(Object.entries(variants).filter(([id]) => id !== routeId)) });
  const n = Number(typed);
  const bad = typed.trim() !== '' && !(Number.isInteger(n) && n >= 1 && n <= most);
  const { route, variant } = laneWords(laneId);
  return (
    <div className="override-note" data-testid="override">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.trim() === '' || bad) return;
          change({ layouts: { ...layouts, [laneId]: [n, cavities === '' ? (tools[0] ?? 0) : Number(cavities)] } });
          setTyped('');
        }}
      >
        <label htmlFor="held-count">Hold another count, 1 to {most}</label>{' '}
        <Input
          id="held-count"
          variant="flushed"
          textAlign="end"
          style={{ width: 64 }}
          inputMode="numeric"
          autoComplete="off"
          aria-invalid={bad}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />{' '}
        {tools.length > 1 && (
          <>
            <label htmlFor="held-cavities">with a tool of</label>{' '}
            <select
              id="held-cavities"
              className="plain-select"
              value={cavities === '' ? tools[0] : cavities}
              onChange={(e) => setCavities(e.target.value)}
            >
              {tools.map((count) => (
                <option key={count} value={count}>
                  {count} {count === 1 ? 'cavity' : 'cavities'}
                </option>
              ))}
            </select>{' '}
          </>
        )}
        <FigureButton>hold it</FigureButton>
        {bad && (
          <Span color="alarm" textStyle="label" role="alert">
            {' '}
            Positions “{typed}”: a whole number from 1 to {most} is wanted; more do not fit a pour.
          </Span>
        )}
      </form>
      {held !== undefined && (
        <p>
          {entry.overriddenCost === null
            ? `${held[0]} a pour are held by the brief but do not fit any more; the cheapest count is used.`
            : `${held[0]} a pour are held by the brief.`}{' '}
          <FigureButton onClick={letLayoutGo}>take the cheapest again</FigureButton>
        </p>
      )}
      {siblings > 1 && (
        <p>
          {variants[routeId] === laneId ? (
            <>
              {variant} is held as the way of {route}; its other variants cannot lead.{' '}
              <FigureButton onClick={letVariantGo}>let the cheapest variant lead again</FigureButton>
            </>
          ) : (
            <>
              {entry.passedOver
                ? 'Another variant of the route is held. '
                : 'The cheapest variant stands for its route. '}
              <FigureButton onClick={() => change({ variants: { ...variants, [routeId]: laneId } })}>
                hold {variant} for {route}
              </FigureButton>
            </>
          )}
        </p>
      )}
    </div>
  );
}
