import { session } from '../api/session.svelte';

export const ONLY_ANIMATORS = 'animators do that';

/** Whether who is signed in may design; without signing in everybody may. */
export function mayDesign(): boolean {
  return !session.needed || session.role === 'ANIMATOR';
}

/** Whether they may fill, take, change and take out. */
export function mayOperate(): boolean {
  return mayDesign() || session.role === 'OPERATOR';
}
