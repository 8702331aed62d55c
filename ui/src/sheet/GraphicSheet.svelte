<script lang="ts">
  import type { Graphic } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import ColoursEditor from './ColoursEditor.svelte';
  import FieldsEditor from './FieldsEditor.svelte';
  import GradeSentence from './GradeSentence.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import TextPiece from './pieces/TextPiece.svelte';

  import { LIGHT, percent } from './ribbons';
  import { ANY_PHASES, movesOf } from '../floor/moves';
  import { tagsOf } from '../shelf/tags';
  import { briefList } from './lists';
  import { focused } from './pieces/focused';
  import RevisionsList from './RevisionsList.svelte';

  interface Props {
    floor: FloorState;
    document: Graphic;
  }

  const { floor, document }: Props = $props();

  const RATES = ['24000/1001', '24', '25', '30000/1001', '30', '50', '60000/1001', '60'];
  const RASTERS = ['1920 × 1080', '3840 × 2160', '1280 × 720', '1080 × 1920'];
  const KEEP = 'rescale to …';
  const NEVER = 'never';
  /** Of a graphic that names none. */
  const USUAL_BERTH = 'main';
  const fields = $derived((document.fields ?? []).map(({ key }) => key));
  const frame = $derived(document.frame);
  const light = $derived({ ...LIGHT, ...document.light });

  function change(changes: Partial<Graphic>) {
    void floor.change((now) => ({ ...now, ...changes }));
  }

  /** Every px of the document changes with the frame. */
  function rescale(chosen: string) {
    const [width, height] = chosen.split(' × ').map(Number);
    if (!width || !height) return;
    // Where the proportions are the same there is only one way.
    if (width * frame.height === height * frame.width) takeRaster({ width, height });
    else raster = { width, height };
  }

  /** A raster of other proportions that is chosen. */
  let raster = $state.raw<{ width: number; height: number }>();

  function takeRaster(chosen: { width: number; height: number }, by?: 'WIDTH' | 'HEIGHT' | 'SMALLER') {
    raster = undefined;
    void floor.edit({ what: 'RESCALE', key: '', raster: { ...chosen, by } });
  }

  /** A rate that is chosen and may change what moves. */
  let rate = $state('');

  function chooseRate(chosen: string) {
    floor.rounded = [];
    if (ANY_PHASES.some((phase) => movesOf(document, phase).length > 0)) rate = chosen;
    else change({ frame: { ...frame, rate: chosen } });
  }

  /** @param seconds whether what moves takes as long as before, or as many frames */
  function takeRate(seconds: boolean) {
    if (seconds) void floor.edit({ what: 'RERATE', key: '', newName: rate });
    else change({ frame: { ...frame, rate } });
    rate = '';
  }

  function mirrorBy(field: string) {
    if (field === NEVER) change({ mirror: undefined });
    else change({ mirror: { field, when: document.mirror?.when ?? 'right' } });
  }
</script>

<p>
  <TextPiece label="Name of the graphic" wide value={document.name} onchange={(name) => change({ name })} />
</p>
<p>
  found by
  <TextPiece
    label="Tags"
    wide
    value={(document.tags ?? []).join(', ')}
    onchange={(text) => change({ tags: tagsOf(text) })}
  />
</p>
<p>
  on the output it stands at
  <TextPiece
    label="Berth"
    value={document.berth ?? USUAL_BERTH}
    onchange={(berth) => change({ berth: berth.trim() || undefined })}
  />
  <span class="muted">(one graphic at a time)</span>
</p>
<h3 class="caption">Frame</h3>
<p>
  <NumberPiece
    label="Width of the frame"
    value={frame.width}
    onchange={(width) => change({ frame: { ...frame, width } })}
  /> ×
  <NumberPiece
    label="Height of the frame"
    value={frame.height}
    unit="px"
    onchange={(height) => change({ frame: { ...frame, height } })}
  />
  at
  <ChoicePiece label="Frame rate" value={rate || frame.rate} options={RATES} onchange={chooseRate} />
  <span class="muted">frames/s,</span>
  <NumberPiece
    label="Length"
    value={frame.length}
    unit="f"
    onchange={(length) => change({ frame: { ...frame, length } })}
  /> long,
  <ChoicePiece label="Rescale everything" value={KEEP} options={[KEEP, ...RASTERS]} acts onchange={rescale} />
