import { breaksOf } from './breaks';
import type { Design } from './design';
import { directionsOf } from './directions';
import { DesignFace } from './fonts';
import { joins } from './scripts';

/** What the core asks of fonts and of writing. */
export class Texts {
  readonly faces: Map<string, DesignFace>;
  readonly #design: Design;

  constructor(design: Design) {
    this.#design = design;
    this.faces = new Map(design.fonts.map((font) => [font.id, new DesignFace(font)]));
  }

  fonts(): string[] {
    return [...this.faces.keys()];
  }

  /** A font and those it falls back to, as far as they were handed over. */
  chain(font: string): string[] {
    const { fallbacks } = this.#design.fonts.find(({ id }) => id === font)!;
    return [font, ...fallbacks.filter((id) => this.faces.has(id))];
  }

  face(font: string): DesignFace {
    return this.faces.get(font)!;
  }

  clusters(text: string): Int32Array {
    return Int32Array.from(breaksOf(text, this.#design.writing.clusters));
  }

  breaks(text: string): Int32Array {
    return Int32Array.from(breaksOf(text, this.#design.writing.lines));
  }

  capitals(text: string, language: string): string {
    return language ? text.toLocaleUpperCase(language) : text.toUpperCase();
  }

  directions(text: string): Int32Array {
    return directionsOf(text);
  }

  joins(point: number): boolean {
    return joins(point);
  }
}
