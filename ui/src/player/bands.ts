import type { Track } from '../api/types';

/** The band that is seen of a layer at a moment, as the reel says. */
export interface BandNow {
  /** From the coordinates of the band to those of the picture. */
  matrix: DOMMatrix;
  degrees: number;
  /** Along the direction it opens, px: seen from here … */
  from: number;
  /** … to here. */
  to: number;
  /** px over which its edges fade outwards. */
  soft: number;
  bothWays: boolean;
}

const FAR = 100_000;

/** @param share 0–1 of its extent that is seen */
export function bandNow(track: Track, share: number, matrix: DOMMatrix): BandNow {
  const { degrees, bothWays, soft } = track.opening;
  const { shutFrom, shutTo, openFrom, openTo } = track.band;
  return {
    matrix,
    degrees,
    from: shutFrom + (openFrom - shutFrom) * share,
    to: shutTo + (openTo - shutTo) * share,
    soft,
    bothWays,
  };
}

/** Coordinates in which the direction it opens is to the right. */
function turned({ matrix, degrees }: BandNow, base: DOMMatrix): DOMMatrix {
  return base.multiply(matrix).rotate(degrees);
}

/** Cuts off what a hard edge does not show. */
export function clipTo(context: CanvasRenderingContext2D, band: BandNow, base: DOMMatrix): void {
  context.setTransform(turned(band, base));
  const path = new Path2D();
  path.rect(band.from, -FAR, Math.max(0, band.to - band.from), 2 * FAR);
  context.clip(path);
}

/** Fades what is on the canvas beyond the edges of a soft one. */
export function fadeTo(context: CanvasRenderingContext2D, band: BandNow, base: DOMMatrix): void {
  const { from, to, soft } = band;
  context.save();
  context.setTransform(turned(band, base));
  context.globalCompositeOperation = 'destination-in';
  const gradient = context.createLinearGradient(from - soft, 0, to + soft, 0);
  const extent = to - from + 2 * soft;
  const edge = extent > 0 ? Math.min(0.5, soft / extent) : 0.5;
  gradient.addColorStop(0, band.bothWays ? '#0000' : '#000');
  gradient.addColorStop(band.bothWays ? edge : 0, '#000');
  gradient.addColorStop(Math.max(edge, 1 - edge), '#000');
  gradient.addColorStop(1, '#0000');
  context.fillStyle = extent > 0 ? gradient : '#0000';
  context.fillRect(-FAR, -FAR, 2 * FAR, 2 * FAR);
  context.restore();
}
