import { Blob, Buffer, ClusterLevel, Direction, Face, Feature, Font, shape } from 'harfbuzzjs';
import type { DesignFont } from './design';
import { indexOf } from './ranges';
import { scriptRuns } from './scripts';

/** One for all: it is filled anew each time. Nothing is made of the shaper before it has begun. */
let buffer: Buffer | undefined;

function emptyBuffer(): Buffer {
  buffer ??= new Buffer();
  buffer.clearContents();
  return buffer;
}

function features(ligatures: boolean): Feature[] {
  return [new Feature('kern', 1), new Feature('liga', ligatures ? 1 : 0)];
}

/** A font whose file has not come yet is asked for by this. */
export class FontMissing extends Error {
  constructor(readonly font: DesignFont) {
    super(`the font ${font.id} has not come yet`);
  }
}

/** A font of a design. What it has and how high its lines are is known without its file; shapes and outlines are not. */
export class DesignFace {
  readonly #of: DesignFont;
  #font: Font | undefined;
  #space = -1;

  constructor(of: DesignFont) {
    this.#of = of;
  }

  /** @param file a TTF or OTF */
  take(file: ArrayBuffer): void {
    this.#font = new Font(new Face(new Blob(file)));
    if (this.has(0x20)) this.#space = this.shape(' ', 0, 1, false, true).glyphs()[0]!;
  }

  #here(): Font {
    if (!this.#font) throw new FontMissing(this.#of);
    return this.#font;
  }

  unitsPerEm(): number {
    return this.#of.unitsPerEm;
  }

  ascent(): number {
    return this.#of.ascent;
  }

  descent(): number {
    return this.#of.descent;
  }

  has(point: number): boolean {
    const range = indexOf(this.#of.coverage, point);
    return range >= 0 && (range % 2 === 0 || this.#of.coverage[range] === point);
  }

  /** Glyphs from left to right, in units of the em. */
  shape(text: string, from: number, to: number, rightToLeft: boolean, ligatures: boolean): Shaped {
    const font = this.#here();
    const runs = scriptRuns(text, from, to);
    const shaped: Shaping = { glyphs: [], chars: [], x: [], y: [], advances: [], pen: 0 };
    for (const run of rightToLeft ? runs.reverse() : runs) {
      const buffer = emptyBuffer();
      buffer.setClusterLevel(ClusterLevel.MONOTONE_CHARACTERS);
      buffer.addText(text, run.from, run.to - run.from);
      buffer.setScript(run.script || 'Zyyy');
      buffer.setDirection(rightToLeft ? Direction.RTL : Direction.LTR);
      shape(font, buffer, features(ligatures));
      const positions = buffer.getGlyphPositions();
      for (const [i, { codepoint, cluster }] of buffer.getGlyphInfos().entries()) {
        const { xAdvance, xOffset, yOffset } = positions[i]!;
        // The shaper puts a space of no width where nothing is shown.
        if (codepoint === this.#space && xAdvance === 0) continue;
        shaped.glyphs.push(codepoint);
        shaped.chars.push(cluster - from);
        shaped.x.push(shaped.pen + xOffset);
        shaped.y.push(-yOffset);
        shaped.advances.push(font.glyphHAdvance(codepoint));
        shaped.pen += xAdvance;
      }
    }
    const { glyphs, chars, x, y, advances, pen } = shaped;
    return {
      glyphs: () => Int32Array.from(glyphs),
      chars: () => Int32Array.from(chars),
      x: () => Float64Array.from(x),
      y: () => Float64Array.from(y),
      advances: () => Float64Array.from(advances),
      advance: () => pen,
    };
  }

  /** The outline of a glyph as an SVG path, in units of the em, y downwards. */
  outline(glyph: number): string {
    return this.#here()
      .glyphToPath(glyph)
      .replace(
        /(-?[\d.]+)([ ,])(-?[\d.]+)/g,
        (_, x: string, gap: string, y: string) => `${x}${gap}${-Number(y)}`,
      );
  }

  /** The box around the points of an outline: left, top, right and bottom; empty for none. */
  ink(glyph: number): Float64Array {
    const numbers = (this.outline(glyph).match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
    if (numbers.length === 0) return new Float64Array(0);
    const xs = numbers.filter((_, i) => i % 2 === 0);
    const ys = numbers.filter((_, i) => i % 2 === 1);
    const [left, top, right, bottom] = [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
    return right > left && bottom > top ? Float64Array.of(left, top, right, bottom) : new Float64Array(0);
  }
}

interface Shaping {
  glyphs: number[];
  chars: number[];
  x: number[];
  y: number[];
  advances: number[];
  pen: number;
}

/** As the core asks for it. */
export interface Shaped {
  glyphs(): Int32Array;
  chars(): Int32Array;
  x(): Float64Array;
  y(): Float64Array;
  advances(): Float64Array;
  advance(): number;
}
