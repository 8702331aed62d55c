import { startPage } from './page';

/** A page that holds a design and its samples, as JSON. */
function read(id: string) {
  return JSON.parse(document.getElementById(id)!.textContent!);
}

void startPage(read('design'), read('samples'));
