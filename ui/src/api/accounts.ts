import { answer, client, done } from './client';
import type { Account, Role } from './types';

export function accounts(): Promise<Account[]> {
  return answer(client.GET('/api/accounts'));
}

export function addAccount(name: string, password: string, role: Role): Promise<Account> {
  return answer(client.POST('/api/accounts', { body: { name, password, role } }));
}

export function changeAccount(name: string, role: Role): Promise<void> {
  return done(client.PUT('/api/accounts/{name}', { params: { path: { name } }, body: { role } }));
}

export function removeAccount(name: string): Promise<void> {
  return done(client.DELETE('/api/accounts/{name}', { params: { path: { name } } }));
}

/** One's own. */
export function changePassword(old: string, password: string): Promise<void> {
  return done(client.PUT('/api/session/password', { body: { old, password } }));
}
