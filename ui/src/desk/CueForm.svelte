<script lang="ts">
  import { SpareRoom } from '../floor/spare.svelte';
  import type { Desk } from './desk.svelte';
  import DeskField from './DeskField.svelte';
  import DialInput from '../dials/DialInput.svelte';
  import FollowPanel from './FollowPanel.svelte';
  import { completions } from './people';
  import CueThumb from './CueThumb.svelte';
  import StandingMark from './StandingMark.svelte';
  import UnknownWord from './UnknownWord.svelte';
  import { mayOperate } from '../session/may.svelte';

  interface Props {
    desk: Desk;
    /** Graphics of the shelf that may be put under the texts. */
    graphics: { id: number; revision: number; name: string }[];
  }

  const { desk, graphics }: Props = $props();

  const spare = new SpareRoom();
  let form = $state<HTMLFormElement>();

  $effect(() => {
    if (desk.graphic) spare.ask(desk.graphic, desk.filled, desk.dials);
  });
  $effect(() => {
    if (desk.feed.now) desk.heard();
  });
  $effect(() => () => spare.leave());

  export function focusFirst() {
    form?.querySelector<HTMLElement>('input, textarea, select, button')?.focus();
  }

  /** As if it was typed in the first field; what has no letters is left as it is. */
  export function typeFirst(text: string) {
    const first = desk.graphic?.fields?.[0];
    if (first && TYPED.includes(first.kind ?? 'text')) desk.type(first.key, text);
  }

  /** Fields under their headings, in the order of the form. */
  const groups = $derived.by(() => {
    const found: { heading: string; fields: NonNullable<typeof desk.graphic>['fields'] & object }[] = [];
    for (const field of desk.graphic?.fields ?? []) {
      const heading = field.group ?? '';
      const last = found.at(-1);
      if (last && last.heading === heading) last.fields.push(field);
      else found.push({ heading, fields: [field] });
    }
    return found;
  });

  /** The revision of its graphic that the shelf has by now, if that is another one. */
  const newer = $derived(
    graphics.find(({ id, revision }) => id === desk.cue?.graphic && revision > (desk.cue?.revision ?? 0))
      ?.revision,
  );

  /** Kinds of fields that are filled with letters. */
  const TYPED = ['text', 'lines', 'spoken', 'number'];
  const segments = new Intl.Segmenter();
  const letters = (text: string) => [...segments.segment(text.replace(/\s+/g, ''))].length;
  /** What stands already is seen. */
  const onAir = $derived(
    desk.acting.standing.some(({ play, leaves }) => !leaves && play.shows.cue === desk.cue?.id),
  );
  const findings = $derived(desk.checked?.findings ?? []);
  const standing = $derived(desk.checked?.standing);
  const SAID = { SOUND: 'sound', DOUBTFUL: 'doubtful', NOT_FILLABLE: 'not fillable yet' } as const;

  function put(event: Event & { currentTarget: HTMLSelectElement }) {
    const graphic = Number(event.currentTarget.value);
    if (graphic && desk.cue) void desk.edit({ what: 'GRAPHIC', cue: desk.cue.id, graphic });
  }
</script>

