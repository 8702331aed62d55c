<script lang="ts">
  import DeskOfSheet from './DeskOfSheet.svelte';

  interface Props {
    params?: { id?: string };
  }

  const { params }: Props = $props();
</script>

<!-- Each sheet has its own desk: what is chosen, typed and taken back of one is nothing of another. -->
{#key params?.id}
  <!-- Its first piece moves into the header; what is taken away with it has to be in one that stays. -->
  <div class="desk-of-sheet"><DeskOfSheet id={Number(params?.id)} /></div>
{/key}

<style>
  .desk-of-sheet {
    display: contents;
  }
</style>
