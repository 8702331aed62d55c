/** Moves an element into the header of the application for as long as it is there. */
export function intoHeader(element: HTMLElement): { destroy(): void } {
  document.getElementById('header-slot')?.append(element);
  return { destroy: () => element.remove() };
}
