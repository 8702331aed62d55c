/** All that a graphic needs where there is no server: the core, the shaping of text, and the player. */
export type { Design } from './design';
export { graphicClass } from './element';
export { beginShaper } from './shaper';
export { Texts } from './texts';
export { open } from '../../../runtime/target/javascript/core.js';
