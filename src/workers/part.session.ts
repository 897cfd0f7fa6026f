import type { OcctReader } from 'occt-import-js';
import { encode } from 'fast-png';
import { CoreError } from '@/core/base/errors';
import {
  axisBox,
  checkMesh,
  creaseLines,
  draftOfFine,
  facetCorners,
  fineMesh,
  isClosed,
  lightOf,
  repairedMesh,
  measureBody,
  measureDraw,
  partingLine,
  placeSeen,
  readyBody,
  wallOfFacets,
  type BodyMeasures,
  type CheckedMesh,
  type FineMesh,
  type Light,
  type ReadyBody,
  type Vec,
} from '@/core/part-file/geometry';
import { stillOf } from '@/core/part-file/still';
import { placedHeavy, widestAlong } from '@/core/part-file/outline';
import { measuredGeometry, measuresKey, remarksOf } from '@/core/part-file/measured';
import { fileKind, likelyUnit, readMeshFile, type LengthUnit, type RawMesh } from '@/core/part-file/readers';
import type { BodyFound, DrawFound, FileFound, PartAnswer, PartRequest, PartStage } from './part.protocol';
import { packMeasures, unpackMeasures, type KeptMeasures, type KeptPicture } from './part-measures';
import { readStep } from './step';
import type { ViewerRequest } from './viewer.protocol';

/** Words of progress nearer than this to the last are not sent. */
const STEP = 0.02;
/** Pause in which the picture is drawn before measuring takes its share of the machine, ms. */
const PICTURE_FIRST_MS = 300;
/** Size of a still, pixels. */
const STILL_WIDE = 320;
const STILL_HIGH = 240;

type Send = (answer: PartAnswer, transfer?: Transferable[]) => void;
type Open = Extract<PartRequest, { kind: 'open' }>;
type Restore = Extract<PartRequest, { kind: 'restore' }>;
/** Takes the facets of the picture and its lines; both are given away. */
type Picture = (corners: Float32Array, creases: Float32Array) => void;

/** One part, from its file to its measures: what is read is kept, so that another draw costs only what hangs on it. */
export class PartSession {
  private raw: RawMesh | null = null;
  private picture: Picture = () => undefined;
  private opened: Omit<Open, 'file'> & { readonly size: number } = {
    id: 0,
    kind: 'open',
    name: '',
    unit: null,
    draw: null,
    repair: false,
    size: 0,
  };
  private prepared: {
    readonly unit: LengthUnit;
    readonly unitFrom: 'file' | 'given';
    readonly checked: CheckedMesh;
    readonly light: Light;
    readonly fine: FineMesh;
  } | null = null;
  private ready: ReadyBody | null = null;
  private body: BodyMeasures | null = null;
  private along: Vec = [0, 0, 1];
  /** What was reported of the part as it stands: kept so that it can be packed. */
  private answered: { file?: FileFound; picture?: KeptPicture; body?: BodyFound; draw?: DrawFound } = {};
  /** Where the file of a part that was restored can be fetched; null once it is here. */
  private source: string | null = null;
  private waking: Promise<void> | null = null;

  constructor(
    private readonly send: Send,
    private readonly kernel: () => Promise<OcctReader>,
    /** Facets a body is refined to; the default of the core where not given. */
    private readonly facets?: number,
    private readonly fetched: (source: string) => Promise<Blob> = fetchFile,
  ) {}

  /** Answers one request; never throws. */
  async handle(request: PartRequest): Promise<void> {
    try {
      if (request.kind === 'open') await this.open(request);
      else if (request.kind === 'unit') await this.given(request.id, request.unit);
      else if (request.kind === 'repair') await this.repair(request.id);
      else if (request.kind === 'draw') await this.turn(request.id, request.direction);
      else if (request.kind === 'picture') this.picture = sendTo(request.port);
      else if (request.kind === 'restore') await this.restore(request);
      else if (request.kind === 'pack') await this.pack(request.id);
      else await this.pick(request.id, request.from, request.sight);
    } catch (error) {
      const issue = error instanceof CoreError ? error.issue : null;
      const message = error instanceof Error ? error.message : String(error);
      this.send({ id: request.id, kind: 'refused', issue, message });
    }
  }

