import type { Layer } from '../../api/types';

type Light = NonNullable<Layer['ribbon']>['lit']['light'];

const LIGHTER = 0.4;
const GLOSS = 20;

/** How light falls on what faces so: a factor of its colour, and the share of white after that. The formula is that of the core's `Shade`. */
export function shadeOf(
  facing: [number, number, number],
  light: Light,
  turned: number,
  sheen: number,
): { dark: number; white: number } {
  const up = (light.height * Math.PI) / 180;
  const from = ((light.from + turned) * Math.PI) / 180;
  const [x, y, z] = [Math.cos(up) * Math.cos(from), Math.cos(up) * Math.sin(from), Math.sin(up)];
  const softened = (cosine: number) => Math.max(0, Math.min(1, (cosine + light.soft) / (1 + light.soft)));
  const gets = softened(facing[0] * x + facing[1] * y + facing[2] * z);
  const usual = Math.max(1e-3, softened(z));
  const dark = gets < usual ? 1 - light.strength * (1 - gets / usual) : 1;
  const lighter = gets > usual ? (LIGHTER * light.strength * (gets - usual)) / Math.max(1e-3, 1 - usual) : 0;
  const size = Math.max(1e-9, Math.sqrt(2 + 2 * z));
  const half = Math.max(0, (facing[0] * x + facing[1] * y + facing[2] * (z + 1)) / size);
  const plain = Math.sqrt((1 + z) / 2) ** GLOSS;
  const gloss = Math.max(0, half ** GLOSS - plain) / Math.max(1e-3, 1 - plain);
  return { dark: Math.max(0, dark), white: Math.min(1, lighter + sheen * light.strength * gloss) };
}
