/** px between a piece and the list it opens. */
const GAP = 4;

/**
 * A list that opens stands where there is room, and closes by Escape, by a click elsewhere, and when what it belongs to scrolls away.
 *
 * @param details with a summary and, after it, the list
 */
export function popup(details: HTMLDetailsElement): { destroy: () => void } {
  const list = () => details.lastElementChild as HTMLElement;

  function place() {
    if (!details.open) return;
    const piece = details.querySelector('summary')!.getBoundingClientRect();
    const style = list().style;
    style.position = 'fixed';
    style.maxHeight = `${Math.max(120, Math.max(piece.top, innerHeight - piece.bottom) - 3 * GAP)}px`;
    const { width, height } = list().getBoundingClientRect();
    const below = piece.bottom + GAP + height <= innerHeight || piece.top < innerHeight - piece.bottom;
    style.top = `${below ? piece.bottom + GAP : piece.top - GAP - height}px`;
    style.left = `${Math.max(GAP, Math.min(piece.left, innerWidth - width - GAP))}px`;
    list().querySelector<HTMLElement>('input[type="search"]')?.focus();
  }

  function elsewhere(event: Event) {
    if (details.open && !details.contains(event.target as Node)) details.open = false;
  }

  function key(event: KeyboardEvent) {
    if (event.key !== 'Escape' || !details.open) return;
    event.stopPropagation();
    details.open = false;
    details.querySelector('summary')!.focus();
  }

  details.addEventListener('toggle', place);
  details.addEventListener('keydown', key);
  document.addEventListener('pointerdown', elsewhere, true);
  document.addEventListener('focusin', elsewhere, true);
  document.addEventListener('scroll', elsewhere, true);
  return {
    destroy() {
      details.removeEventListener('toggle', place);
      details.removeEventListener('keydown', key);
      document.removeEventListener('pointerdown', elsewhere, true);
      document.removeEventListener('focusin', elsewhere, true);
      document.removeEventListener('scroll', elsewhere, true);
    },
  };
}
