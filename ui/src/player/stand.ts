import type { Layer, Reel } from '../api/types';
import type { Moment } from './moment';
import { pose } from './pose';

/** What is seen of a layer or of its group, in coordinates of the picture turned by a matrix. */
export interface Opening {
  matrix: DOMMatrix;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** How a layer stands in the picture at a moment, with all that its groups do. */
export interface Stand {
  /** From rest to where it is now. */
  matrix: DOMMatrix;
  /** 0–1. */
  opacity: number;
  /** It is seen only inside all of them. */
  openings: Opening[];
}

const WHOLE: Stand = { matrix: new DOMMatrix(), opacity: 1, openings: [] };

/** How every layer stands, in their order. */
export function stands(reel: Reel, moment: Moment): Stand[] {
  const found = new Array<Stand | undefined>(reel.layers.length);
  const stand = (index: number): Stand => (found[index] ??= within(reel.layers[index]!));
  const within = (layer: Layer): Stand => {
    const group = layer.within < 0 ? WHOLE : stand(layer.within);
    const { matrix: own, opacity, reveal } = pose(layer, moment);
    const matrix = group.matrix.multiply(own);
    return {
      matrix,
      opacity: group.opacity * opacity * layer.opacity,
      openings: reveal ? [...group.openings, { matrix, ...reveal }] : group.openings,
    };
  };
  return reel.layers.map((_, index) => stand(index));
}

/** The layers that draw for one of them: itself, or of a group all that is within it. */
export function drawn(reel: Reel, index: number): number[] {
  if (reel.layers[index]!.kind !== 'group') return [index];
  return reel.layers.flatMap((layer, i) => (layer.within === index ? drawn(reel, i) : []));
}