  private async open(request: Open): Promise<void> {
    const { id, name, unit: named, draw, repair } = request;
    this.opened = { id, kind: 'open', name, unit: named, draw, repair, size: request.file.size };
    this.prepared = null;
    this.ready = null;
    this.body = null;
    this.answered = {};
    this.source = null;
    this.waking = null;
    const raw = await this.read(id, request.file);
    const unit = raw.unit ?? named;
    if (unit !== null) {
      await this.show(id, unit, raw.unit === null ? 'given' : 'file');
      return this.measure(id);
    }
    // The picture stands while the unit is asked for: it is the same in any.
    const size = axisBox({ positions: raw.positions, triangles: raw.triangles });
    const likely = likelyUnit(Math.max(...size));
    await this.show(id, likely, 'given');
    this.send({ id, kind: 'unit-wanted', size, likely });
  }

  private async read(id: number, file: Blob): Promise<RawMesh> {
    this.raw = null;
    const { name } = this.opened;
    const bytes = new Uint8Array(await file.arrayBuffer());
    const progress = this.progress(id, 'reading');
    this.raw =
      fileKind(name, bytes) === 'step'
        ? readStep(await this.kernel(), name, bytes)
        : readMeshFile(name, bytes, progress);
    return this.raw;
  }

  /** Shows what was measured before. What cannot be read is measured again: nothing is lost but time. */
  private async restore({ id, name, kept, source, unit, draw, repair }: Restore): Promise<void> {
    let found: KeptMeasures;
    try {
      found = await unpackMeasures(kept);
      if (found.file.unit !== unit || (found.file.repaired !== null) !== repair)
        throw new Error('of another measuring');
    } catch {
      const file = await this.fetched(source);
      return this.open({ id, kind: 'open', name, file, unit, draw, repair });
    }
    const { picture } = found;
    this.opened = { id, kind: 'open', name, unit, draw, repair, size: found.file.bytes };
    this.raw = null;
    this.prepared = null;
    this.ready = null;
    this.source = source;
    this.waking = null;
    this.along = found.draw.direction;
    this.body = { ...found.body, found: null };
    this.answered = { file: found.file, picture, body: found.body, draw: found.draw };
    this.picture(facetCorners({ mesh: picture }), picture.creases.slice());
    this.send({ id, kind: 'shown', file: found.file, areas: picture.areas });
    this.send({ id, kind: 'body', body: found.body });
    this.send({ id, kind: 'drawn', draw: found.draw, kept: true });
  }

  /** Fetches and readies a part that was restored, once. */
  private wake(id: number): Promise<void> {
    const { source, opened } = this;
    if (source === null) return Promise.resolve();
    this.waking ??= (async () => {
      this.progress(id, 'reading')(0);
      const raw = await this.read(id, await this.fetched(source));
      const unit = raw.unit ?? opened.unit;
      if (unit === null) throw new Error('its unit is not known');
      const { checked, fine, light } = await this.prepare(id, unit, raw.unit === null ? 'given' : 'file');
      this.ready = readyBody(checked, fine, light);
      this.source = null;
    })();
    return this.waking.finally(() => (this.waking = null));
  }

  private async pack(id: number): Promise<void> {
    const { file, picture, body, draw } = this.answered;
    if (file === undefined || picture === undefined || body === undefined || draw === undefined) return;
    const [x, y, z] = draw.direction;
    const key = measuresKey({ unit: file.unit, draw: [x, y, z], repair: file.repaired !== null });
    const bytes = await packMeasures({ file, picture, body, draw });
    this.send({ id, kind: 'packed', key, bytes }, [bytes.buffer]);
  }

  /** Checks the facets read and shows them. */
  private async show(id: number, unit: LengthUnit, unitFrom: 'file' | 'given'): Promise<void> {
    this.body = null;
    this.ready = null;
    const { fine, file } = await this.prepare(id, unit, unitFrom);
    const creases = creaseLines(fine);
    const areas = Float32Array.from(fine.areas);
    const { positions, triangles } = fine.mesh;
    this.answered = {
      file,
      picture: {
        positions: Float32Array.from(positions),
        triangles: Uint32Array.from(triangles),
        creases: creases.slice(),
        areas,
      },
    };
    this.picture(facetCorners(fine), creases);
    this.send({ id, kind: 'shown', file, areas });
  }

