import * as THREE from 'three';
import type { Vec } from '@/core/part-file/geometry';
import type { ViewFrom, Marker, PictureDrawn, FacetTone } from './viewer.protocol';

const MOST_BANDS = 8;

const VERTEX = `
attribute float band;
varying float vBand;
varying vec3 vEye;
varying vec3 vWorld;
void main() {
  vBand = band;
  vWorld = position;
  vec4 eye = modelViewMatrix * vec4(position, 1.0);
  vEye = eye.xyz;
  gl_Position = projectionMatrix * eye;
}`;
const FRAGMENT = `
uniform vec3 tones[${MOST_BANDS}];
uniform float hatched[${MOST_BANDS}];
uniform vec4 cut;
uniform vec3 cutTone;
varying float vBand;
varying vec3 vEye;
varying vec3 vWorld;
void main() {
  if (dot(vWorld, cut.xyz) > cut.w) discard;
  vec3 n = normalize(cross(dFdx(vEye), dFdy(vEye)));
  int band = int(vBand + 0.5);
  vec3 tone = tones[0];
  float hatch = hatched[0];
  for (int i = 0; i < ${MOST_BANDS}; i++) if (i == band) { tone = tones[i]; hatch = hatched[i]; }
  float light = 0.74 + 0.26 * max(0.0, dot(n, normalize(vec3(0.35, 0.55, 1.0))));
  vec3 colour = tone * light;
  float stripe = mod(gl_FragCoord.x + gl_FragCoord.y, 7.0);
  if (hatch > 0.5 && stripe < 2.0) colour = mix(colour, vec3(dot(tone, vec3(0.33)) > 0.35 ? 0.08 : 0.85), 0.75);
  if (!gl_FrontFacing) colour = cutTone;
  gl_FragColor = vec4(colour, 1.0);
}`;

/** The picture of a part: turned, cut, painted. Draws only when something changed. */
export class PartScene {
  private readonly renderer: THREE.WebGLRenderer;
  private readonly scene = new THREE.Scene();
  private readonly camera = new THREE.OrthographicCamera(-1, 1, 1, -1, -1000, 1000);
  private readonly target = new THREE.Vector3();
  private width = 2;
  private height = 2;
  private readonly material: THREE.ShaderMaterial;
  private mesh: THREE.Mesh | null = null;
  private lines: THREE.LineSegments | null = null;
  private parting: THREE.LineSegments | null = null;
  private arrow: THREE.ArrowHelper | null = null;
  private readonly middle = new THREE.Vector3();
  private size = 1;
  /** Half of what the picture shows at its narrower side, mm. */
  private half = 1;
  /** Whether the view was moved by hand since it was set. */
  private moved = false;
  private looked: ViewFrom = 'corner';
  private least: Vec = [0, 0, 0];
  private most: Vec = [0, 0, 0];
  private markers: readonly Marker[] = [];
  private due = false;
  private inkTone = new THREE.Color('#24211d');
  private hotTone = new THREE.Color('#b23c0e');
  private drawn: Vec = [0, 0, 1];
  /** Where the arrow is leant to by hand while it is held; null where it stands along the draw. */
  private steered: THREE.Vector3 | null = null;
  private painting: { readonly bandOf: Uint8Array; readonly bands: readonly FacetTone[] } | null = null;

  /** Refuses by throwing where there is no WebGL. @param ratio pixels of the screen in one of the page */
  constructor(
    canvas: OffscreenCanvas,
    ratio: number,
    private readonly drew: (picture: PictureDrawn) => void,
  ) {
    this.renderer = new THREE.WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.renderer.setPixelRatio(Math.min(2, ratio));
    this.material = new THREE.ShaderMaterial({
      vertexShader: VERTEX,
      fragmentShader: FRAGMENT,
      side: THREE.DoubleSide,
      polygonOffset: true,
      polygonOffsetFactor: 1,
      polygonOffsetUnits: 1,
      uniforms: {
        tones: { value: Array.from({ length: MOST_BANDS }, () => new THREE.Color('#d8cbb4')) },
        hatched: { value: new Float32Array(MOST_BANDS) },
        cut: { value: new THREE.Vector4(0, 0, 1, 1e9) },
        cutTone: { value: new THREE.Color('#77736d') },
      },
    });
    this.warm();
  }

  /** Readies the graphics engine with nothing in sight, so that the first body need not wait for it. */
  private warm(): void {
    const dot = new THREE.BufferGeometry();
    dot.setAttribute('position', new THREE.BufferAttribute(new Float32Array(9), 3));
    dot.setAttribute('band', new THREE.BufferAttribute(new Uint8Array(3), 1));
    const trial = new THREE.Scene();
    trial.add(new THREE.Mesh(dot, this.material), segments(new Float32Array(6), this.inkTone));
    this.renderer.setSize(2, 2, false);
    this.renderer.render(trial, this.camera);
    dot.dispose();
  }

