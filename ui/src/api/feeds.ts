import { answer, client, done } from './client';
import type { Bound, Feed, FeedAnswer } from './types';

export function feeds(): Promise<Feed[]> {
  return answer(client.GET('/api/feeds'));
}

/** What a feed has said last; while it is asked for again and again, it is read as often as it wishes. */
export function feed(id: number): Promise<FeedAnswer> {
  return answer(client.GET('/api/feeds/{id}', { params: { path: { id } } }));
}

/** Which columns and rows of a feed the fields of a graphic are called by. */
export function boundOf(id: number, graphic: number, revision: number): Promise<Bound[]> {
  const params = { path: { id }, query: { graphic, revision } };
  return answer(client.GET('/api/feeds/{id}/bound', { params }));
}

export function addFeed(name: string, url: string, seconds: number): Promise<Feed> {
  return answer(client.POST('/api/feeds', { body: { name, url, seconds } }));
}

export function changeFeed({ id, name, url, seconds }: Feed): Promise<Feed> {
  return answer(client.PUT('/api/feeds/{id}', { params: { path: { id } }, body: { name, url, seconds } }));
}

export function removeFeed(id: number): Promise<void> {
  return done(client.DELETE('/api/feeds/{id}', { params: { path: { id } } }));
}
