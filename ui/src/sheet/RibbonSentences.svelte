<script lang="ts">
  import type { Bend, Part } from '../api/types';
  import type { PartChanges } from '../floor/editing.svelte';
  import BendsSentence from './BendsSentence.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import PaintSentence from './PaintSentence.svelte';
  import { HELD, HOLDS, percent, TAPER, TILT, USUAL_LEAST, type Held } from './ribbons';

  interface Props {
    part: Part;
    /** Share of its bends that is left so that they squeeze no more than they may. */
    eased: number;
    onchange: (changes: PartChanges) => void;
  }

  const { part, eased, onchange }: Props = $props();

  const BACKS = ['like its front', 'of its own'] as const;
  const PERCENT = 100;
  /** Of its bends; what rounding leaves of all. */
  const WHOLE = 0.999;
  const taper = $derived({ ...TAPER, ...part.taper });
  const tilt = $derived({ ...TILT, ...part.tilt });
  const held = $derived(HELD.find((name) => HOLDS[name] === (part.holds ?? HOLDS.middle)));

  function bend(changes: { bends?: Bend[]; waves?: Bend[] }) {
    onchange(changes);
  }
</script>

<h3 class="caption">Look</h3>
<p>
  front <PaintSentence
    label="Fill"
    kinds={['one colour', 'gradient']}
    paint={part.fill!}
    onchange={(rule) => onchange((now) => ({ fill: rule(now.fill!) }))}
  />, back
  <ChoicePiece
    label="Colour of the back"
    value={part.back ? 'of its own' : 'like its front'}
    options={BACKS}
    onchange={(chosen) => onchange({ back: chosen === 'of its own' ? '#1F1A2B' : undefined })}
  />
  {#if part.back}
    <ColourPiece label="Back" value={part.back} onchange={(back) => onchange({ back })} />
  {/if}, sheen
  <NumberPiece
    label="Sheen"
    value={percent(part.sheen ?? 0)}
    unit="%"
    onchange={(sheen) => onchange({ sheen: sheen / PERCENT })}
  />
</p>
<h3 class="caption">Course</h3>
<p>
  <BendsSentence
    name="bend"
    where="in the plane"
    bends={part.bends ?? []}
    onchange={(bends) => bend({ bends: bends.length > 0 ? bends : undefined })}
  />
</p>
<p>
  <BendsSentence
    name="wave"
    where="in depth"
    bends={part.waves ?? []}
    onchange={(waves) => bend({ waves: waves.length > 0 ? waves : undefined })}
  />
</p>
<p>
  twisted by
  <NumberPiece
    label="Twist"
    value={part.twist ?? 0}
    unit="°"
    onchange={(twist) => onchange({ twist: twist || undefined })}
  />, tilted
  <NumberPiece
    label="Turned clockwise"
    value={tilt.turn}
    unit="° clockwise"
    onchange={(turn) => onchange({ tilt: { ...tilt, turn } })}
  />,
  <NumberPiece
    label="Its top away"
    value={tilt.x}
    unit="° top away"
    onchange={(x) => onchange({ tilt: { ...tilt, x } })}
  />,
  <NumberPiece
    label="Its right away"
    value={tilt.y}
    unit="° right away"
    onchange={(y) => onchange({ tilt: { ...tilt, y } })}
  />
</p>
<p>
  its start narrows to
  <NumberPiece
    label="Breadth left at its start"
    value={percent(taper.start)}
    unit="%"
    onchange={(start) => onchange({ taper: { ...taper, start: start / PERCENT } })}
  />, its end to
  <NumberPiece
    label="Breadth left at its end"
    value={percent(taper.end)}
    unit="%"
    onchange={(end) => onchange({ taper: { ...taper, end: end / PERCENT } })}
  />, over
  <NumberPiece
    label="Length over which it narrows"
    value={percent(taper.over)}
    unit="% of its length"
    onchange={(over) => onchange({ taper: { ...taper, over: over / PERCENT } })}
  />
</p>
<p>
  held at its
  <ChoicePiece
    label="The point that keeps its place"
    value={held ?? 'middle'}
    options={HELD}
    onchange={(chosen: Held) => onchange({ holds: HOLDS[chosen] })}
  />, bends squeeze to no less than
  <NumberPiece
    label="Least a bend may squeeze to"
    value={percent(part.least ?? USUAL_LEAST)}
    unit="%"
    onchange={(least) => onchange({ least: least / PERCENT })}
  />
  {#if eased < WHOLE}
    <span class="muted">(eased to {percent(eased)} % of what they say)</span>
  {/if}
</p>

<style>
  p {
    clear: both;
    margin: 0 0 5px;
    line-height: 1.5;
  }

  .caption {
    margin: 8px 0 4px;
  }
</style>
