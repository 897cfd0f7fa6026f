'use client';
import { FigureButton } from '../kit';
import { Button, Grid, Span, Text } from '@chakra-ui/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Vec } from '@/core/part-file/geometry';
import { withoutModel } from '@/core/part-file/measured';
import { useStudy } from '../study/study-context';
import type { ViewerClient } from '@/workers/viewer.client';
import { AlsoSection } from './also-section';
import { DrawSection } from './draw-section';
import { DropFile } from './drop-file';
import { FileSection } from './file-section';
import { Legend } from './legend';
import { MeasuresSection } from './measures-section';
import { PaintChoice, type Paint } from './paint-choice';
import { PartBusy } from './part-busy';
import { PlaceLine } from './place-line';
import { PlacesSection, placesOf } from './places-section';
import { PartWorkingProvider } from './part-working';
import { useHashPlace } from './use-hash-place';
import { usePainting } from './use-painting';
import { usePart } from './use-part';
import { isBroken, VerdictLine } from './verdict-line';
import { Viewer } from './viewer';
import { refusalWords } from './words';

/** Picture beside measures, where there is a picture. */
const TWO = {
  mt: '6',
  templateColumns: { base: 'minmax(0, 1fr)', md: 'minmax(0, 1.15fr) minmax(0, 1fr)' },
  gap: '7',
} as const;

/** The part itself: its file, what it measures, where each difficulty sits, and how the mould opens. */
export function PartView() {
  const { brief, setBrief } = useStudy('brief', 'setBrief');
  const viewer = useRef<ViewerClient | null>(null);
  const { state, take, giveUnit, turn, repair, cancel, pick, again } = usePart(viewer);
  const [paint, setPaint] = useState<Paint>('plain');
  const [focus, setFocus] = useState<{ readonly at: Vec } | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const { shown, body, draw } = state;
  const painting = usePainting(state, paint);
  const places = useMemo(() => placesOf(body, draw), [body, draw]);
  const markers = useMemo(
    () =>
      places.filter((p) => p.kind !== 'round' || p.id === chosen).map((p) => ({ id: p.id, label: p.label, at: p.at })),
    [places, chosen],
  );
  const show = useCallback(
    (id: string) => {
      const place = places.find((p) => p.id === id);
      if (place === undefined) return;
      setChosen(id);
      setFocus({ at: place.at });
      if (place.kind === 'undercut') setPaint('release');
      else if (place.kind === 'heavy') setPaint('sphere');
    },
    [places],
  );
  const asked = useHashPlace();
  const followed = useRef<string | null>(null);
  useEffect(() => {
    if (asked === null || draw === null || followed.current === asked) return;
    // Once: a place found by a link is not gone back to when the draw is turned.
    followed.current = asked;
    const wanted = places.find((p) => p.id === asked) ?? places.find((p) => p.kind === asked);
    queueMicrotask(() => {
      if (wanted !== undefined) show(wanted.id);
      else if (asked === 'wall') setPaint('ray');
      else if (asked === 'draft') setPaint('draft');
    });
  }, [asked, draw, places, show]);

  const tried = useMemo(() => (body?.draws ?? []).map((t) => t.direction), [body]);
  const idle = state.busy === null;

  return (
    <PartWorkingProvider state={state}>
      {state.refused !== null && (
        <Text color="alarm" role="alert" data-testid="part-refused" mt="3">
          {refusalWords(state.refused.name, state.refused.issue, state.refused.message)}
        </Text>
      )}
      {state.busy !== null && <PartBusy busy={state.busy} onStop={cancel} />}
      <DropFile
        compact={shown !== null}
        asksUnit={state.asksUnit}
        busy={state.busy !== null}
        onFile={take}
        onUnit={giveUnit}
      />
      {state.file !== null && isBroken(state.file) && state.asksUnit === null && (
        <VerdictLine file={state.file} onMend={idle ? repair : null} />
      )}
      {shown === null && brief.model !== null && idle && state.asksUnit === null && (
        <Text textStyle="label" mt="3.5">
          <Button size="xs" onClick={again}>
            Open {brief.model.name} again
          </Button>
        </Text>
      )}
      <Grid as="section" {...(shown === null ? {} : TWO)}>
        <div>
          {shown !== null && <PaintChoice state={state} paint={paint} onPaint={setPaint} />}
          <Viewer
            viewerRef={viewer}
            shown={shown}
            painting={painting}
            draw={draw?.direction ?? null}
            tried={tried}
            parting={draw?.parting ?? null}
            markers={markers}
            focus={focus}
            onPick={pick}
            onMarker={show}
            onTurn={idle ? turn : null}
          />
          {shown !== null && <PlaceLine place={state.place} />}
          {painting !== null && paint !== 'plain' && (
            <Legend painting={painting} paint={paint} resolution_mm={draw?.resolution_mm ?? null} />
          )}
        </div>
        {draw !== null && (
          <div>
            <MeasuresSection draw={draw} kept={state.kept} repaired={state.file?.repaired != null} />
            <DrawSection draw={draw} body={body} busy={!idle} onTurn={turn} />
          </div>
        )}
      </Grid>
      <AlsoSection />
      {places.length > 0 && <PlacesSection places={places} chosen={chosen} onShow={show} />}
      {state.file !== null && state.asksUnit === null && (
        <FileSection file={state.file} body={body} model={brief.model} kept={state.kept} />
      )}
      {brief.model !== null && state.busy === null && (
        <Text textStyle="label" mt="3.5">
          <FigureButton
            onClick={() => {
              cancel();
              setBrief(withoutModel(brief));
            }}
          >
            Remove file
          </FigureButton>{' '}
          <Span color="fg.muted">its values stay in the brief, as if typed</Span>
        </Text>
      )}
    </PartWorkingProvider>
  );
}
