import type { OcctReader } from 'occt-import-js';
import { encode } from 'fast-png';
import { CoreError } from '@/core/errors';
import {
  axisBox,
  buildBvh,
  checkMesh,
  creaseLines,
  draftOfFine,
  facetCorners,
  fineMesh,
  isClosed,
  measureBody,
  measureDraw,
  partingLine,
  placeSeen,
  wallOfFacets,
  type BodyMeasures,
  type ReadyBody,
  type Vec,
} from '@/core/geometry';
import { stillOf } from '@/core/picture';
import { measuredGeometry } from '@/core/measured';
import { fileKind, likelyUnit, readMeshFile, type LengthUnit, type RawMesh } from '@/core/mesh-files';
import type { BodyFound, DrawFound, PartAnswer, PartRequest, PartStage } from './part.protocol';
import { readStep } from './step';

/** Words of progress nearer than this to the last are not sent. */
const STEP = 0.02;
/** Pause in which the picture is drawn before measuring takes its share of the machine, ms. */
const PICTURE_FIRST_MS = 300;
/** Size of a still, pixels. */
const STILL_WIDE = 320;
const STILL_HIGH = 240;

type Send = (answer: PartAnswer, transfer?: Transferable[]) => void;
type Open = Extract<PartRequest, { kind: 'open' }>;

/** One part, from its file to its measures: what is read is kept, so that another draw costs only what hangs on it. */
export class PartSession {
  private raw: RawMesh | null = null;
  private opened: Omit<Open, 'bytes'> & { readonly size: number } = {
    id: 0,
    kind: 'open',
    name: '',
    unit: null,
    draw: null,
    size: 0,
  };
  private ready: ReadyBody | null = null;
  private body: BodyMeasures | null = null;
  private along: Vec = [0, 0, 1];

  constructor(
    private readonly send: Send,
    private readonly kernel: () => Promise<OcctReader>,
    /** Facets a body is refined to; the default of the core where not given. */
    private readonly facets?: number,
  ) {}

  /** Answers one request; never throws. */
  async handle(request: PartRequest): Promise<void> {
    try {
      if (request.kind === 'open') await this.open(request);
      else if (request.kind === 'unit') await this.measure(request.id, request.unit, 'given');
      else if (request.kind === 'draw') this.draw(request.id, request.direction);
      else this.pick(request.id, request.from, request.sight);
    } catch (error) {
      const issue = error instanceof CoreError ? error.issue : null;
      const message = error instanceof Error ? error.message : String(error);
      this.send({ id: request.id, kind: 'refused', issue, message });
    }
  }

  private async open(request: Open): Promise<void> {
    const { id, name } = request;
    const bytes = new Uint8Array(request.bytes);
    this.opened = { id, kind: 'open', name, unit: request.unit, draw: request.draw, size: bytes.length };
    this.ready = null;
    this.body = null;
    const progress = this.progress(id, 'reading');
    this.raw =
      fileKind(name, bytes) === 'step'
        ? readStep(await this.kernel(), name, bytes)
        : readMeshFile(name, bytes, progress);
    const unit = this.raw.unit ?? request.unit;
    if (unit !== null) return this.measure(id, unit, this.raw.unit === null ? 'given' : 'file');
    const size = axisBox({ positions: this.raw.positions, triangles: this.raw.triangles });
    this.send({ id, kind: 'unit-wanted', size, likely: likelyUnit(Math.max(...size)) });
  }

  private async measure(id: number, unit: LengthUnit, unitFrom: 'file' | 'given'): Promise<void> {
    const { raw, opened } = this;
    if (raw === null) throw new Error('no file was read');
    this.progress(id, 'checking')(0);
    const checked = checkMesh(raw, unit);
    // The picture first: the tree of boxes is built while it is drawn.
    const fine = fineMesh(checked.mesh, this.facets, checked.edges);
    const corners = facetCorners(fine);
    const file = {
      name: opened.name,
      bytes: opened.size,
      unit,
      unitFrom,
      verdict: checked.verdict,
      counts: checked.counts,
      turned: checked.turned,
      warnings: raw.warnings,
    };
    const creases = creaseLines(fine);
    const forStill = corners.slice();
    this.send({ id, kind: 'shown', file, corners, creases, areas: Float32Array.from(fine.areas) }, [
      corners.buffer,
      creases.buffer,
    ]);
    await new Promise((done) => setTimeout(done, PICTURE_FIRST_MS));
    const ready = { checked, fine, bvh: buildBvh(checked.mesh) };
    this.ready = ready;
    const body = measureBody(ready, this.progress(id, 'measuring'));
    this.body = body;
    const { found, ...rest } = body;
    const out: BodyFound = {
      ...rest,
      wallRay: found === null ? null : wallOfFacets(ready, found, 'ray'),
      wallSphere: found === null ? null : wallOfFacets(ready, found, 'sphere'),
    };
    this.send(
      { id, kind: 'body', body: out },
      [out.wallRay, out.wallSphere].flatMap((a) => (a === null ? [] : [a.buffer as ArrayBuffer])),
    );
    const d = opened.draw ?? body.draws[0]?.direction ?? [0, 0, 1];
    this.draw(id, d);
    const still = stillOf(forStill, STILL_WIDE, STILL_HIGH, d);
    this.send({ id, kind: 'still', png: encode({ ...still, channels: 4, depth: 8 }) });
  }

  private pick(id: number, from: Vec, sight: Vec): void {
    if (this.ready === null) return;
    const place = placeSeen(this.ready, from, sight, this.along, isClosed(this.ready.checked));
    this.send({ id, kind: 'picked', place });
  }

  private draw(id: number, d: Vec): void {
    this.along = d;
    const { ready, body } = this;
    if (ready === null || body === null) throw new Error('nothing was measured yet');
    const draw = measureDraw(ready, d, this.progress(id, 'undercuts'));
    const { undercut, ...rest } = draw;
    const regionOf = new Uint8Array(ready.fine.areas.length);
    if (undercut !== null) {
      undercut.trapped.forEach((share, f) => share >= 0.5 && (regionOf[f] = 255));
      undercut.regions.forEach((r, i) => {
        for (const f of r.facets) regionOf[f] = Math.min(254, i + 1);
      });
    }
    const out: DrawFound = {
      ...rest,
      draft: draftOfFine(ready, d),
      undercut:
        undercut === null
          ? null
          : {
              area_mm2: undercut.area_mm2,
              share: undercut.share,
              slides: undercut.slides,
              cores: undercut.cores,
              closedVoids: undercut.closedVoids,
              regions: undercut.regions.map(({ facets: _facets, ...r }) => r),
              half: undercut.half,
              regionOf,
            },
      parting: undercut === null ? new Float32Array() : partingLine(ready.fine, undercut),
      geometry: measuredGeometry(ready.checked, body, draw),
      resolution_mm: ready.fine.resolution_mm,
    };
    this.send({ id, kind: 'drawn', draw: out }, [
      out.draft.buffer as ArrayBuffer,
      regionOf.buffer,
      out.parting.buffer as ArrayBuffer,
    ]);
  }

  private progress(id: number, stage: PartStage): (share: number) => void {
    let told = -1;
    return (share) => {
      if (share - told < STEP) return;
      told = share;
      this.send({ id, kind: 'progress', stage, share });
    };
  }
}
