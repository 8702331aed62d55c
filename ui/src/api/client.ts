import createClient from 'openapi-fetch';
import { reach } from './reach.svelte';
import type { paths } from './schema';
import type {
  EditWhat,
  FontInfo,
  Graphic,
  House,
  RevisionNote,
  StoredGraphic,
  Values,
  Worked,
} from './types';

/** What the server refused and why, as problem details (RFC 9457). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    sentence: string,
    /** The revision that stands in the way of a save. */
    readonly current?: StoredGraphic,
  ) {
    super(sentence);
  }
}

interface ProblemBody {
  title?: string;
  detail?: string;
  current?: StoredGraphic;
}

const client = createClient<paths>();
const DATABASE_AWAY = 503;

async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<NonNullable<T>> {
  let result: { data?: T; error?: unknown; response: Response };
  try {
    result = await call;
  } catch {
    reach.lost();
    throw new Problem(0, 'No answer', 'The server does not answer.');
  }
  if (result.data !== undefined && result.data !== null) return result.data;
  const body = (typeof result.error === 'object' && result.error !== null ? result.error : {}) as ProblemBody;
  if (result.response.status === DATABASE_AWAY) reach.lost();
  throw new Problem(
    result.response.status,
    body.title ?? 'Not done',
    body.detail ?? `The server answered with ${result.response.status}.`,
    body.current,
  );
}

export function allGraphics(): Promise<StoredGraphic[]> {
  return answer(client.GET('/api/graphics'));
}

export function graphic(id: number): Promise<StoredGraphic> {
  return answer(client.GET('/api/graphics/{id}', { params: { path: { id } } }));
}

export function revisions(id: number): Promise<RevisionNote[]> {
  return answer(client.GET('/api/graphics/{id}/revisions', { params: { path: { id } } }));
}

export function revision(id: number, number: number): Promise<StoredGraphic> {
  const path = { id, revision: number };
  return answer(client.GET('/api/graphics/{id}/revisions/{revision}', { params: { path } }));
}

export function saveGraphic(id: number, basedOn: number, document: Graphic): Promise<StoredGraphic> {
  return answer(client.PUT('/api/graphics/{id}', { params: { path: { id } }, body: { basedOn, document } }));
}

export function addGraphic(document: Graphic): Promise<StoredGraphic> {
  return answer(client.POST('/api/graphics', { body: { document } }));
}

export async function deleteGraphic(id: number): Promise<void> {
  // The answer to a delete has no content.
  const call = client.DELETE('/api/graphics/{id}', { params: { path: { id } } });
  await answer(call.then((result) => ({ ...result, data: result.error ? undefined : true })));
}

export function restoreGraphic(id: number): Promise<StoredGraphic> {
  return answer(client.POST('/api/graphics/{id}/restored', { params: { path: { id } } }));
}

/** An edit that touches more than one place of a document. */
export interface Edit {
  what: EditWhat;
  /** The part or field, or the kind of a new part. */
  key: string;
  newName?: string;
  steps?: number;
  raster?: { width: number; height: number };
}

export function editGraphic(
  document: Graphic,
  values: Values,
  edit: Edit,
): Promise<{ document: Graphic; part: string }> {
  return answer(client.POST('/api/edits', { body: { document, values, ...edit } }));
}

export function readHouse(): Promise<House> {
  return answer(client.GET('/api/house'));
}

/** The revision is the one that was changed. */
export function saveHouse(house: House): Promise<House> {
  return answer(client.PUT('/api/house', { body: house }));
}

export function fonts(): Promise<FontInfo[]> {
  return answer(client.GET('/api/fonts'));
}

export async function outlines(font: FontInfo, page: number): Promise<string[]> {
  const path = { font: font.id, edition: font.edition, page };
  const found = await answer(client.GET('/api/fonts/{font}/{edition}/outlines/{page}', { params: { path } }));
  return found.outlines;
}

/** Works a document out for several fillings at once; answers in the same order. */
export async function workOut(document: Graphic, values: Values[]): Promise<Worked[]> {
  const found = await answer(client.POST('/api/reels', { body: { document, values } }));
  return found.worked;
}
