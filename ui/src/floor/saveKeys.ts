import type { FloorState } from './floor.svelte';

/** Ctrl S saves, Ctrl Z and Ctrl Shift Z undo and redo, unless somebody is typing: then these are the text's own. */
export function saveKeys(floor: FloorState, event: KeyboardEvent): void {
  if (!(event.ctrlKey || event.metaKey)) return;
  const typing = (event.target as HTMLElement).closest('input, textarea, select') !== null;
  const name = event.key.toLowerCase();
  if (name === 's') void floor.save();
  else if (name === 'z' && !typing && event.shiftKey) floor.redo();
  else if (name === 'z' && !typing) floor.undo();
  else return;
  event.preventDefault();
}
