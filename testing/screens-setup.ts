import { cleanup, configure } from '@testing-library/react';

import { forgetTyped } from '@/client/api';

import { at } from './router';
import { size, widen } from './window';

// Whether something is seen is for browsers to say; working it out here takes most of the time.
// On a busy machine what comes takes its time.
configure({
  defaultHidden: true,
  asyncUtilTimeout: 20_000,
  getElementError: (message) => new Error(message ?? ''),
});
jest.setTimeout(60_000);

// What the simulated page lacks: sizes, and telling of them.
for (const [name, of] of [
  ['clientWidth', 'width'],
  ['clientHeight', 'height'],
  ['offsetWidth', 'width'],
  ['offsetHeight', 'height'],
] as const)
  Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => size[of] });
HTMLElement.prototype.scrollTo = () => {};
HTMLElement.prototype.scrollIntoView = () => {};

Blob.prototype.arrayBuffer = function () {
  return new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => done(reader.result as ArrayBuffer);
    reader.readAsArrayBuffer(this);
  });
};

globalThis.ResizeObserver = class {
  constructor(private readonly tell: ResizeObserverCallback) {}
  observe(target: Element) {
    const contentRect = { ...size, left: 0, top: 0 } as DOMRectReadOnly;
    this.tell([{ target, contentRect } as unknown as ResizeObserverEntry], this);
  }
  unobserve() {}
  disconnect() {}
};

beforeEach(() => {
  widen(390);
  at();
  forgetTyped();
});

afterEach(() => cleanup());
