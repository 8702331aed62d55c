import { readHouse, saveHouse } from '../api/client';
import type { House, PaletteEntry } from '../api/types';

/** The house style that all screens share. Every change is saved at once, and can be taken back. */
class HouseState {
  house = $state.raw<House>({ revision: 0, palette: [] });
  fault = $state('');
  #past = $state.raw<PaletteEntry[][]>([]);

  canUndo = $derived(this.#past.length > 0);
  names = $derived(this.house.palette.map(({ name }) => name));

  async load(): Promise<void> {
    await this.#keep(readHouse());
  }

  async change(palette: PaletteEntry[]): Promise<void> {
    const before = this.house.palette;
    if (await this.#keep(saveHouse({ ...this.house, palette }))) this.#past = [...this.#past, before];
  }

  async undo(): Promise<void> {
    const before = this.#past.at(-1);
    if (before && (await this.#keep(saveHouse({ ...this.house, palette: before })))) {
      this.#past = this.#past.slice(0, -1);
    }
  }

  async #keep(answer: Promise<House>): Promise<boolean> {
    try {
      this.house = await answer;
      this.fault = '';
      return true;
    } catch (error) {
      this.fault = (error as Error).message;
      return false;
    }
  }

  /** A colour of a document as one that can be shown; a name that is missing as nothing that anyone means. */
  shown(colour: string): string {
    if (colour.startsWith('#')) return colour;
    return this.house.palette.find(({ name }) => name === colour)?.colour ?? '#FF00FF';
  }
}

export const house = new HouseState();
