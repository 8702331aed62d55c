import { open, type Stage } from '../../../runtime/target/javascript/core.js';
import type { Reel } from '../api/types';
import { drawReel } from '../player/draw';
import { keepOutline, outline } from '../player/outlines';
import { keepPicture, pictureImage } from '../player/pictures';
import type { Design, DesignFont } from './design';
import { FontMissing, type DesignFace } from './fonts';
import { beginShaper } from './shaper';
import { Texts } from './texts';

/** Texts of a design with the fonts that have come, for all that show it. */
const shared = new WeakMap<Design, Texts>();
const coming = new WeakMap<DesignFace, Promise<void>>();

async function file(at: URL): Promise<ArrayBuffer> {
  const response = await fetch(at);
  if (!response.ok) throw new Error(`${at.href} cannot be had: the answer was ${response.status}`);
  return response.arrayBuffer();
}

function font(face: DesignFace, at: URL): Promise<void> {
  const known = coming.get(face);
  if (known) return known;
  const comes = file(at).then((content) => face.take(content));
  coming.set(face, comes);
  comes.catch(() => coming.delete(face));
  return comes;
}

/** What texts are set in is needed at once, what they fall back to only for some letters. */
function named({ document, fonts }: Design): DesignFont[] {
  const text = JSON.stringify(document);
  return fonts.filter(({ id }) => text.includes(`"${id}"`));
}

async function picture(key: string, at: URL): Promise<void> {
  if (pictureImage(key)) return;
  const image = new Image();
  // What is graded is read, which a page may not do with pictures of another place unless that lets it.
  image.crossOrigin = 'anonymous';
  image.src = at.href;
  await image.decode();
  keepPicture(key, image);
}

/** A design that is filled and shown: the same pictures as in the application, worked out here. */
export class Show {
  readonly #design: Design;
  readonly #base: string;
  readonly #texts: Texts;
  readonly stage: Stage;
  #reels = new Map<number, Reel>();

  private constructor(design: Design, base: string, texts: Texts, stage: Stage) {
    this.#design = design;
    this.#base = base;
    this.#texts = texts;
    this.stage = stage;
  }

  /**
   * @param base what addresses in the design are seen from
   * @throws Error if the document cannot be read, a picture cannot be had, or letters cannot be shaped here
   */
  static async open(design: Design, base: string): Promise<Show> {
    await beginShaper();
    let texts = shared.get(design);
    if (!texts) shared.set(design, (texts = new Texts(design)));
    const files = Promise.all([
      ...Object.entries(design.pictures).map(([key, { at }]) => picture(key, new URL(at, base))),
      ...named(design).map(({ id, at }) => font(texts.face(id), new URL(at, base))),
    ]);
    // They come while the document is read; if that fails, what comes of them is of no account.
    files.catch(() => undefined);
    const stage = open(design, texts);
    await files;
    return new Show(design, base, texts, stage);
  }

  /** Does something with the stage, as often as it takes until all fonts it needs are there. What it throws otherwise is thrown. */
  async withFonts<T>(work: (stage: Stage) => T): Promise<T> {
    for (;;) {
      try {
        return work(this.stage);
      } catch (error) {
        if (!(error instanceof FontMissing)) throw error;
        const { id, at } = error.font;
        await font(this.#texts.face(id), new URL(at, this.#base));
      }
    }
  }

  /** Forgets what was done. */
  clear(): void {
    this.stage.clear();
    this.#reels.clear();
  }

  /** Lets go of what is over at a frame: what was shown before it cannot be drawn any more. */
  forget(frame: number): void {
    this.stage.forget(frame);
    for (const number of this.#reels.keys()) if (!this.stage.knows(number)) this.#reels.delete(number);
  }

  #reel(number: number): Reel {
    const known = this.#reels.get(number);
    if (known) return known;
    const reel: Reel = this.stage.reel(number);
    this.#haveOutlines(reel);
    this.#reels.set(number, reel);
    return reel;
  }

  #haveOutlines(reel: Reel): void {
    for (const run of reel.layers.flatMap(({ runs }) => runs)) {
      for (const glyph of run.glyphs) {
        if (!outline(run.font, glyph))
          keepOutline(run.font, glyph, this.#texts.face(run.font).outline(glyph));
      }
    }
  }

  /**
   * Draws a frame over nothing, as large as the canvas is.
   *
   * @returns whether anything is shown
   */
  draw(context: CanvasRenderingContext2D, frame: number): boolean {
    const { width, height } = context.canvas;
    context.clearRect(0, 0, width, height);
    const shown = this.stage.shown(frame);
    if (!shown) return false;
    const reel = this.#reel(shown.reel);
    // In the middle of a canvas of other proportions.
    const scale = Math.min(width / reel.width, height / reel.height);
    const base = new DOMMatrix()
      .translate((width - reel.width * scale) / 2, (height - reel.height * scale) / 2)
      .scale(scale);
    drawReel(context, reel, shown, base);
    return true;
  }

  isShown(frame: number): boolean {
    return this.stage.shown(frame) !== null;
  }

  /** Frames per second. */
  get rate(): number {
    const { rate } = (this.#design.document as { frame: { rate: string } }).frame;
    const [frames, per] = rate.split('/').map(Number);
    return frames! / (per ?? 1);
  }

  /** px of the raster. */
  get size(): { width: number; height: number } {
    return (this.#design.document as { frame: { width: number; height: number } }).frame;
  }
}
