import { base64 } from './files';
import createClient from 'openapi-fetch';
import { kept } from './kept';
import { Problem } from './problem';
import { reach } from './reach.svelte';
import { token } from './token';
import type { paths } from './schema';
import type {
  AddedPicture,
  FontInfo,
  Change,
  CheckInfo,
  Draft,
  EditWhat,
  Filling,
  Finding,
  Graphic,
  GraphicUses,
  House,
  MapAnswer,
  Mend,
  PictureNote,
  Played,
  Proof,
  ProofNote,
  Reel,
  RevisionNote,
  Spare,
  Stage,
  Standing,
  StoredGraphic,
  Values,
  Worked,
} from './types';

interface ProblemBody {
  title?: string;
  detail?: string;
  current?: StoredGraphic;
  known?: boolean;
}

export { Problem };

export const client = createClient<paths>();
client.use({
  onRequest({ request }) {
    // A page from elsewhere does not know it.
    if (request.method !== 'GET' && token()) request.headers.set('X-XSRF-TOKEN', token());
    return request;
  },
});
const DATABASE_AWAY = 'Database away';

export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<NonNullable<T>> {
  let result: { data?: T; error?: unknown; response: Response };
  try {
    result = await call;
  } catch (error) {
    // What was given up here says nothing of the server.
    const ended = error instanceof DOMException && ['AbortError', 'TimeoutError'].includes(error.name);
    if (!ended) reach.lost();
    throw new Problem(0, 'No answer', 'The server does not answer.', undefined, false);
  }
  if (result.data !== undefined && result.data !== null) return result.data;
  const body = (typeof result.error === 'object' && result.error !== null ? result.error : {}) as ProblemBody;
  if (body.title === DATABASE_AWAY) reach.lost();
  if (result.response.status === 401) reach.signedOut += 1;
  throw new Problem(
    result.response.status,
    body.title ?? 'Not done',
    body.detail ?? `The server answered with ${result.response.status}.`,
    body.current,
    body.known ?? true,
  );
}

export function allGraphics(): Promise<StoredGraphic[]> {
  return answer(client.GET('/api/graphics'));
}

/** What every graphic needs of the house. */
export function graphicUses(): Promise<GraphicUses[]> {
  return answer(client.GET('/api/graphics/uses'));
}

/** What a new graphic can begin with. */
export function startsOf(): Promise<{ document: Graphic }[]> {
  return answer(client.GET('/api/starts'));
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
  const params = { path: { id } };
  return kept((saveId) =>
    answer(client.PUT('/api/graphics/{id}', { params, body: { basedOn, document, saveId } })),
  );
}

export function addGraphic(document: Graphic): Promise<StoredGraphic> {
  return kept((saveId) => answer(client.POST('/api/graphics', { body: { document, saveId } })));
}

/** For calls whose answer has no content. */
export async function done(call: Promise<{ error?: unknown; response: Response }>): Promise<void> {
  await answer(call.then((result) => ({ ...result, data: result.error ? undefined : true })));
}

export function deleteGraphic(id: number): Promise<void> {
  return done(client.DELETE('/api/graphics/{id}', { params: { path: { id } } }));
}

/** What is being changed and not saved yet; undefined if there is nothing. */
export async function draft(id: number): Promise<Draft | undefined> {
  return (
    (await answer(client.GET('/api/graphics/{id}/draft', { params: { path: { id } } }))).draft ?? undefined
  );
}

export function keepDraft(id: number, basedOn: number, document: Graphic): Promise<void> {
  const body = { basedOn, document };
  return done(client.PUT('/api/graphics/{id}/draft', { params: { path: { id } }, body }));
}

export function dropDraft(id: number): Promise<void> {
  return done(client.DELETE('/api/graphics/{id}/draft', { params: { path: { id } } }));
}

/** @param name empty to take a name away */
export function nameRevision(id: number, number: number, name: string): Promise<void> {
  const path = { id, revision: number };
  return done(
    client.PUT('/api/graphics/{id}/revisions/{revision}/name', { params: { path }, body: { name } }),
  );
}

