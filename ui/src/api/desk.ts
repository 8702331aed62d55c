import type { AirState } from '../air/types';
import { answer, client, done } from './client';
import { kept } from './kept';
import type {
  Act,
  Ahead,
  AirFilling,
  CueCheck,
  FilledIn,
  FillingRequest,
  LogLine,
  SheetEdit,
  SheetNote,
  StoredSheet,
} from './types';

/** Those that are put aside too, last changed first. */
export function allSheets(): Promise<SheetNote[]> {
  return answer(client.GET('/api/sheets'));
}

export function sheet(id: number): Promise<StoredSheet> {
  return answer(client.GET('/api/sheets/{id}', { params: { path: { id } } }));
}

/** @param copyOf the sheet whose cues it begins with */
export function addSheet(name: string, copyOf?: number): Promise<StoredSheet> {
  return kept((saveId) => answer(client.POST('/api/sheets', { body: { name, copyOf, saveId } })));
}

export function putSheetAside(id: number): Promise<void> {
  return done(client.DELETE('/api/sheets/{id}', { params: { path: { id } } }));
}

export function bringSheetBack(id: number): Promise<StoredSheet> {
  return answer(client.POST('/api/sheets/{id}/restored', { params: { path: { id } } }));
}

export function editSheet(id: number, basedOn: number, edit: SheetEdit): Promise<StoredSheet> {
  const params = { path: { id } };
  return kept((saveId) =>
    answer(client.POST('/api/sheets/{id}/edits', { params, body: { ...edit, basedOn, saveId } })),
  );
}

/** Takes back the change that made a revision. */
export function undoSheet(id: number, revision: number): Promise<StoredSheet> {
  const params = { path: { id } };
  return kept((saveId) =>
    answer(client.POST('/api/sheets/{id}/undo', { params, body: { revision, saveId } })),
  );
}

export function workFilling(filling: FillingRequest): Promise<FilledIn> {
  return answer(client.POST('/api/fillings/worked', { body: filling }));
}

export function checkFilling(filling: FillingRequest): Promise<CueCheck> {
  return answer(client.POST('/api/fillings/checked', { body: filling }));
}

/** Does something on air; resolves with what stands then. Whether it was done is not known where the signal ends it. */
export function doOnAir(output: number, act: Act, signal: AbortSignal): Promise<AirState> {
  const params = { path: { output } };
  return answer(client.POST('/api/outputs/{output}/acts', { params, body: act, signal }));
}

/** Has a take worked out before it comes. */
export function prepareOnAir(output: number, filling: AirFilling): Promise<Ahead> {
  return answer(client.POST('/api/outputs/{output}/ahead', { params: { path: { output } }, body: filling }));
}

/** What of the log is asked for; blank words for all. */
export interface LogAsked {
  words: string;
  berth: string;
  /** Events before this one. */
  before?: number;
}

/** Newest first, a page at a time. */
export function readLog(output: number, { words, berth, before }: LogAsked): Promise<LogLine[]> {
  const query = { ...(words && { words }), ...(berth && { berth }), ...(before !== undefined && { before }) };
  return answer(client.GET('/api/outputs/{output}/log', { params: { path: { output }, query } }));
}

/** Where the log is as CSV. */
export function logAddress(output: number, { words, berth }: LogAsked): string {
  return `/api/outputs/${output}/log/csv?${new URLSearchParams({ words, berth }).toString()}`;
}
