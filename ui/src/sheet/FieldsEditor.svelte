<script lang="ts">
  import { tick } from 'svelte';
  import { heldBy } from '../api/client';
  import { sampleOf } from '../floor/samples';
  import { house } from '../house/house.svelte';
  import { ENDLESS } from '../floor/spare.svelte';
  import type { Field, Spare } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { briefList } from './lists';
  import { insteadOf, usersOf } from './optionUsers';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import { focused } from './pieces/focused';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import TextPiece from './pieces/TextPiece.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const KINDS = ['text', 'lines', 'choice', 'switch', 'number', 'picture', 'colour', 'spoken'] as const;
  const TURNS = ['together', 'one after the other'] as const;
  const SERIES = ['each', 'all of them'] as const;
  const NEEDS = ['may be blank', 'is needed'] as const;
  const SPELT = ['looked up', 'left alone'] as const;
  const fields = $derived(floor.document?.fields ?? []);

  let label = $state('');

  /** Also of one that has just been given another key. */
  function change(key: string, changes: Partial<Field>) {
    void floor.change((document) => {
      const all = document.fields ?? [];
      const now = all.find((field) => field.key === key) ?? all.find(({ former }) => former?.includes(key));
      return { ...document, fields: all.map((field) => (field === now ? { ...field, ...changes } : field)) };
    });
  }

  async function rename(key: string, name: string) {
    const to = name.trim();
    if (to === key) return;
    // What is filled in goes along; by the old key it stays, for whoever undoes it.
    if (!fields.some((field) => field.key === to))
      floor.values = { ...floor.values, [to]: floor.values[key] ?? '' };
    await floor.edit({ what: 'RENAME_FIELD', key, newName: to });
    await tick();
    document.querySelector<HTMLElement>(`[aria-label="Name of ${CSS.escape(to)} in texts"]`)?.focus();
  }

  /** What it is shown with is of that kind, too. */
  function changeKind(field: Field, kind: NonNullable<Field['kind']>) {
    const options = kind === 'choice' ? (field.options ?? ['left', 'right']) : undefined;
    const pictures = house.pictures.map(({ key }) => key);
    const sample = sampleOf(field, kind, options ?? [], pictures);
    const value = sampleOf({ ...field, sample: floor.values[field.key] }, kind, options ?? [], pictures);
    change(field.key, { kind, options, series: kind === 'lines' ? field.series : undefined, sample });
    if (value !== floor.values[field.key]) floor.setValue(field.key, value);
  }

  function changeOptions(field: Field, text: string) {
    const options = text
      .split(',')
      .map((option) => option.trim())
      .filter((option) => option);
    const twice = options.find((option, i) => options.indexOf(option) < i);
    if (options.length > 0 && twice === undefined) {
      const gone = (field.options ?? []).filter((option) => !options.includes(option));
      const users = floor.document ? usersOf(floor.document, field.key, gone) : [];
      if (users.length === 0) return setOptions(field.key, options, '');
      question = { field: field.key, gone, options, users };
      return;
    }
    floor.refuse(
      twice === undefined
        ? `‘${field.label}’ needs an option to choose; write one, or make it a text.`
        : `‘${field.label}’ has ‘${twice}’ twice; call one of them otherwise.`,
    );
  }

  /** Options that are about to be taken away, and who uses them. */
  let question = $state.raw<{ field: string; gone: string[]; options: string[]; users: string[] }>();

  /** @param instead what stands for what is taken away; empty for nothing */
  async function setOptions(key: string, options: string[], instead: string) {
    question = undefined;
    const had = floor.document?.fields?.find((field) => field.key === key)?.options ?? [];
    await floor.edit({ what: 'SET_OPTIONS', key, keys: options, newName: instead });
    const value = floor.values[key] ?? '';
    if (!floor.refusal && had.includes(value) && !options.includes(value)) floor.setValue(key, instead);
  }

  /** What was written last among them is put back. */
  function takeNothingAway() {
    question = undefined;
    floor.refusals += 1;
  }

  /** One place earlier in the form. */
  function earlier(place: number) {
    void floor.change((document) => {
      const others = [...(document.fields ?? [])];
      others.splice(place - 1, 0, ...others.splice(place, 1));
      return { ...document, fields: others };
    });
  }

  /** A name that texts can use, from what people call it. */
  function keyOf(text: string): string {
    const plain =
      text
        .toLowerCase()
        .replace(/[^\p{L}\p{Nd} -]/gu, '')
        .trim() || 'field';
    const taken = fields.map(({ key }) => key);
    let key = plain;
    for (let i = 2; taken.includes(key); i++) key = `${plain} ${i}`;
    return key;
  }

  /** How many letters each holds, as last asked. */
  let holds = $state.raw<Spare[]>([]);

  /** Of which the server says how many letters they hold. */
  const MEASURED = ['text', 'lines'];

  /** Field by field, as each is work of its own; what is known is shown at once. */
  async function measure() {
    const { document, values, dials } = floor;
    if (!document) return;
    holds = [];
    for (const { key, kind } of fields) {
      if (!MEASURED.includes(kind ?? 'text')) continue;
      try {
        holds = [...holds, ...(await heldBy(key, document, values, dials))];
      } catch (error) {
        floor.refusal = (error as Error).message;
        return;
      }
    }
  }

  function most(letters: number | null | undefined): string {
    return letters === undefined || letters === null
      ? '?'
      : letters >= ENDLESS
        ? 'any number of'
        : String(letters);
  }

  function add(event: SubmitEvent) {
    event.preventDefault();
    const text = label.trim();
    if (!text) return;
    const field: Field = { key: keyOf(text), label: text, kind: 'text', required: false, sample: text };
    label = '';
    void floor.change((document) => ({ ...document, fields: [...(document.fields ?? []), field] }));
  }
