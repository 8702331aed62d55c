// A renderer that knows the standard for HTML graphics and nothing else.
const graphics = {};
window.host = {
  async define(manifestAt, tag) {
    const manifest = await (await fetch(manifestAt)).json();
    const module = await import(new URL(manifest.main, new URL(manifestAt, location.href)).href);
    customElements.define(tag, module.default);
    return manifest;
  },
  add(tag, name) {
    graphics[name] = document.createElement(tag);
    document.querySelector('#stage').append(graphics[name]);
  },
  // Null is no argument at all.
  call: (name, method, params) => (params === null ? graphics[name][method]() : graphics[name][method](params)),
  // What is typed below the stage, as the field of that key.
  update: (name, key, data) =>
    graphics[name].updateAction({ data: { ...data, [key]: document.querySelector('#name').value }, skipAnimation: true }),
  async dispose(name) {
    graphics[name].remove();
    return graphics[name].dispose({});
  },
};
