import { paintAir } from '../air/paint';
import { AirReels } from '../air/reels';
import { frameAt } from '../air/shown';
import type { AirState } from '../air/types';
import { AirWatch } from '../air/watch';

/**
 * What one output shows, over nothing: any web renderer can show it. `?output=1`, `view=fill` (over black) or `view=key` (how much of each
 * pixel is covered, as grey) or neither (transparent), `width` and `height` px of the picture, or as large as the window.
 */
const asked = new URLSearchParams(location.search);
const output = Number(asked.get('output') ?? 1);
const view = asked.get('view') ?? 'alpha';
const canvas = document.querySelector('canvas')!;
const context = canvas.getContext('2d')!;

let state: AirState | undefined;
let drawn = false;
let size = '';

const reels = new AirReels();
const watch = new AirWatch(output, {
  onstate: (next) => {
    state = next;
    reels.want([next]);
  },
});

document.documentElement.dataset.view = view;

function fit(of: AirState): void {
  const [width, height] = ['width', 'height'].map((name) => Number(asked.get(name)));
  const across = width || Math.min(innerWidth, (innerHeight * of.width) / of.height) * devicePixelRatio;
  const down = height || (across * of.height) / of.width;
  const wanted = `${Math.round(across)} ${Math.round(down)}`;
  if (wanted === size) return;
  size = wanted;
  canvas.width = Math.round(across);
  canvas.height = Math.round(down);
  if (width || height) canvas.style.width = `${Math.round(across) / devicePixelRatio}px`;
}

function key(): void {
  context.globalCompositeOperation = 'source-in';
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.globalCompositeOperation = 'source-over';
}

let last = -1;

function paint(): void {
  requestAnimationFrame(paint);
  if (!state) return;
  const frame = frameAt(state, watch.clock.now());
  if (frame === last) return;
  last = frame;
  fit(state);
  if (drawn) context.clearRect(0, 0, canvas.width, canvas.height);
  drawn = paintAir(context, state, frame, reels.get);
  if (drawn && view === 'key') key();
  // For whoever wants to know what it shows.
  canvas.dataset.frame = String(frame);
  canvas.dataset.event = String(state.event);
  canvas.dataset.drawn = String(drawn);
}

paint();
