/** What the build makes of the shaper, see `vite.runtime.config.ts`. */
declare module 'virtual:shaper-bytes' {
  /** Its code, in base 64. */
  const bytes: string;
  export default bytes;
}
