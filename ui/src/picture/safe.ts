/** Per cent of the raster inside each safe line, along each axis. */
export const SAFE = { action: 93, title: 90 };
