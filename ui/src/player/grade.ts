import type { Layer } from '../api/types';
import { parse } from './colours';

type Grade = NonNullable<Layer['grade']>;
type Part = [number, number, number];

/** Of the core's `Grading`, whose formulas these are: pictures are graded here, colours have been. */
const WARMER = 0.25;
const LUMA: Part = [0.213, 0.715, 0.072];
const WHITE = 255;

function within(part: number): number {
  return Math.max(0, Math.min(1, part));
}

function each(colour: Part, rule: (part: number, at: number) => number): Part {
  return colour.map((part, at) => within(rule(part, at))) as Part;
}

function luma(colour: Part): number {
  return colour.reduce((sum, part, at) => sum + part * LUMA[at]!, 0);
}

/** A colour graded, its parts 0–1. */
export function graded(colour: Part, grade: Grade): Part {
  const lit = each(colour, (part) => part * grade.lightness);
  const apart = each(lit, (part) => (part - 0.5) * grade.contrast + 0.5);
  const grey = luma(apart);
  const full = each(apart, (part) => part + (grey - part) * (1 - grade.saturation));
  const warm = each(full, (part, at) => part * (1 + WARMER * grade.warmth * (1 - at)));
  const { tint } = grade;
  if (!tint) return warm;
  const to = parse(tint.colour);
  const light = luma(warm);
  return each(warm, (part, at) => part + ((light * to[at]!) / WHITE - part) * tint.share);
}

const known = new WeakMap<HTMLImageElement, Map<string, HTMLCanvasElement>>();

/**
 * A picture as it is graded, in at least as many pixels as it is shown with.
 *
 * @param grade missing for as it is
 * @param width px at which it is shown
 */
export function gradedPicture(
  image: HTMLImageElement,
  grade: Grade | undefined,
  width: number,
): HTMLImageElement | HTMLCanvasElement {
  if (!grade) return image;
  const factor = Math.max(1, Math.ceil(width / Math.max(1, image.naturalWidth)));
  const name = JSON.stringify([grade, factor]);
  const kept = known.get(image) ?? new Map<string, HTMLCanvasElement>();
  known.set(image, kept);
  const had = kept.get(name);
  if (had) return had;
  const canvas = document.createElement('canvas');
  canvas.width = image.naturalWidth * factor;
  canvas.height = image.naturalHeight * factor;
  const context = canvas.getContext('2d')!;
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  const pixels = context.getImageData(0, 0, canvas.width, canvas.height);
  gradeAll(pixels.data, grade);
  context.putImageData(pixels, 0, 0);
  kept.set(name, canvas);
  return canvas;
}

function gradeAll(data: Uint8ClampedArray, grade: Grade): void {
  for (let at = 0; at < data.length; at += 4) {
    if (data[at + 3] === 0) continue;
    const pixel = graded([data[at]! / WHITE, data[at + 1]! / WHITE, data[at + 2]! / WHITE], grade);
    for (let i = 0; i < pixel.length; i++) data[at + i] = Math.round(pixel[i]! * WHITE);
  }
}