<section class="surface" aria-label="Form">
  {#if desk.cue && desk.graphic}
    {@const cue = desk.cue}
    <header>
      <h2><span class="figures">{cue.number}</span> · {desk.graphic.name}</h2>
      <span class="standing" role="status" aria-label="Check of the cue">
        <StandingMark {standing} />
        {standing ? SAID[standing] : 'being checked'}
      </span>
    </header>
    <fieldset class="bare" disabled={!mayOperate()}>
      <form bind:this={form} onsubmit={(event) => event.preventDefault()}>
        {#each groups as { heading, fields }, place (place)}
          {@const pair = heading !== '' && fields.length === 2}
          <div class="group" class:pair>
            {#if heading}<h3 class="caption">{heading}</h3>{/if}
            {#each fields as field (field.key)}
              {@const text = desk.filled[field.key] ?? ''}
              {@const bound = cue.follow?.bound.find((one) => one.field === field.key)}
              <DeskField
                {field}
                {text}
                compact={pair}
                followed={bound
                  ? `${desk.feed.now?.feed.name ?? 'feed'} · ${bound.column}, row ${bound.row}`
                  : ''}
                spare={spare.fields.find((one) => one.field === field.key)}
                letters={letters(text)}
                wrong={desk.worked?.wrong.find((one) => !one.dial && one.field === field.key)?.sentence ?? ''}
                blank={desk.worked?.blanks.find((one) => one.field === field.key)?.sentence ?? ''}
                completions={desk.people &&
                  completions(desk.people, desk.graphic?.fields ?? [], field, desk.values)}
                onchange={(changed) => desk.type(field.key, changed)}
                oncomplete={({ text: name, fills }) =>
                  desk.complete(field.key, { ...fills, [field.key]: name })}
              />
            {/each}
          </div>
        {:else}
          <p class="muted">This graphic has no fields; it always looks the same.</p>
        {/each}
        {#if desk.graphic.dials?.length}
          <div class="dials" role="group" aria-label="Dials">
            {#each desk.graphic.dials as dial (dial.key)}
              <DialInput
                {dial}
                setting={desk.dials[dial.key] ?? ''}
                wrong={desk.worked?.wrong.find((one) => one.dial && one.field === dial.key)?.sentence}
                onchange={(setting) => desk.setDial(dial.key, setting)}
              />
            {/each}
          </div>
        {/if}
      </form>
      <div class="said">
        {#each desk.unknown as unknown (unknown.field + unknown.word)}
          <UnknownWord
            {unknown}
            oncorrect={(by) => void desk.correct({ ...cue, values: desk.values }, unknown, by)}
            onaccept={() => void desk.accept(unknown.word)}
          />
        {/each}
        {#each findings as finding (finding.check + finding.part + finding.when)}
          <p class="finding"><strong>{finding.part || finding.check}</strong>: {finding.sentence}</p>
        {/each}
        {#each onAir ? [] : desk.covers as sentence (sentence)}<p class="finding" dir="auto">
            {sentence}
          </p>{/each}
        {#if desk.fault}<p class="finding fault" role="alert">{desk.fault}</p>{/if}
        {#if desk.worked?.change && desk.before}
          <p class="change">From {desk.before.name} it {desk.worked.change}.</p>
        {/if}
        {#if newer !== undefined}
          <div class="newer">
            <figure>
              <CueThumb {cue} label="As it is" />
              <figcaption>revision {cue.revision}, as it is</figcaption>
            </figure>
            <figure>
              <CueThumb cue={{ ...cue, revision: newer }} label="As revision {newer} has it" />
              <figcaption>revision {newer}, newer</figcaption>
            </figure>
            <button
              type="button"
              class="plain use"
              onclick={() => void desk.edit({ what: 'GRAPHIC', cue: cue.id, graphic: cue.graphic })}
              >use revision {newer}</button
            >
          </div>
        {/if}
        <FollowPanel {desk} {cue} graphic={desk.graphic} />
        <p class="more">
          <label
            >other graphic, same texts
            <select value={cue.graphic} onchange={put} aria-label="Graphic of the cue">
              {#each graphics as { id, name } (id)}<option value={id}>{name}</option>{/each}
            </select></label
          >
        </p>
      </div>
    </fieldset>
  {:else}
    <p class="muted empty">
      {#if desk.sheet.stored}Choose a cue, or make one with <kbd>n</kbd>.{:else}Loading the sheet …{/if}
    </p>
  {/if}
</section>

<style>
  section {
    display: flex;
    flex-direction: column;
    min-height: 0;
    padding: 14px 16px 0;
    overflow-y: auto;
  }

  header {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-bottom: 12px;
  }

  h2 {
    flex: 1;
    margin: 0;
    font-size: 19px;
    font-weight: 700;
  }

  h2 .figures {
    font-size: 19px;
  }

  .standing {
    display: flex;
    gap: 6px;
    align-items: center;
    font-size: 14px;
  }

  .caption {
    margin-bottom: 2px;
  }

  .pair {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) 104px;
    gap: 0 10px;
    align-items: start;
  }

  .pair .caption {
    margin-top: 9px;
  }

  .pair + :not(.pair) {
    margin-top: 10px;
  }

  .dials {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px 18px;
    margin: 6px 0 12px;
  }

  .finding {
    margin: 0 0 8px;
    padding: 8px 12px;
    border-left: 4px solid var(--warning);
    background: var(--layer-2);
    font-size: 14px;
  }

  .finding.fault {
    border-color: var(--fault);
  }

  .change {
    margin: 0 0 8px;
    font-size: 14px;
    line-height: 1.45;
  }

  .newer {
    display: grid;
    grid-template-columns: 120px 120px 1fr;
    gap: 12px;
    align-items: center;
    margin-bottom: 10px;
  }

  figure {
    margin: 0;
  }

  figcaption {
    color: var(--muted);
    font-size: 12px;
  }

  .use {
    color: var(--accent);
    font-size: 14px;
  }

  .more {
    margin: 0 0 10px;
    color: var(--muted);
  }

  select {
    margin-left: 8px;
    padding: 4px 8px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  .empty {
    padding: 24px;
  }
</style>
