import { answer, client, done } from './client';
import { base64 } from './files';
import { kept } from './kept';
import type { CueRow, CueSpelling, People, TableRow, Unknown, Values } from './types';

export function readPeople(): Promise<People> {
  return answer(client.GET('/api/people'));
}

/** The revision is the one that was changed. */
export function savePeople(people: People): Promise<People> {
  return kept((saveId) => answer(client.PUT('/api/people', { body: { ...people, saveId } })));
}

/** A table as it was read; of a file, in which encoding. */
export interface TableRead {
  columns: string[];
  rows: TableRow[];
  encoding?: string | null;
}

/** What is said of a file whose letters may not be right; empty for nothing. */
export function doubtfulLetters({ encoding }: TableRead): string {
  if (encoding !== 'windows-1252') return '';
  return 'It is no UTF-8, so it was read as Windows-1252. Look whether letters like é, ü and ø are right; if not, save it in UTF-8.';
}

/** A table, from a file or as it was pasted. */
export async function readTable(from: File | string): Promise<TableRead> {
  const body = typeof from === 'string' ? { text: from } : { file: await base64(from) };
  return answer(client.POST('/api/tables', { body }));
}

/** What each row of a table would make. Nothing is made. */
export function lookAtRows(
  sheet: number,
  graphic: number,
  columns: string[],
  rows: TableRow[],
): Promise<CueRow[]> {
  return answer(client.POST('/api/tables/cues', { body: { sheet, graphic, columns, rows } }));
}

/** Words of a filling that no dictionary has. */
export function spellingOf(graphic: number, revision: number, values: Values): Promise<Unknown[]> {
  return answer(client.POST('/api/spelling', { body: { graphic, revision, values } }));
}

export function spellingOfSheet(id: number): Promise<CueSpelling[]> {
  return answer(client.GET('/api/sheets/{id}/spelling', { params: { path: { id } } }));
}

/** The word is right from now on, in the whole house. */
export function acceptWord(word: string): Promise<void> {
  return done(client.POST('/api/words', { body: { word } }));
}

/** Words that the house has accepted, in their order. */
export function acceptedWords(): Promise<string[]> {
  return answer(client.GET('/api/words'));
}

/** The word is looked up in the dictionaries again. */
export function takeWordBack(word: string): Promise<void> {
  return done(client.DELETE('/api/words', { params: { query: { word } } }));
}
