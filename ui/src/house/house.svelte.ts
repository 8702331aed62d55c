import { addPicture, pictures, readHouse, removePicture, restorePicture, saveHouse } from '../api/client';
import type { AddedPicture, House, PictureNote } from '../api/types';

const NONE: House = {
  revision: 0,
  palette: [],
  styles: [],
  safe: { action: 93, title: 90 },
  wholePixels: true,
  gestures: [],
  air: { within: 2, empty: 'STAYS', stack: [] },
};

/** The house style that all screens share. Every change is saved at once, and can be taken back. */
class HouseState {
  house = $state.raw<House>(NONE);
  pictures = $state.raw<PictureNote[]>([]);
  fault = $state('');
  #past = $state.raw<House[]>([]);
  /** How many answers are on their way. */
  #keeping = 0;

  canUndo = $derived(this.#past.length > 0);
  names = $derived(this.house.palette.map(({ name }) => name));

  async load(): Promise<void> {
    await this.#keep(readHouse());
    await this.#loadPictures();
  }

  /** Somebody may have changed it elsewhere: what came before that is not taken back over it. */
  async heardOf(revision: number): Promise<void> {
    if (this.#keeping > 0 || revision <= this.house.revision) return;
    if (await this.#keep(readHouse())) this.#past = [];
  }

  async #loadPictures(): Promise<void> {
    try {
      this.pictures = await pictures();
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  async change(changes: Partial<House>): Promise<void> {
    const before = this.house;
    if (await this.#keep(saveHouse({ ...before, ...changes }))) this.#past = [...this.#past, before];
  }

  async undo(): Promise<void> {
    const before = this.#past.at(-1);
    if (before && (await this.#keep(saveHouse({ ...before, revision: this.house.revision })))) {
      this.#past = this.#past.slice(0, -1);
    }
  }

  /** Fails with the reason if the file cannot be taken. */
  async addPicture(file: File): Promise<AddedPicture> {
    const added = await addPicture(file);
    await this.#loadPictures();
    return added;
  }

  async removePicture(key: string): Promise<void> {
    await removePicture(key);
    await this.#loadPictures();
  }

  async restorePicture(key: string): Promise<void> {
    await restorePicture(key);
    await this.#loadPictures();
  }

  async #keep(answer: Promise<House>): Promise<boolean> {
    this.#keeping += 1;
    try {
      this.house = await answer;
      this.fault = '';
      return true;
    } catch (error) {
      this.fault = (error as Error).message;
      return false;
    } finally {
      this.#keeping -= 1;
    }
  }

  /** Whether a colour of a document can be shown: one by itself, or one of the palette. */
  has(colour: string): boolean {
    return colour.startsWith('#') || this.names.includes(colour);
  }

  /** A colour of a document as one that can be shown; a name that is missing as nothing that anyone means. */
  shown(colour: string): string {
    if (colour.startsWith('#')) return colour;
    return this.house.palette.find(({ name }) => name === colour)?.colour ?? '#FF00FF';
  }
}

export const house = new HouseState();
