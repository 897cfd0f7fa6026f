import { PartScene } from './part-scene';
import type { ViewerAnswer, ViewerRequest } from './viewer.protocol';

let scene: PartScene | null = null;
let heard: MessagePort | null = null;

const answer = (message: ViewerAnswer): void => self.postMessage(message);

const take = ({ data }: MessageEvent<ViewerRequest>): void => {
  try {
    if (data.kind === 'canvas')
      scene = new PartScene(data.canvas, data.ratio, (picture) => answer({ kind: 'drawn', ...picture }));
    else if (data.kind === 'listen') listen(data.port);
    else if (scene !== null) applyRequest(scene, data);
  } catch (error) {
    answer({ kind: 'lacking', message: error instanceof Error ? error.message : String(error) });
  }
};
self.onmessage = take;

function listen(port: MessagePort): void {
  heard?.close();
  heard = port;
  port.onmessage = take;
}

function applyRequest(to: PartScene, data: Exclude<ViewerRequest, { kind: 'canvas' | 'listen' }>): void {
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
    case 'steer':
      return answer({ kind: 'steered', direction: to.steer(data.to) });
    case 'steer-by':
      return answer({ kind: 'steered', direction: to.steerBy(data.right, data.up) });
  }
}
