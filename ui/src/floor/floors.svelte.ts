import { untrack } from 'svelte';
import { house } from '../house/house.svelte';
import { FloorState } from './floor.svelte';

let known: { id: number; floor: FloorState; end: () => void } | undefined;

/** What is at hand of a graphic: the same for the floor, its cases and its proof, so that nothing is lost between them. */
export function floorOf(id: number): FloorState {
  if (known?.id === id) return known.floor;
  forgetFloor();
  let floor: FloorState | undefined;
  // What it derives must outlive the screen that asks for it first.
  const end = $effect.root(() => {
    floor = new FloorState();
  });
  known = { id, floor: floor!, end };
  return known.floor;
}

/** Whoever comes back later begins with what is saved. */
export function forgetFloor(): void {
  known?.end();
  known = undefined;
}

/** What every screen of a graphic does: it keeps a draft when it is left, and says on the page while a change is worked out. */
export function attend(floor: () => FloorState): void {
  $effect(() => () => {
    if (floor().unsaved) void floor().keepDraft();
  });

  // What is worked out has the colours, styles and safe lines of the house.
  let revision = 0;
  $effect(() => {
    const now = house.house.revision;
    if (revision > 0 && now !== revision) untrack(() => void floor().takeHouse());
    revision = now;
  });

  // For whoever waits until what was changed is shown.
  $effect(() => {
    document.body.dataset.changing = String(floor().changing > 0);
  });
}
