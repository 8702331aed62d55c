<script lang="ts">
  import type { Case, Graphic, MapAnswer } from '../api/types';
  import type { PlayedKey } from '../floor/moves';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import ConditionSentence from './ConditionSentence.svelte';

  interface Props {
    document: Graphic;
    row: Case;
    index: number;
    answer: MapAnswer | undefined;
    /** Whether it answers the values at hand. */
    answers: boolean;
    onchange: (row: Case) => void;
    onmove: (by: number) => void;
    /** A variant is made for it. */
    onvariant: (phase: PlayedKey) => void;
    /** What it plays is opened on the floor. */
    onlook: (phase: PlayedKey) => void;
    onremove: () => void;
  }

  const { document, row, index, answer, answers, onchange, onmove, onvariant, onlook, onremove }: Props =
    $props();

  /** No variant can be called so. */
  const NEW = 'a new variant …';
  const PHASES = [
    ['in', 'IN'],
    ['loop', 'LOOP'],
    ['out', 'OUT'],
    ['swap', 'SWAP'],
  ] as const;
  const when = $derived(row.when ?? []);
  const reach = $derived(answer?.map.rows[index]);
  const fields = $derived(document.fields ?? []);

  const said = $derived.by(() => {
    if (!reach || !answer) return '';
    if (reach.reach === 'NEVER') return 'can never answer: its conditions exclude each other';
    const by = reach.by.map((other) => `‘${document.cases?.[other]?.name}’`).join(' and ');
    if (reach.reach === 'HIDDEN') return `never answers: ${by} above take all of it`;
    return `answers ${reach.combinations} of ${answer.map.combinations}`;
  });

  function plain(phase: PlayedKey): string {
    return `the ${phase} itself`;
  }

  function names(phase: PlayedKey): string[] {
    const of = phase === 'swap' ? ['away', 'back'] : [phase as string];
    const variants = (document.variants ?? []).filter((variant) => of.includes(variant.phase));
    return [plain(phase), ...new Set(variants.map(({ name }) => name)), NEW];
  }

  function choose(phase: PlayedKey, name: string) {
    if (name === NEW) return onvariant(phase);
    onchange({ ...row, [phase]: name === plain(phase) ? undefined : name });
  }
</script>

<li class="surface" class:answers>
  <div class="head">
    <span class="figures muted">{index + 1}</span>
    <TextPiece
      label="Name of case {index + 1}"
      value={row.name}
      onchange={(name) => onchange({ ...row, name })}
    />
    <span class="said" class:wrong={reach && reach.reach !== 'ANSWERS'}>{said}</span>
    {#if answers}<span class="now">answers the values at hand</span>{/if}
    <span class="acts">
      <button
        class="plain act"
        aria-label="Move {row.name} up"
        disabled={index === 0}
        onclick={() => onmove(-1)}>↑</button
      >
      <button
        class="plain act"
        aria-label="Move {row.name} down"
        disabled={index === (document.cases?.length ?? 0) - 1}
        onclick={() => onmove(1)}>↓</button
      >
      <button class="plain act" aria-label="Delete {row.name}" onclick={onremove}>delete</button>
    </span>
  </div>
  <p>
    <span class="muted">when</span>
    {#each when as condition, i (i)}
      {#if i > 0}<span class="muted">and</span>{/if}
      <ConditionSentence
        {document}
        {condition}
        label="condition {i + 1} of {row.name}"
        onchange={(changed) =>
          onchange({ ...row, when: when.map((other, at) => (at === i ? changed : other)) })}
        onremove={() => onchange({ ...row, when: when.filter((_, at) => at !== i) })}
      />
    {:else}
      whatever comes
    {/each}
    <button
      class="plain act"
      disabled={fields.length === 0}
      onclick={() => onchange({ ...row, when: [...when, { field: fields[0]!.key, is: 'filled' }] })}
      >{when.length > 0 ? 'and …' : 'only if …'}</button
    >
  </p>
  <p>
    <span class="muted">plays</span>
    {#each PHASES as [phase, mark] (phase)}
      <span class="plays">
        <PhaseMark phase={mark} />
        <ChoicePiece
          label="{phase} of {row.name}"
          value={row[phase] ?? plain(phase)}
          options={names(phase)}
          onchange={(name) => choose(phase, name)}
        />
        {#if row[phase]}
          <button class="plain act" aria-label="Open {row[phase]} on the floor" onclick={() => onlook(phase)}
            >open</button
          >
        {/if}
      </span>
    {/each}
    <label class="alone" title="No other case is meant to fit the same values; where one does, it is said">
      <input
        type="checkbox"
        checked={row.alone ?? false}
        onchange={(event) => onchange({ ...row, alone: event.currentTarget.checked || undefined })}
      />
      meant to be alone
    </label>
  </p>
</li>

<style>
  li {
    padding: 9px 12px;
    border-left: 3px solid transparent;
  }

  .answers {
    border-left-color: var(--accent);
  }

  .head {
    display: flex;
    gap: 8px;
    align-items: center;
  }

  .said {
    color: var(--muted);
    font-size: 12px;
  }

  .wrong {
    color: var(--fault);
  }

  .now {
    color: var(--accent);
    font-size: 12px;
  }

  .acts {
    display: flex;
    gap: 4px;
    margin-left: auto;
  }

  p {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin: 6px 0 0;
    line-height: 1.6;
  }

  .plays {
    display: inline-flex;
    gap: 4px;
    align-items: center;
  }

  .alone {
    display: inline-flex;
    gap: 5px;
    align-items: center;
    margin-left: auto;
    color: var(--muted);
    font-size: 12px;
  }
</style>