  private async prepare(
    id: number,
    unit: LengthUnit,
    unitFrom: 'file' | 'given',
  ): Promise<NonNullable<PartSession['prepared']> & { readonly file: FileFound }> {
    const { raw, opened } = this;
    if (raw === null) throw new Error('no file was read');
    this.progress(id, 'checking')(0);
    const judged = checkMesh(raw, unit);
    const whole = repairedMesh(judged);
    const told = whole === null ? null : { repair: whole.repair, pieces: whole.pieces, filled_mm2: whole.filled_mm2 };
    const checked = whole !== null && opened.repair ? whole.checked : judged;
    const light = await lightOf(checked.mesh);
    const fine = fineMesh(checked.mesh, this.facets, checked.edges);
    const file: FileFound = {
      name: opened.name,
      bytes: opened.size,
      unit,
      unitFrom,
      verdict: judged.verdict,
      counts: judged.counts,
      turned: checked.turned,
      warnings: raw.warnings,
      offer: opened.repair ? null : told,
      repaired: opened.repair ? told : null,
    };
    this.prepared = { unit, unitFrom, checked, light, fine };
    return { unit, unitFrom, checked, light, fine, file };
  }

  private async measure(id: number): Promise<void> {
    const { opened, prepared } = this;
    if (prepared === null) throw new Error('no file was read');
    const { checked, light, fine } = prepared;
    // The picture first: what measuring needs is readied when it is drawn.
    this.progress(id, 'measuring')(0);
    await new Promise((done) => setTimeout(done, PICTURE_FIRST_MS));
    const forStill = facetCorners(fine);
    const ready = readyBody(checked, fine, light);
    this.ready = ready;
    const body = measureBody(ready, { progress: this.progress(id, 'measuring'), over: () => false });
    this.body = body;
    const { found, ...rest } = body;
    const out: BodyFound = {
      ...rest,
      wallRay: found === null ? null : wallOfFacets(ready, found, 'ray'),
      wallSphere: found === null ? null : wallOfFacets(ready, found, 'sphere'),
    };
    this.answered = { ...this.answered, body: out };
    this.send({ id, kind: 'body', body: out });
    const d = opened.draw ?? body.draws[0]?.direction ?? [0, 0, 1];
    // The still first: whoever sees the measures may leave the view, and its worker ends with it.
    const still = stillOf(forStill, STILL_WIDE, STILL_HIGH, d);
    this.send({ id, kind: 'still', png: encode({ ...still, channels: 4, depth: 8 }) });
    this.draw(id, d);
  }

  private async given(id: number, unit: LengthUnit): Promise<void> {
    await this.wake(id);
    if (this.prepared?.unit !== unit) await this.show(id, unit, 'given');
    await this.measure(id);
  }

  private async repair(id: number): Promise<void> {
    await this.wake(id);
    if (this.prepared === null) throw new Error('no file was read');
    this.opened = { ...this.opened, repair: true };
    await this.show(id, this.prepared.unit, this.prepared.unitFrom);
    await this.measure(id);
  }

  private async pick(id: number, from: Vec, sight: Vec): Promise<void> {
    await this.wake(id);
    if (this.ready === null) return;
    const place = placeSeen(this.ready, from, sight, this.along, isClosed(this.ready.checked));
    this.send({ id, kind: 'picked', place });
  }

  private async turn(id: number, d: Vec): Promise<void> {
    await this.wake(id);
    this.draw(id, d);
  }

  private draw(id: number, d: Vec): void {
    this.along = d;
    const { ready, body } = this;
    if (ready === null || body === null) throw new Error('nothing was measured yet');
    const draw = measureDraw(ready, d, { progress: this.progress(id, 'undercuts'), over: () => false });
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
              specks: undercut.specks,
              cut: undercut.cut,
              regions: undercut.regions.map(({ facets: _facets, ...r }) => r),
              half: undercut.half,
              regionOf,
            },
      parting: undercut === null ? new Float32Array() : partingLine(ready.seen, undercut),
      geometry: measuredGeometry(ready.checked, body, draw),
      remarks: remarksOf(body, draw),
      resolution_mm: ready.fine.resolution_mm,
      widest_mm: widestAlong(ready.checked.mesh, d),
      heavy: placedHeavy(ready.checked.mesh, d, body.heavy),
    };
    this.answered = { ...this.answered, draw: out };
    this.send({ id, kind: 'drawn', draw: out, kept: false });
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

async function fetchFile(source: string): Promise<Blob> {
  const response = await fetch(source);
  if (!response.ok) throw new Error(`The server answered ${response.status} when asked for the file.`);
  return response.blob();
}

const sendTo =
  (port: MessagePort): Picture =>
  (corners, creases) =>
    port.postMessage({ kind: 'show', corners, creases } satisfies ViewerRequest, [
      corners.buffer as ArrayBuffer,
      creases.buffer as ArrayBuffer,
    ]);
