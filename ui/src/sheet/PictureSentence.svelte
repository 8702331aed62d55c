<script lang="ts">
  import type { Field, Part } from '../api/types';
  import { house } from '../house/house.svelte';
  import AddPicture from '../house/AddPicture.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import CornersPiece from './pieces/CornersPiece.svelte';

  interface Props {
    part: Part;
    fields: Field[];
    onchange: (changes: Partial<Part>) => void;
  }

  const { part, fields, onchange }: Props = $props();

  const KEEPS = ['inside', 'filling'] as const;
  const options = $derived([
    ...house.pictures.map(({ key }) => key),
    ...fields.filter(({ kind }) => kind === 'picture').map(({ key }) => `{${key}}`),
  ]);
</script>

<h3 class="caption">Picture</h3>
<p>
  shows
  <ChoicePiece
    label="Picture shown"
    value={part.picture ?? ''}
    {options}
    onchange={(picture) => onchange({ picture })}
  />
  in proportion,
  <ChoicePiece
    label="How it keeps its proportion"
    value={part.keeps ?? 'inside'}
    options={KEEPS}
    onchange={(keeps) => onchange({ keeps })}
  />
  its part
  <AddPicture onadd={(picture) => onchange({ picture })} />
</p>
<p><CornersPiece radius={part.radius} onchange={(radius) => onchange({ radius })} /></p>

<style>
  p {
    margin: 0 0 7px;
    line-height: 1.6;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