  /** Shows another body. */
  show(corners: Float32Array, creases: Float32Array): void {
    this.mesh?.geometry.dispose();
    if (this.mesh !== null) this.scene.remove(this.mesh);
    if (this.lines !== null) this.scene.remove(this.lines);
    const geometry = new THREE.BufferGeometry();
    geometry.setAttribute('position', new THREE.BufferAttribute(corners, 3));
    geometry.setAttribute('band', new THREE.BufferAttribute(new Uint8Array(corners.length / 3), 1));
    geometry.computeBoundingBox();
    const box = geometry.boundingBox ?? new THREE.Box3();
    box.getCenter(this.middle);
    this.least = box.min.toArray();
    this.most = box.max.toArray();
    this.size = box.getSize(new THREE.Vector3()).length() || 1;
    this.mesh = new THREE.Mesh(geometry, this.material);
    this.lines = segments(creases, this.inkTone);
    this.scene.add(this.mesh, this.lines);
    this.bare();
    if (this.painting !== null) this.paint(this.painting.bandOf, this.painting.bands);
    this.look('corner');
  }

  /** Paints the body: a band for each facet, and the tones of the bands. */
  paint(bandOf: Uint8Array, bands: readonly FacetTone[]): void {
    this.painting = { bandOf, bands };
    const attribute = this.mesh?.geometry.getAttribute('band');
    // A painting may come before the body it is for.
    if (!(attribute instanceof THREE.BufferAttribute) || attribute.count !== 3 * bandOf.length) return;
    const out = attribute.array as Uint8Array;
    for (let f = 0; f < bandOf.length; f++) out.fill(bandOf[f] ?? 0, 3 * f, 3 * f + 3);
    attribute.needsUpdate = true;
    const tones = this.material.uniforms['tones']?.value as THREE.Color[];
    const hatched = this.material.uniforms['hatched']?.value as Float32Array;
    bands.forEach((b, i) => {
      tones[i]?.set(b.tone).convertLinearToSRGB();
      hatched[i] = b.hatched ? 1 : 0;
    });
    this.ask();
  }

  /** Draws the way the mould opens, and the line its halves part along. */
  open(direction: Vec, parting: Float32Array): void {
    this.bare();
    this.drawn = direction;
    this.point(new THREE.Vector3(...direction));
    this.parting = segments(parting, this.hotTone);
    this.scene.add(this.parting);
    if (this.moved) this.ask();
    else this.look(this.looked);
  }

