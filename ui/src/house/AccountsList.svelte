<script lang="ts">
  import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
  import { accounts, addAccount, changeAccount, changePassword, removeAccount } from '../api/accounts';
  import { session } from '../api/session.svelte';
  import type { Account, Role } from '../api/types';

  const ROLES: [Role, string][] = [
    ['VIEWER', 'viewer: looks'],
    ['OPERATOR', 'operator: fills, takes, changes, takes out'],
    ['ANIMATOR', 'animator: designs, and gives roles'],
  ];

  let all = $state.raw<Account[]>([]);
  let name = $state('');
  let password = $state('');
  let role = $state<Role>('OPERATOR');
  let now = $state('');
  let own = $state('');
  let fault = $state('');
  let said = $state('');

  async function done(work: () => Promise<unknown>, then = '') {
    try {
      await work();
      all = session.role === 'ANIMATOR' ? await accounts() : [];
      fault = '';
      said = then;
      return true;
    } catch (error) {
      fault = (error as Error).message;
      return false;
    }
  }

  $effect(() => {
    if (session.needed) void done(() => Promise.resolve());
  });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (await done(() => addAccount(name, password, role), `${name} can sign in now.`)) name = password = '';
  }

  async function change(event: SubmitEvent) {
    event.preventDefault();
    const then =
      'Your password is another one from now on; wherever else you have signed in you have to do so again.';
    if (await done(() => changePassword(now, own), then)) now = own = '';
  }
</script>

<div class="section"><h2>Accounts</h2></div>
<section class="surface" aria-label="Accounts">
  {#if !session.needed}
    <p class="muted">
      Nobody has to sign in: whoever reaches this server may do everything. <code>bin/start --sign-in</code> switches
      signing in on.
    </p>
  {:else}
    {#if session.role === 'ANIMATOR'}
      <ul class="accounts">
        {#each all as account (account.name)}
          <li>
            <strong>{account.name}</strong>
            <select
              aria-label="Role of {account.name}"
              value={account.role}
              onchange={(event) => {
                const chosen = event.currentTarget.value as Role;
                void done(() => changeAccount(account.name, chosen));
              }}
            >
              {#each ROLES as [of, words] (of)}<option value={of}>{words}</option>{/each}
            </select>
            <button
              class="plain act"
              aria-label="Remove {account.name}"
              onclick={() => void done(() => removeAccount(account.name))}>remove</button
            >
          </li>
        {/each}
      </ul>
      <form onsubmit={add}>
        <TextInput size="sm" labelText="Name of a new account" bind:value={name} />
        <PasswordInput
          size="sm"
          labelText="Its password, 10 letters or more"
          autocomplete="new-password"
          bind:value={password}
        />
        <select aria-label="Role of the new account" bind:value={role}>
          {#each ROLES as [of, words] (of)}<option value={of}>{words}</option>{/each}
        </select>
        <Button size="small" type="submit" disabled={!name || !password}>Add account</Button>
      </form>
    {/if}
    <form onsubmit={change}>
      <PasswordInput
        size="sm"
        labelText="Your password now"
        autocomplete="current-password"
        bind:value={now}
      />
      <PasswordInput
        size="sm"
        labelText="Another password for yourself"
        autocomplete="new-password"
        bind:value={own}
      />
      <Button size="small" kind="tertiary" type="submit" disabled={!now || !own}>Change it</Button>
    </form>
    {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
    {#if said}<p>{said}</p>{/if}
  {/if}
</section>

<style>
  section {
    padding: 16px;
  }

  section .accounts {
    display: block;
    margin: 0 0 10px;
    padding: 0;
    list-style: none;
  }

  li {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 4px 0;
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: end;
    margin-top: 12px;
  }

  select {
    padding: 4px 8px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  .act {
    color: var(--accent);
  }

  .fault {
    color: var(--fault);
  }
</style>
