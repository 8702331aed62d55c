import type { Graphic } from '../api/types';
import { graphicClass } from './element';
import type { Design } from './design';

/** What may be posted to the page. */
interface Posted {
  action?: 'play' | 'update' | 'stop';
  data?: Record<string, unknown>;
}

/**
 * Shows a graphic over the whole page: filled by what its address says, `?name=Oona+Varga&dial.room=30`, or the samples; played at once unless it
 * says `play=no`. Whoever embeds it posts `{action: 'play' | 'update' | 'stop', data: {…}}` and is posted the answer.
 */
export async function startPage(design: Design, samples: Record<string, unknown>): Promise<void> {
  customElements.define('handed-graphic', graphicClass(design, location.href, samples));
  const graphic = document.createElement('handed-graphic') as InstanceType<ReturnType<typeof graphicClass>>;
  document.body.append(graphic);
  const asked = new URLSearchParams(location.search);
  const plays = asked.get('play') !== 'no';
  asked.delete('play');
  const data = [...asked.keys()].length > 0 ? Object.fromEntries(asked) : undefined;
  const ratio = Math.min(4, devicePixelRatio);
  const loaded = await graphic.load({
    data,
    renderType: 'realtime',
    renderCharacteristics: {
      resolution: { width: Math.round(innerWidth * ratio), height: Math.round(innerHeight * ratio) },
    },
  });
  const answer = loaded?.statusCode === 200 && plays ? await graphic.playAction({}) : loaded;
  if (answer?.statusCode !== 200) {
    say(labelled(answer?.statusMessage ?? 'It cannot be shown.', design));
    return;
  }
  addEventListener('message', async ({ data: posted, source }: MessageEvent<Posted>) => {
    if (posted?.action === 'update') {
      source?.postMessage(await graphic.updateAction({ data: posted.data }), { targetOrigin: '*' });
    } else if (posted?.action === 'play') {
      source?.postMessage(await graphic.playAction({}), { targetOrigin: '*' });
    } else if (posted?.action === 'stop') {
      source?.postMessage(await graphic.stopAction({}), { targetOrigin: '*' });
    }
  });
}

/** A message to whoever looks at the page: what fields and dials are called, not where they stand in the data. */
function labelled(message: string, design: Design): string {
  const { fields = [], dials = [] } = design.document as Graphic;
  return message.replace(/\$\['(dial\.)?([^']*)'\]/g, (_, dial: string | undefined, key: string) => {
    const label = (dial ? dials : fields).find((one) => one.key === key)?.label;
    return label ?? `‘${key}’`;
  });
}

/** Instead of a picture. */
function say(words: string): void {
  const said = document.createElement('pre');
  said.textContent = words;
  said.style.cssText =
    'margin:2em;color:#f4f1ea;background:#241f31;padding:1em;font:16px monospace;white-space:pre-wrap';
  document.body.append(said);
}
