import { client } from './client';
import type { Role } from './types';

/** Who has signed in here, where one has to. */
class Session {
  /** Whether it is known yet. */
  known = $state(false);
  needed = $state(false);
  name = $state<string>();
  role = $state<Role>();

  async load(): Promise<void> {
    const { data } = await client.GET('/api/session').catch(() => ({ data: undefined }));
    if (!data) return;
    this.known = true;
    this.needed = data.needed;
    this.name = data.name ?? undefined;
    this.role = data.role ?? undefined;
  }

  /** Resolves with what was wrong; empty if nothing was. */
  async signIn(name: string, password: string): Promise<string> {
    const { error } = await client.POST('/api/session', { body: { name, password } });
    if (error)
      return (error as { detail?: string }).detail ?? 'The server does not answer. Try again in a moment.';
    // The token that goes with the new session comes with the next answer.
    await this.load();
    return '';
  }

  async signOut(): Promise<void> {
    await client.DELETE('/api/session');
    await this.load();
  }
}

export const session = new Session();