</p>
{#if raster}
  {@const { width, height } = raster}
  <p role="group" aria-label="In a raster of other proportions">
    in {width} × {height} everything follows
    <button class="plain act" use:focused onclick={() => takeRaster(raster!, 'SMALLER')}
      >the smaller side</button
    >
    <button class="plain act" onclick={() => takeRaster(raster!, 'WIDTH')}>the width</button>
    <button class="plain act" onclick={() => takeRaster(raster!, 'HEIGHT')}>the height</button>
    <button class="plain act" onclick={() => (raster = undefined)}
      >leave it at {frame.width} × {frame.height}</button
    >
  </p>
{/if}
{#if floor.small.length > 0}
  <p class="warn" role="status">
    Smaller than any style of the house: {briefList(floor.small, 6)}.
  </p>
{/if}
{#if rate}
  <p role="group" aria-label="At another frame rate">
    at {rate} frames/s what moves
    <button class="plain act" use:focused onclick={() => takeRate(true)}>keeps its seconds</button>
    <button class="plain act" onclick={() => takeRate(false)}>keeps its frames</button>
    <button class="plain act" onclick={() => (rate = '')}>leave it at {frame.rate}</button>
  </p>
{/if}
{#if floor.rounded.length > 0}
  <p class="muted" role="status">
    {floor.rounded.length}
    {floor.rounded.length > 1 ? 'counts are' : 'count is'} rounded:
    {briefList(floor.rounded, 6)}.
  </p>
{/if}
<p>
  grid
  <NumberPiece
    label="Grid"
    value={floor.view.grid}
    unit="px"
    onchange={(px) => {
      if (px >= 0 && px <= document.frame.width) floor.view.grid = px;
      else floor.refuse(`grid: must be from 0 to ${document.frame.width}.`);
    }}
  />
  <span class="muted">(0: none)</span>, guides
  <span class="figures">{(document.guides?.x?.length ?? 0) + (document.guides?.y?.length ?? 0)}</span>
  <button
    class="plain act"
    aria-pressed={floor.view.rulers}
    onclick={() => (floor.view.rulers = !floor.view.rulers)}>rulers (m)</button
  >
</p>
{#if document.light || (document.parts ?? []).some(({ kind, depth }) => kind === 'ribbon' || depth)}
  <h3 class="caption">Light</h3>
  <p>
    from
    <NumberPiece
      label="Side the light comes from"
      value={light.from}
      unit="°"
      onchange={(from) => change({ light: { ...light, from } })}
    /> <span class="muted">(0 right, 90 below, 270 above),</span>
    <NumberPiece
      label="Height of the light"
      value={light.height}
      unit="° high"
      onchange={(height) => change({ light: { ...light, height } })}
    />, soft
    <NumberPiece
      label="Softness of the light"
      value={percent(light.soft)}
      unit="%"
      onchange={(soft) => change({ light: { ...light, soft: soft / 100 } })}
    />, strength
    <NumberPiece
      label="Strength of the light"
      value={percent(light.strength)}
      unit="%"
      onchange={(strength) => change({ light: { ...light, strength: strength / 100 } })}
    />
  </p>
{/if}
<ColoursEditor {floor} />
<GradeSentence grade={document.grade ?? {}} onchange={(grade) => change({ grade })} />
<h3 class="caption">Side</h3>
<p>
  stands mirrored when
  <ChoicePiece
    label="Field that mirrors"
    value={document.mirror?.field ?? NEVER}
    options={[NEVER, ...fields]}
    onchange={mirrorBy}
  />
  {#if document.mirror}
    {@const mirror = document.mirror}
    is <TextPiece
      label="Value that mirrors"
      value={mirror.when}
      onchange={(when) => change({ mirror: { ...mirror, when } })}
    />
  {/if}
</p>
<FieldsEditor {floor} />
<RevisionsList {floor} />

<style>
  .warn {
    color: var(--warning);
  }

  p {
    margin: 0 0 8px;
    line-height: 1.8;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