export function pictures(): Promise<PictureNote[]> {
  return answer(client.GET('/api/pictures'));
}

/** Sends a file as it is. */
export function send<T>(path: string, file: Blob): Promise<T> {
  const call = fetch(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': token() },
    body: file,
  }).then(async (response) => {
    const body = (await response.json()) as { detail?: string };
    if (response.ok) return { data: body as T, response };
    // Where it is wrong is the file itself; no need to say so.
    return { error: { ...body, detail: body.detail?.replace(/^\$: /, '') }, response };
  });
  return answer<T>(call);
}

/** Adds a file; the answer says what was taken out of it. */
export function addPicture(file: File): Promise<AddedPicture> {
  return send(`/api/pictures?name=${encodeURIComponent(file.name)}`, file);
}

export function addFont(file: File): Promise<FontInfo> {
  return send('/api/fonts', file);
}

export function removeFont(font: string): Promise<void> {
  return done(client.DELETE('/api/fonts/{font}', { params: { path: { font } } }));
}

export function restoreFont(font: string): Promise<void> {
  return done(client.POST('/api/fonts/{font}/restored', { params: { path: { font } } }));
}

export function removePicture(key: string): Promise<void> {
  return done(client.DELETE('/api/pictures/{key}', { params: { path: { key } } }));
}

export function restorePicture(key: string): Promise<void> {
  return done(client.POST('/api/pictures/{key}/restored', { params: { path: { key } } }));
}

export function restoreGraphic(id: number): Promise<StoredGraphic> {
  return answer(client.POST('/api/graphics/{id}/restored', { params: { path: { id } } }));
}

/** Changes that mend a finding, each proved with fillings, of which those that show it come first. */
export function mendsOf(
  document: Graphic,
  { check, part, other, phase }: Finding,
  fillings: Filling[],
  signal: AbortSignal,
): Promise<Mend[]> {
  return answer(
    client.POST('/api/mends', { body: { document, check, part, other, phase, fillings }, signal }),
  );
}

/** How much more text the fields have room for. */
export function spareOf(document: Graphic, values: Values, dials: Values = {}): Promise<Spare[]> {
  return answer(client.POST('/api/spare', { body: { document, values, dials } }));
}

/** The same of one field, and how many letters it holds at all; nothing if that takes too long to work out. */
export function heldBy(field: string, document: Graphic, values: Values, dials: Values): Promise<Spare[]> {
  return answer(client.POST('/api/spare', { body: { document, values, dials, field, holds: true } }));
}

/** An edit that touches more than one place of a document. */
export interface Edit {
  what: EditWhat;
  /** The part or field, or the kind of a new part. */
  key: string;
  newName?: string;
  /** Parts of a new group, that a new part takes up, or that are removed as well. */
  keys?: string[];
  steps?: number;
  /** Frames from one row to the next. */
  by?: number;
  /** Whether what hung on parts that are removed stays where it is seen. */
  keeps?: boolean;
  raster?: { width: number; height: number; by?: 'WIDTH' | 'HEIGHT' | 'SMALLER' };
  /** Of an edit of moves. */
  phase?: 'in' | 'loop' | 'out' | 'away' | 'back';
}

export function editGraphic(
  document: Graphic,
  values: Values,
  edit: Edit,
): Promise<{ document: Graphic; part: string; rounded: string[]; small: string[] }> {
  return answer(client.POST('/api/edits', { body: { document, values, ...edit } }));
}

export function readHouse(): Promise<House> {
  return answer(client.GET('/api/house'));
}

/** The revision is the one that was changed. */
export function saveHouse(house: House): Promise<House> {
  return kept((saveId) => answer(client.PUT('/api/house', { body: { ...house, saveId } })));
}

/** What else is asked of a graphic that is worked out. */
export interface WorkOptions {
  /** The moment from which the out begins, if it is not rest. */
  leaves?: { phase: 'IN' | 'LOOP' | 'OUT'; frame: number; looped?: number; share?: number };
  /** What is on air when it is taken. */
  onAir?: Standing;
  /** Variants of the first filling, whatever the cases say. */
  played?: Played;
  /** What stands in the place of its phases in the document; missing if it is the design itself. */
  seenAs?: Played;
  /** What is set, by key; what is missing is as designed. */
  dials?: Values;
}

