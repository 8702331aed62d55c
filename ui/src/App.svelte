<script lang="ts">
  import Router, { link, router } from 'svelte-spa-router';
  import { reach } from './api/reach.svelte';
  import { session } from './api/session.svelte';
  import SignIn from './session/SignIn.svelte';
  import Cases from './cases/Cases.svelte';
  import DeskScreen from './desk/DeskScreen.svelte';
  import LogScreen from './desk/LogScreen.svelte';
  import PeopleScreen from './desk/PeopleScreen.svelte';
  import TableScreen from './desk/TableScreen.svelte';
  import SheetsScreen from './desk/SheetsScreen.svelte';
  import Floor from './floor/Floor.svelte';
  import { forgetFloor } from './floor/floors.svelte';
  import House from './house/House.svelte';
  import { house } from './house/house.svelte';
  import { watchHouse } from './house/watch';
  import ProofScreen from './proof/ProofScreen.svelte';
  import Shelf from './shelf/Shelf.svelte';
  import Still from './still/Still.svelte';

  const routes = {
    '/': Shelf,
    '/floor/:id': Floor,
    '/cases/:id': Cases,
    '/proof/:id': ProofScreen,
    '/proof/:id/:revision': ProofScreen,
    '/desk': SheetsScreen,
    '/desk/:id': DeskScreen,
    '/desk/:id/table': TableScreen,
    '/people': PeopleScreen,
    '/log': LogScreen,
    '/house': House,
    '/still/:id/:phase/:frame': Still,
    '/still/:id/:phase/:frame/:from/:to': Still,
    '*': Shelf,
  };
  $effect(() => {
    // Loads again whenever the server has come back, and when somebody has signed in.
    void reach.returned;
    void session.name;
    void house.load();
  });

  $effect(() => {
    // Whoever has not signed in hears nothing.
    if (session.known && (!session.needed || session.name)) {
      return watchHouse((revision) => void house.heardOf(revision));
    }
  });

  $effect(() => {
    void reach.returned;
    void reach.signedOut;
    void session.load();
  });

  const onHouse = $derived(router.location === '/house');
  const onDesk = $derived(/^\/(desk|log|people)/.test(router.location));
  const OF_GRAPHIC = /^\/(floor|cases|proof)\/(\d+)/;
  const SCREENS = [
    ['floor', 'Floor'],
    ['cases', 'Cases'],
    ['proof', 'Proof'],
  ] as const;
  /** The screen and the graphic it is of; undefined for a screen that is of none. */
  const graphic = $derived(OF_GRAPHIC.exec(router.location));

  $effect(() => {
    if (!graphic) forgetFloor();
  });
</script>

<header>
  <a class="name" href="/" use:link><img src="/mark.svg" alt="" width="20" height="20" />Glimble</a>
  <nav aria-label="Screens">
    <a href="/" use:link aria-current={graphic || onHouse || onDesk ? undefined : 'page'}>Shelf</a>
    {#if graphic}
      {#each SCREENS as [screen, name] (screen)}
        <a href="/{screen}/{graphic[2]}" use:link aria-current={graphic[1] === screen ? 'page' : undefined}
          >{name}</a
        >
      {/each}
    {/if}
    <a href="/desk" use:link aria-current={onDesk ? 'page' : undefined}>Desk</a>
    <a href="/house" use:link aria-current={onHouse ? 'page' : undefined}>House</a>
  </nav>
  <div id="header-slot"></div>
  {#if session.known && !session.needed}
    <span
      class="who"
      title="Whoever reaches this server may do everything; bin/start --sign-in switches signing in on"
      >no sign-in</span
    >
  {:else if session.name}
    <span class="who">
      {session.name}, {session.role?.toLowerCase()}
      <button class="plain" onclick={() => void session.signOut()}>sign out</button>
    </span>
  {/if}
</header>
{#if reach.away}
  <div class="away" role="alert">
    The server or its database does not answer. Nothing here is lost; this page asks again until it does.
  </div>
{/if}
<main>
  {#if session.needed && !session.name}<SignIn />{:else}<Router {routes} />{/if}
</main>

<style>
  header {
    display: flex;
    flex: none;
    align-items: center;
    gap: 28px;
    height: 44px;
    padding: 0 16px;
    border-bottom: 1px solid var(--border);
  }

  .name {
    display: flex;
    align-items: center;
    gap: 8px;
    color: var(--text);
    font-size: 15px;
    font-weight: 700;
    text-decoration: none;
  }

  nav {
    display: flex;
    align-self: stretch;
    gap: 20px;
  }

  nav a {
    display: flex;
    align-items: center;
    border-bottom: 2px solid transparent;
    color: var(--muted);
    text-decoration: none;
  }

  nav a[aria-current] {
    border-bottom-color: var(--accent);
    color: var(--text);
  }

  #header-slot {
    display: flex;
    flex: 1;
    min-width: 0;
    align-items: center;
  }

  .who {
    flex: none;
    color: var(--muted);
    font-size: 12px;
  }

  .who button {
    margin-left: 8px;
    color: var(--accent);
  }

  .away {
    flex: none;
    padding: 6px 16px;
    background: var(--warning);
    color: var(--on-accent);
    font-weight: 600;
  }

  main {
    flex: 1;
    min-height: 0;
  }
</style>
