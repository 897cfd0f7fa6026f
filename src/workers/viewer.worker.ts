import { PartScene } from './part-scene';
import type { ViewerAnswer, ViewerRequest } from './viewer.protocol';

let scene: PartScene | null = null;

const answer = (message: ViewerAnswer): void => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<ViewerRequest>): void => {
  try {
    if (data.kind === 'wake')
      new OffscreenCanvas(1, 1).getContext('webgl2')?.getExtension('WEBGL_lose_context')?.loseContext();
    else if (data.kind === 'canvas')
      scene = new PartScene(data.canvas, data.ratio, (places) => answer({ kind: 'drawn', places }));
    else if (scene !== null) told(scene, data);
  } catch (error) {
    answer({ kind: 'lacking', message: error instanceof Error ? error.message : String(error) });
  }
};

function told(to: PartScene, data: Exclude<ViewerRequest, { kind: 'canvas' | 'wake' }>): void {
  switch (data.kind) {
    case 'resize':
      return to.resize(data.width, data.height);
    case 'show':
      return to.show(data.corners, data.creases);
    case 'paint':
      return to.paint(data.bandOf, data.bands);
    case 'open':
      return to.open(data.direction, data.parting);
    case 'cut':
      return to.cut(data.axis, data.share);
    case 'inks':
      return to.inks(data.ink, data.hot);
    case 'look':
      return to.look(data.from);
    case 'turn':
      return to.turn(data.right, data.up);
    case 'pan':
      return to.pan(data.x, data.y);
    case 'zoom':
      return to.zoom(data.times);
    case 'focus':
      return to.focus(data.at);
    case 'mark':
      return to.mark(data.markers);
    case 'sight':
      return answer({ kind: 'sight', ...to.sight(data.x, data.y) });
  }
}