/** Works a document out for several fillings at once; answers in the same order. */
export async function workOut(
  document: Graphic,
  values: Values[],
  options: WorkOptions = {},
): Promise<Worked[]> {
  return (await workOutSeen(document, values, options)).worked;
}

/** What was worked out of a design that may be looked at with variants in the place of its phases. */
export interface Seen {
  design: Graphic;
  /** What is played for the first filling. */
  played: Played;
  /** The design as it is looked at with that. */
  document: Graphic;
  worked: Worked[];
  /** Those that the graphic makes, by name, for the first filling. */
  colours: Record<string, string>;
}

/** @param document the design, or what is looked at of it as the options say */
export async function workOutSeen(
  document: Graphic,
  values: Values[],
  options: WorkOptions = {},
): Promise<Seen> {
  const found = await answer(client.POST('/api/reels', { body: { document, values, ...options } }));
  const worked = found.worked.map((one) => ({
    ...one,
    curves: one.curves.length > 0 ? one.curves : found.curves,
  }));
  const design = found.design ?? document;
  return {
    design,
    played: worked[0]?.played ?? { in: '', loop: '', out: '', swap: '' },
    document: found.seen ?? design,
    worked,
    colours: found.colours,
  };
}

/**
 * What happens when other values are filled in while a graphic stands.
 *
 * @param stages what was on air one after the other; the last is what stands
 * @param values each filling to which it may change
 * @param played variants, whatever the cases say
 * @param dials what is set, by key; what is missing is as designed
 */
export function workOutChanges(
  document: Graphic,
  stages: Stage[],
  values: Values[],
  played?: Played,
  dials: Values = {},
): Promise<{ changes: Change[]; out: Reel }> {
  return answer(client.POST('/api/changes', { body: { document, stages, values, played, dials } }));
}

/** Which case answers which combination of everything its conditions tell apart. */
export function caseMap(document: Graphic): Promise<MapAnswer> {
  return answer(client.POST('/api/cases', { body: { document } }));
}

export function checks(): Promise<CheckInfo[]> {
  return answer(client.GET('/api/checks'));
}

/** Of the current revision of every graphic that is proved. */
export function proofNotes(): Promise<ProofNote[]> {
  return answer(client.GET('/api/proofs'));
}

export function proof(id: number, revision: number): Promise<Proof> {
  const path = { id, revision };
  return answer(client.GET('/api/graphics/{id}/revisions/{revision}/proof', { params: { path } }));
}

export function startProof(id: number, revision: number): Promise<Proof> {
  const path = { id, revision };
  return answer(client.POST('/api/graphics/{id}/revisions/{revision}/proof', { params: { path } }));
}

export function stopProof(id: number, revision: number): Promise<void> {
  const path = { id, revision };
  return done(client.DELETE('/api/graphics/{id}/revisions/{revision}/proof', { params: { path } }));
}

/** Where the page to hand over is. */
export function sheetAddress(id: number, revision: number): string {
  return `/api/graphics/${id}/revisions/${revision}/proof/sheet`;
}

/** The table of names, as CSV; undefined if there is none. */
export async function namesTable(id: number): Promise<string | undefined> {
  return (
    (await answer(client.GET('/api/graphics/{id}/names', { params: { path: { id } } }))).csv ?? undefined
  );
}

/** Resolves with how many fillings the table makes. */
/** Rows there are, and which of them would not be let through. */
export async function keepNamesTable(id: number, table: File): Promise<{ rows: number; refused: string[] }> {
  const body = { file: await base64(table) };
  return answer(client.PUT('/api/graphics/{id}/names', { params: { path: { id } }, body }));
}

export function dropNamesTable(id: number): Promise<void> {
  return done(client.DELETE('/api/graphics/{id}/names', { params: { path: { id } } }));
}
