<script lang="ts">
  import { InlineLoading } from 'carbon-components-svelte';

  interface Props {
    /** Why what is awaited does not come; empty while it may. */
    fault: string;
    /** What is awaited. */
    what: string;
  }

  const { fault, what }: Props = $props();
</script>

{#if fault}
  <p class="message" role="alert">{fault} <a href="#/">Back to the shelf</a></p>
{:else}
  <div class="message"><InlineLoading description="Fetching the {what}" /></div>
{/if}

<style>
  .message {
    padding: 40px 24px;
    font-size: 14px;
  }

  .message a {
    color: var(--accent);
  }
</style>
