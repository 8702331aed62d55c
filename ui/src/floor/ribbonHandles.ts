import type { Bend, Graphic, Layer, Part } from '../api/types';
import { ribbonNow, pointOf, type Point, type RibbonNow } from '../player/ribbon/now';
import { REST } from '../player/ribbon/course';
import { LIGHT, TAPER, TILT } from '../sheet/ribbons';

/** A knob on a ribbon: where it is, what it is called, and what pulling it changes. */
export interface Knob {
  name: string;
  /** What it shows, in words. */
  says: string;
  at: Point;
  /** @param x px of the picture by which it is pulled to the right */
  pulled(x: number, y: number): { part?: Partial<Part>; document?: Partial<Graphic> };
}

/** px of the picture for one degree. */
const PX_PER_DEGREE = 4;
/** px between the middle of a ribbon and light from the side. */
const SUN = 190;
const STILL = { left: 0, top: 0, right: 0, bottom: 0 };

const degrees = (px: number) => Math.round(px / PX_PER_DEGREE);
const within = (number: number, least: number, most: number) => Math.max(least, Math.min(most, number));

/** The ribbon of a layer as it rests. */
export function atRest(layer: Layer, width: number): RibbonNow {
  return ribbonNow(layer, REST, STILL, [], width);
}

/** The first piece of a course turned further; one that waves if there is none yet. */
function bent(bends: Bend[] | undefined, by: number, waves: number): Bend[] {
  if (!bends?.length) return [{ degrees: by, ...(waves > 0 && { waves }) }];
  return bends.map((bend, i) =>
    i === 0 ? { ...bend, degrees: within(bend.degrees + by, -720, 720) } : bend,
  );
}

function narrowed(share: number, px: number, breadth: number): number {
  // Its edge goes half as far as its breadth does.
  return Math.round(within(share - px / (breadth / 2), 0, 1) * 100) / 100;
}

/** All that can be pulled of a ribbon, px of the picture. */
export function knobs(now: RibbonNow, part: Part, light: Graphic['light']): Knob[] {
  const { x, y, width, height } = now.straight;
  const tilt = { ...TILT, ...part.tilt };
  const taper = { ...TAPER, ...part.taper };
  const middle = pointOf(now, x + width / 2, y + height / 2);
  const lit = { ...LIGHT, ...light };
  const angle = (lit.from * Math.PI) / 180;
  const far = SUN * Math.cos((lit.height * Math.PI) / 180);
  const sun: Point = [middle[0] + far * Math.cos(angle), middle[1] + far * Math.sin(angle)];
  return [
    {
      name: 'Bend',
      says: `${part.bends?.[0]?.degrees ?? 0}° in the plane`,
      at: pointOf(now, x + width * 0.3, y),
      pulled: (_, py) => ({ part: { bends: bent(part.bends, -degrees(py), 0) } }),
    },
    {
      name: 'Wave',
      says: `${part.waves?.[0]?.degrees ?? 0}° in depth`,
      at: pointOf(now, x + width * 0.7, y),
      pulled: (_, py) => ({ part: { waves: bent(part.waves, -degrees(py), 1) } }),
    },
    {
      name: 'Twist',
      says: `${part.twist ?? 0}°`,
      at: pointOf(now, x + width, y + height / 2),
      pulled: (_, py) => ({ part: { twist: within((part.twist ?? 0) + degrees(py), -720, 720) } }),
    },
    {
      name: 'Taper of the start',
      says: `${Math.round(taper.start * 100)} %`,
      at: pointOf(now, x, y + (height / 2) * (1 - taper.start)),
      pulled: (_, py) => ({
        part: { taper: { ...taper, start: narrowed(taper.start, py, height) } },
      }),
    },
    {
      name: 'Taper of the end',
      says: `${Math.round(taper.end * 100)} %`,
      at: pointOf(now, x + width, y + (height / 2) * (1 - taper.end)),
      pulled: (_, py) => ({ part: { taper: { ...taper, end: narrowed(taper.end, py, height) } } }),
    },
    {
      name: 'Tilt',
      says: `${tilt.x}° top away, ${tilt.y}° right away`,
      at: middle,
      pulled: (px, py) => ({
        part: {
          tilt: {
            ...tilt,
            x: within(tilt.x - degrees(py), -180, 180),
            y: within(tilt.y + degrees(px), -180, 180),
          },
        },
      }),
    },
    {
      name: 'Light',
      says: `from ${Math.round(lit.from)}°, ${Math.round(lit.height)}° high`,
      at: sun,
      pulled: (px, py) => {
        const [dx, dy] = [sun[0] + px - middle[0], sun[1] + py - middle[1]];
        const from = Math.round(((Math.atan2(dy, dx) * 180) / Math.PI + 360) % 360);
        const high = Math.round((Math.acos(within(Math.hypot(dx, dy) / SUN, 0, 1)) * 180) / Math.PI);
        return { document: { light: { ...lit, from, height: high } } };
      },
    },
  ];
}
