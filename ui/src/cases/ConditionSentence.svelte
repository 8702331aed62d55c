<script lang="ts">
  import type { Condition, Graphic } from '../api/types';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import { AIRS, airOf, airWord, conditionOf, kindOf, kindsFor, ON_AIR, type Kind } from './conditions';

  interface Props {
    document: Graphic;
    condition: Condition;
    /** What people hear of it, like ‘condition 2 of both’. */
    label: string;
    onchange: (condition: Condition) => void;
    onremove: () => void;
  }

  const { document, condition, label, onchange, onremove }: Props = $props();

  const fields = $derived(document.fields ?? []);
  const field = $derived(fields.find(({ key }) => key === condition.field));
  const parts = $derived((document.parts ?? []).map(({ key }) => key));
  const kind = $derived(kindOf(condition, field));

  function about(key: string) {
    const chosen = fields.find((other) => other.key === key);
    onchange(chosen ? conditionOf(kindsFor(chosen)[0]!, chosen, parts[0] ?? '') : airOf('nothing'));
  }

  function texts(text: string): string[] {
    const all = text.split(',').map((one) => one.trim());
    return all.length > 0 ? all : [''];
  }
</script>

<span class="condition">
  <ChoicePiece
    label="What {label} is about"
    value={condition.onAir ? ON_AIR : (condition.field ?? '')}
    options={[...fields.map(({ key }) => key), ON_AIR]}
    onchange={about}
  />
  {#if condition.onAir}
    is
    <ChoicePiece
      label="What must be on air for {label}"
      value={airWord(condition)}
      options={AIRS}
      onchange={(word) => onchange(airOf(word))}
    />
  {:else if field}
    <ChoicePiece
      label="What {label} says"
      value={kind}
      options={kindsFor(field)}
      onchange={(chosen: Kind) => onchange(conditionOf(chosen, field, parts[0] ?? ''))}
    />
    {#if kind === 'is' && field.options?.length}
      <ChoicePiece
        label="Value of {label}"
        value={condition.equals ?? ''}
        options={field.options}
        onchange={(equals) => onchange({ field: field.key, equals })}
      />
    {:else if kind === 'is'}
      <TextPiece
        label="Value of {label}"
        value={condition.equals ?? ''}
        onchange={(equals) => onchange({ field: field.key, equals })}
      />
    {:else if kind === 'is one of'}
      <TextPiece
        label="Values of {label}, with commas between"
        value={(condition.oneOf ?? []).join(', ')}
        onchange={(text) => onchange({ field: field.key, oneOf: texts(text) })}
      />
    {:else if kind === 'is longer than'}
      <NumberPiece
        label="Letters of {label}"
        value={condition.longerThan ?? 0}
        unit="letters"
        onchange={(value) => onchange({ field: field.key, longerThan: Math.max(0, Math.round(value)) })}
      />
    {:else if kind === 'is wider than'}
      <NumberPiece
        label="Width of {label}"
        value={condition.widerThan?.px ?? 0}
        unit="px"
        onchange={(px) => onchange({ field: field.key, widerThan: { px: Math.max(0, px) } })}
      />
    {:else if kind === 'is wider than part'}
      <ChoicePiece
        label="Part of {label}"
        value={condition.widerThan?.part ?? ''}
        options={parts}
        onchange={(part) => onchange({ field: field.key, widerThan: { part } })}
      />
    {:else if kind === 'is at least' || kind === 'is at most'}
      <NumberPiece
        label="Number of {label}"
        value={condition.atLeast ?? condition.atMost ?? 0}
        onchange={(value) =>
          onchange({ field: field.key, [kind === 'is at least' ? 'atLeast' : 'atMost']: value })}
      />
    {/if}
  {/if}
  <button class="plain act" aria-label="Remove {label}" title="Remove" onclick={onremove}>×</button>
</span>

<style>
  .condition {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 5px;
    align-items: center;
  }
</style>