</script>

<h3 class="caption">Fields</h3>
{#each fields as field, place (field.key)}
  <div class="field">
    <p>
      <TextPiece
        label="Label of {field.key}"
        value={field.label}
        onchange={(text) => change(field.key, { label: text })}
      />
      in texts
      <span class="key figures muted"
        >&#123;<TextPiece
          label="Name of {field.key} in texts"
          value={field.key}
          onchange={(name) => rename(field.key, name)}
        />&#125;</span
      >
      {#if place > 0}
        <button
          class="plain act"
          aria-label="Ask for {field.key} earlier"
          title="Earlier in the form"
          onclick={() => earlier(place)}>earlier</button
        >
      {/if}
      <button
        class="plain act"
        aria-label="Remove field {field.key}"
        onclick={() => floor.edit({ what: 'REMOVE_FIELD', key: field.key })}>remove</button
      >
    </p>
    <p>
      a <ChoicePiece
        label="Kind of {field.key}"
        value={field.kind ?? 'text'}
        options={KINDS}
        onchange={(kind) => changeKind(field, kind)}
      />
      <ChoicePiece
        label="Whether {field.key} is needed"
        value={field.required ? 'is needed' : 'may be blank'}
        options={NEEDS}
        onchange={(chosen) => change(field.key, { required: chosen === 'is needed' })}
      />
      {#if field.kind === 'choice'}
        of
        <TextPiece
          label="Options of {field.key}"
          value={(field.options ?? []).join(', ')}
          onchange={(text) => changeOptions(field, text)}
        />
        {#if question?.field === field.key}
          {@const { gone, options, users } = question}
          {@const others = insteadOf(field, options)}
          <span class="question" role="group" aria-label="Before an option goes">
            {briefList(gone)}
            {gone.length > 1 ? 'are' : 'is'} used by {briefList(users)}, which then {users.length > 1
              ? 'have'
              : 'has'}
            <button class="plain act" use:focused onclick={() => setOptions(field.key, options, others[0]!)}
              >{others[0]}</button
            >
            {#each others.slice(1) as option (option)}
              <button class="plain act" onclick={() => setOptions(field.key, options, option)}
                >{option}</button
              >
            {/each}
            <button class="plain act" onclick={() => setOptions(field.key, options, '')}>nothing</button>
            <button class="plain act" onclick={takeNothingAway}>take nothing away</button>
            <span class="muted">Cues that have it say so on the desk.</span>
          </span>
        {/if}
      {:else if field.kind === 'text' || field.kind === 'lines' || !field.kind}
        up to
        <NumberPiece
          label="Longest {field.key}"
          value={field.longest ?? 0}
          onchange={(longest) => change(field.key, { longest })}
        />
        letters <span class="muted">(0: any)</span>
      {/if}
      {#if field.kind === 'lines'}
        its lines shown
        <ChoicePiece
          label="How the lines of {field.key} are shown"
          value={field.series ? TURNS[1] : TURNS[0]}
          options={TURNS}
          onchange={(chosen) =>
            change(field.key, { series: chosen === TURNS[1] ? { each: 100 } : undefined })}
        />
        {#if field.series}
          {@const series = field.series}
          for
          <NumberPiece
            label="Frames of the series {field.key}"
            value={series.each ?? series.length ?? 100}
            unit="f"
            onchange={(frames) => {
              const whole = Math.max(1, Math.round(frames));
              change(field.key, { series: series.each === undefined ? { length: whole } : { each: whole } });
            }}
          />
          <ChoicePiece
            label="What lasts so long of {field.key}"
            value={series.each === undefined ? SERIES[1] : SERIES[0]}
            options={SERIES}
            onchange={(chosen) => {
              const frames = series.each ?? series.length ?? 100;
              change(field.key, { series: chosen === SERIES[0] ? { each: frames } : { length: frames } });
            }}
          />, by the swap
        {/if}
      {/if}
    </p>
    {#each holds.filter((one) => one.field === field.key) as { field: of, wide, usual, narrow } (of)}
      <p class="muted">
        holds <span class="figures">{most(wide)}</span> wide, <span class="figures">{most(usual)}</span> usual
        or
        <span class="figures">{most(narrow)}</span> narrow letters
      </p>
    {/each}
    <p class="sample">
      under <TextPiece
        label="Heading of {field.key}"
        value={field.group ?? ''}
        empty="no heading"
        onchange={(group) => change(field.key, { group: group.trim() || undefined })}
      /> in the form, hint
      <TextPiece
        label="Hint of {field.key}"
        wide
        value={field.hint ?? ''}
        empty="none"
        onchange={(hint) => change(field.key, { hint: hint.trim() || undefined })}
      />
    </p>
    {#if !field.kind || field.kind === 'text' || field.kind === 'lines' || field.kind === 'spoken'}
      <p class="sample">
        the spelling of its words is
        <ChoicePiece
          label="Spelling of {field.key}"
          value={field.spelt === false ? SPELT[1] : SPELT[0]}
          options={SPELT}
          onchange={(chosen) => change(field.key, { spelt: chosen === SPELT[1] ? false : undefined })}
        />
      </p>
    {/if}
    <p class="sample">
      sample <TextPiece
        label="Sample of {field.key}"
        wide
        value={field.sample ?? ''}
        onchange={(sample) => change(field.key, { sample })}
      />
    </p>
  </div>
{:else}
  <p class="muted">No fields yet. Add one, and use it in a text as {'{name}'}.</p>
{/each}
{#if fields.length > 0}
  <p>
    <button class="plain act" title="With the other values as they are at hand" onclick={measure}
      >how much each holds at all</button
    >
  </p>
{/if}
<form onsubmit={add}>
  <input
    class="piece"
    aria-label="Label of a new field"
    placeholder="new field, like Name"
    bind:value={label}
  />
  <button class="plain act" type="submit">add field</button>
</form>

<style>
  .question {
    display: block;
    margin: 4px 0;
    padding: 6px 8px;
    border-left: 2px solid var(--warning);
    line-height: 1.6;
  }

  .caption {
    margin: 14px 0 6px;
  }

  .field {
    margin-bottom: 8px;
    padding-bottom: 6px;
    border-bottom: 1px solid var(--border);
  }

  p {
    margin: 0;
    line-height: 1.8;
  }

  .key {
    white-space: nowrap;
  }

  form {
    display: flex;
    gap: 6px;
    align-items: center;
  }
</style>
