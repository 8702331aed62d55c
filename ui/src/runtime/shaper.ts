import * as harfbuzz from 'harfbuzzjs';
import bytes from 'virtual:shaper-bytes';

/** As the build makes it, see `vite.runtime.config.ts`. */
const { begin } = harfbuzz as unknown as { begin(code: Uint8Array): Promise<void> };

let begun: Promise<void> | undefined;

/**
 * Begins the shaper of letters, once for all graphics.
 *
 * @throws Error if the page lets no code run that comes as bytes
 */
export function beginShaper(): Promise<void> {
  begun ??= begin(Uint8Array.from(atob(bytes), (letter) => letter.charCodeAt(0))).catch((error: unknown) => {
    begun = undefined;
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(
      `letters cannot be shaped here: ${why}. The page has to let it: 'wasm-unsafe-eval' in script-src of its Content-Security-Policy`,
    );
  });
  return begun;
}
