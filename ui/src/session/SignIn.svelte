<script lang="ts">
  import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
  import { session } from '../api/session.svelte';

  let name = $state('');
  let password = $state('');
  let wrong = $state('');
  let busy = $state(false);

  async function signIn(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    wrong = await session.signIn(name, password);
    busy = false;
    password = '';
  }
</script>

<svelte:head><title>Sign in · Glimble</title></svelte:head>

<div class="page">
  <form class="surface" onsubmit={signIn}>
    <h1>Sign in</h1>
    <TextInput labelText="Name" autocomplete="username" bind:value={name} />
    <PasswordInput labelText="Password" autocomplete="current-password" bind:value={password} />
    {#if wrong}<p role="alert" class="wrong">{wrong}</p>{/if}
    <Button type="submit" disabled={busy || !name || !password}>Sign in</Button>
  </form>
</div>

<style>
  form {
    display: grid;
    gap: 16px;
    width: 340px;
    margin: 12vh auto 0;
    padding: 24px;
  }

  h1 {
    margin: 0;
    font-size: 20px;
    font-weight: 700;
  }

  .wrong {
    color: var(--fault);
  }
</style>