  /**
   * Leans the arrow towards a pixel, as a stick held in the middle of the part; null puts it back along the draw.
   * @returns unit direction it points in now
   */
  steer(to: { readonly x: number; readonly y: number } | null): Vec {
    if (to === null) return this.lean(null);
    this.camera.updateMatrixWorld();
    const mm = (this.camera.right - this.camera.left) / this.camera.zoom / this.width;
    const middle = this.pixel(this.middle);
    const length = (this.tipReach(this.pointing()) || 1) / mm;
    const [x, y] = [(to.x - middle.x) / length, (middle.y - to.y) / length];
    const out = Math.hypot(x, y);
    const eye = new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 2);
    const near = this.pointing().dot(eye) < 0 ? -1 : 1;
    const z = out >= 1 ? 0 : near * Math.sqrt(1 - out * out);
    const d = new THREE.Vector3()
      .addScaledVector(new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 0), x)
      .addScaledVector(new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 1), y)
      .addScaledVector(eye, z);
    return this.lean(d.normalize());
  }

  /** Leans the arrow to the right and upward as it is seen, rad. @returns unit direction it points in now */
  steerBy(right: number, up: number): Vec {
    this.camera.updateMatrixWorld();
    const d = this.pointing();
    const to = new THREE.Vector3()
      .addScaledVector(new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 0), right)
      .addScaledVector(new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 1), up);
    const angle = to.length();
    to.addScaledVector(d, -to.dot(d));
    // Pointing that way already, it leans towards the eye.
    if (to.length() < 1e-3 * angle) to.setFromMatrixColumn(this.camera.matrixWorld, 2);
    to.normalize();
    return this.lean(d.multiplyScalar(Math.cos(angle)).addScaledVector(to, Math.sin(angle)).normalize());
  }

  private lean(to: THREE.Vector3 | null): Vec {
    this.steered = to;
    this.point(this.pointing());
    this.ask();
    return this.pointing().toArray();
  }

  private pointing(): THREE.Vector3 {
    return this.steered?.clone() ?? new THREE.Vector3(...this.drawn);
  }

  private point(d: THREE.Vector3): void {
    if (this.arrow !== null) this.scene.remove(this.arrow);
    const start = this.middle.clone().addScaledVector(d, this.tipReach(d) - this.size * 0.22);
    this.arrow = new THREE.ArrowHelper(d, start, this.size * 0.22, this.hotTone, this.size * 0.06, this.size * 0.035);
    this.scene.add(this.arrow);
  }

  /** From the middle of the part to the arrow's point, mm. */
  private tipReach(d: THREE.Vector3): number {
    return this.reachAlong(d.toArray()).high + this.size * 0.25;
  }

  /** Takes the arrow and the parting line of an earlier draw away. */
  private bare(): void {
    this.steered = null;
    for (const old of [this.arrow, this.parting]) if (old !== null) this.scene.remove(old);
    this.arrow = null;
    this.parting = null;
  }

  /** Cuts the body open across an axis, 0 the start of the box and 1 its end; null closes it. */
  cut(axis: 0 | 1 | 2 | null, share: number): void {
    const plane = this.material.uniforms['cut']?.value as THREE.Vector4;
    if (axis === null) plane.set(0, 0, 1, 1e9);
    else {
      // What is taken away is the side that the corner view looks at: right, front and upper.
      const side = axis === 1 ? -1 : 1;
      const at = this.least[axis] + share * (this.most[axis] - this.least[axis]) + 1e-6;
      plane.set(Number(axis === 0), side * Number(axis === 1), Number(axis === 2), side * at);
    }
    if (this.lines !== null) this.lines.visible = axis === null;
    if (this.parting !== null) this.parting.visible = axis === null;
    this.ask();
  }

  /** Tones of lines, by the colours of the page. */
  inks(ink: string, hot: string): void {
    this.inkTone.set(ink);
    this.hotTone.set(hot);
    if (this.lines !== null) (this.lines.material as THREE.LineBasicMaterial).color.set(ink);
    if (this.parting !== null) (this.parting.material as THREE.LineBasicMaterial).color.set(hot);
    this.arrow?.setColor(this.hotTone);
    this.ask();
  }

  /** Looks from somewhere, the whole part in sight. */
  look(from: ViewFrom): void {
    const d = new THREE.Vector3(...this.drawn);
    const way = {
      corner: new THREE.Vector3(0.62, -1, 0.72),
      front: new THREE.Vector3(0, -1, 0),
      side: new THREE.Vector3(1, 0, 0),
      top: new THREE.Vector3(0, 0, 1),
      draw: d,
    }[from].normalize();
    this.camera.up.set(0, Math.abs(way.z) > 0.99 ? 1 : 0, Math.abs(way.z) > 0.99 ? 0 : 1);
    this.looked = from;
    this.moved = false;
    this.from(this.middle, way);
    this.fit();
    this.camera.zoom = 1;
    this.camera.updateProjectionMatrix();
  }

  /** Makes room for the whole part and the arrow, as seen from where the camera stands. */
  private fit(): void {
    this.camera.updateMatrixWorld();
    const right = new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 0);
    const up = new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 1);
    const wide = this.width / this.height;
    const seen = Array.from({ length: 8 }, (_, i) =>
      new THREE.Vector3(...[0, 1, 2].map((k) => ((i >> k) & 1 ? this.most : this.least)[k as 0])).sub(this.middle),
    );
    if (this.arrow !== null) seen.push(this.pointing().multiplyScalar(this.tipReach(this.pointing())));
    const most = (along: THREE.Vector3): number => Math.max(...seen.map((at) => Math.abs(at.dot(along))));
    const half = 1.08 * Math.max(most(right) / Math.max(1, wide), most(up) / Math.max(1, 1 / wide)) || 1;
    // Turned by hand the part keeps its size as long as it has room.
    this.half = this.moved ? Math.max(half, this.half) : half;
    this.frame();
  }

  /** Turns the view: to the right and upward, rad. */
  turn(right: number, up: number): void {
    this.moved = true;
    const offset = this.camera.position.clone().sub(this.target);
    const ball = new THREE.Spherical().setFromVector3(new THREE.Vector3(offset.x, offset.z, -offset.y));
    ball.theta += right;
    ball.phi = Math.min(Math.PI - 0.02, Math.max(0.02, ball.phi - up));
    const v = new THREE.Vector3().setFromSpherical(ball);
    this.camera.up.set(0, 0, 1);
    this.camera.position.copy(this.target).add(new THREE.Vector3(v.x, -v.z, v.y));
    this.camera.lookAt(this.target);
    if (this.target.equals(this.middle)) this.fit();
    this.ask();
  }

  /** Shifts the part in the picture, pixels to the right and down. */
  pan(x: number, y: number): void {
    this.moved = true;
    const mm = (this.camera.right - this.camera.left) / this.camera.zoom / this.width;
    const right = new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 0).multiplyScalar(-x * mm);
    const up = new THREE.Vector3().setFromMatrixColumn(this.camera.matrixWorld, 1).multiplyScalar(y * mm);
    for (const at of [this.target, this.camera.position]) at.add(right).add(up);
    this.ask();
  }

  /** Nearer or further. */
  zoom(times: number): void {
    this.moved = true;
    this.camera.zoom = Math.min(60, Math.max(0.3, this.camera.zoom * times));
    this.camera.updateProjectionMatrix();
    this.ask();
  }

  /** Turns a place towards the eye and comes nearer. */
  focus(at: Vec): void {
    this.moved = true;
    const way = new THREE.Vector3(...at).sub(this.middle);
    if (way.length() < 1e-6 * this.size) way.set(0.62, -1, 0.72);
    way
      .normalize()
      .add(new THREE.Vector3(0.25, -0.35, 0.35))
      .normalize();
    this.camera.up.set(0, 0, 1);
    this.from(new THREE.Vector3(...at), way);
    this.camera.zoom = 2.2;
    this.camera.updateProjectionMatrix();
    this.ask();
  }

  mark(markers: readonly Marker[]): void {
    this.markers = markers;
    this.ask();
  }

  /** Line of sight through a pixel of the picture: a point outside the part and a unit direction. */
  sight(x: number, y: number): { readonly from: Vec; readonly sight: Vec } {
    this.camera.updateMatrixWorld();
    const at = new THREE.Vector3((x / this.width) * 2 - 1, 1 - (y / this.height) * 2, -1).unproject(this.camera);
    const d = this.camera.getWorldDirection(new THREE.Vector3());
    at.addScaledVector(d, -4 * this.size);
    return { from: [at.x, at.y, at.z], sight: [d.x, d.y, d.z] };
  }

  /** Another size of the picture, pixels of the page. */
  resize(width: number, height: number): void {
    if (width < 2 || height < 2) return;
    this.width = width;
    this.height = height;
    this.renderer.setSize(width, height, false);
    if (this.moved || this.mesh === null) this.frame();
    else this.look(this.looked);
  }

  private frame(): void {
    const { half } = this;
    const wide = this.width / this.height;
    this.camera.left = -half * Math.max(1, wide);
    this.camera.right = half * Math.max(1, wide);
    this.camera.top = half * Math.max(1, 1 / wide);
    this.camera.bottom = -half * Math.max(1, 1 / wide);
    this.camera.near = -20 * this.size;
    this.camera.far = 20 * this.size;
    this.camera.updateProjectionMatrix();
    this.ask();
  }

  private from(target: THREE.Vector3, way: THREE.Vector3): void {
    this.target.copy(target);
    this.camera.position.copy(target).addScaledVector(way, this.size * 2);
    this.camera.lookAt(target);
    this.frame();
  }

  private reachAlong(d: Vec): { readonly high: number } {
    const half = [0, 1, 2].map((k) => (this.most[k as 0] - this.least[k as 0]) / 2);
    return { high: half.reduce((sum, h, k) => sum + h * Math.abs(d[k as 0]), 0) };
  }

  private ask(): void {
    if (this.due) return;
    this.due = true;
    requestAnimationFrame(() => {
      this.due = false;
      this.renderer.render(this.scene, this.camera);
      if (this.mesh === null || this.width <= 2) return;
      const d = this.pointing();
      this.drew({
        places: this.markers.map((m) => ({ id: m.id, ...this.pixel(new THREE.Vector3(...m.at)) })),
        tip: this.arrow === null ? null : this.pixel(this.middle.clone().addScaledVector(d, this.tipReach(d))),
      });
    });
  }

  /** Where a point stands in the picture, pixels of the page from its upper left. */
  private pixel(at: THREE.Vector3): { readonly x: number; readonly y: number } {
    const seen = at.clone().project(this.camera);
    return { x: ((seen.x + 1) / 2) * this.width, y: ((1 - seen.y) / 2) * this.height };
  }
}

function segments(ends: Float32Array, tone: THREE.Color): THREE.LineSegments {
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute('position', new THREE.BufferAttribute(ends, 3));
  return new THREE.LineSegments(geometry, new THREE.LineBasicMaterial({ color: tone.clone() }));
}
