<script lang="ts">
  import AddFile from './AddFile.svelte';
  import { house } from './house.svelte';

  interface Props {
    label?: string;
    onadd?: (key: string) => void;
  }

  const { label = 'add a picture …', onadd }: Props = $props();

  async function take(file: File): Promise<string> {
    const { picture, removed } = await house.addPicture(file);
    onadd?.(picture.key);
    return removed.length > 0
      ? `Added as ‘${picture.key}’, without what acts or asks elsewhere: ${removed.join(', ')}.`
      : `Added as ‘${picture.key}’.`;
  }
</script>

<AddFile {label} {take} choose="Choose a picture file" accept=".png,.jpg,.jpeg,.svg" />
