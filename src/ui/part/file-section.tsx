'use client';
import { Text, chakra } from '@chakra-ui/react';
import { FileLink, Section } from '../kit';
import type { Brief } from '@/core/brief';
import type { BodyFound, FileFound } from '@/workers/part.protocol';
import { whole } from '../format';
import type { PartState } from './part-state';
import { isBroken, VerdictLine } from './verdict-line';

/** The file: how it was taken, what was odd about it, what was repaired, and where it is kept. */
export function FileSection({
  file,
  body,
  model,
  kept,
}: {
  readonly file: FileFound;
  readonly body: BodyFound | null;
  readonly model: Brief['model'];
  readonly kept: PartState['kept'];
}) {
  const { counts } = file;
  const bodies = body?.whole.shells.filter((s) => s.volume_mm3 > 0).length ?? 0;
  const voids = body?.whole.shells.filter((s) => s.volume_mm3 < 0).length ?? 0;
  const odd: string[] = [
    ...(counts.degenerate > 0 ? [`${whole(counts.degenerate)} facets without area were dropped`] : []),
    ...(counts.duplicateFaces > 0 ? [`${whole(counts.duplicateFaces)} duplicate facets were dropped`] : []),
    ...(counts.boundaryEdges > 0 ? [`${whole(counts.boundaryEdges)} edges have a facet on one side only`] : []),
    ...(counts.nonManifoldEdges > 0 ? [`${whole(counts.nonManifoldEdges)} edges belong to more than two facets`] : []),
    ...(counts.inconsistentEdges > 0
      ? [`${whole(counts.inconsistentEdges)} edges join facets of opposite winding`]
      : []),
    ...(file.turned > 0 ? [`${whole(file.turned)} facets were reversed`] : []),
    ...((body?.overlapEdges ?? 0) > 0
      ? [
          `${whole(body?.overlapEdges ?? 0)} edges pass through the surface: it overlaps itself, so that volume, walls and undercuts are not filled in`,
        ]
      : []),
    ...(bodies > 1 ? [`${bodies} separate bodies: their volumes are added`] : []),
    ...(voids > 0
      ? [`${voids} closed ${voids === 1 ? 'hollow' : 'hollows'} inside: no pattern can be drawn from it`]
      : []),
    ...file.warnings,
  ];
  return (
    <Section
      title={file.name}
      under={
        <>
          {whole(counts.triangles)} facets, {whole(counts.vertices)} corners, drawn in {file.unit}
          {file.unitFrom === 'file' ? ' (the file says so)' : ' (chosen)'}
        </>
      }
      aria-label="The file"
    >
      {!isBroken(file) && <VerdictLine file={file} onMend={null} />}
      {odd.length > 0 && (
        <chakra.ul textStyle="label">
          {odd.map((line) => (
            <li key={line}>{line}.</li>
          ))}
        </chakra.ul>
      )}
      <Text textStyle="label" data-testid="file-kept">
        {typeof kept === 'object'
          ? `Not saved: ${kept.failed} The brief was filled as if typed; drop the file again to save it.`
          : kept === 'sending'
            ? 'Saving the file …'
            : model !== null && (
                <>
                  Saved unchanged.{' '}
                  <FileLink href={`/api/part-files/${model.file}`} download={model.name}>
                    Download {model.name}
                  </FileLink>
                </>
              )}
      </Text>
    </Section>
  );
}
