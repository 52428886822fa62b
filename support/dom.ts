import type { configure } from '@testing-library/dom';

// What jsdom lacks: a worker and a line that say nothing, sizes that never change, a sight that need not scroll.
if (typeof window !== 'undefined') {
  window.Worker = class {
    postMessage = () => {};
    terminate = () => {};
    addEventListener = () => {};
    removeEventListener = () => {};
  } as unknown as typeof Worker;
  // Ports that hold nothing open: what was not read when a test ends need not be.
  class Port {
    other: Port | null = null;
    onmessage: ((event: { data: unknown }) => void) | null = null;
    readonly heard = new Set<(event: { data: unknown }) => void>();
    postMessage(data: unknown): void {
      setTimeout(() => {
        this.other?.onmessage?.({ data });
        for (const listener of this.other?.heard ?? []) listener({ data });
      });
    }
    addEventListener = (_: string, listener: (event: { data: unknown }) => void) => void this.heard.add(listener);
    removeEventListener = (_: string, listener: (event: { data: unknown }) => void) => void this.heard.delete(listener);
    start = () => {};
    close = () => {};
  }
  window.MessageChannel = class {
    port1 = new Port();
    port2 = new Port();
    constructor() {
      [this.port1.other, this.port2.other] = [this.port2, this.port1];
    }
  } as unknown as typeof MessageChannel;
  // A line on which nothing is said.
  window.EventSource = class {
    static readonly CLOSED = 2;
    readyState = 1;
    addEventListener = () => {};
    close = () => {};
  } as unknown as typeof EventSource;
  window.ResizeObserver = class {
    observe = () => {};
    unobserve = () => {};
    disconnect = () => {};
  };
  window.matchMedia = (media) =>
    ({
      media,
      matches: false,
      addListener() {},
      removeListener() {},
      addEventListener() {},
      removeEventListener() {},
    }) as never;
  Element.prototype.scrollIntoView = () => {};
  // Dialogs and what stands in the uppermost layer, without a layer.
  HTMLDialogElement.prototype.showModal = function showModal() {
    this.open = true;
  };
  HTMLDialogElement.prototype.close = function close() {
    this.open = false;
  };
  document.addEventListener('keydown', ({ key }) => {
    if (key === 'Escape') [...document.querySelectorAll('dialog[open]')].at(-1)?.dispatchEvent(new Event('cancel'));
  });
  // One core: workers are answered one by one.
  Object.defineProperty(navigator, 'hardwareConcurrency', { value: 1 });
  HTMLElement.prototype.togglePopover = () => true;
  HTMLElement.prototype.hidePopover = () => {};
  // It has no pseudo-elements, and says so at each question.
  const computed = window.getComputedStyle.bind(window);
  window.getComputedStyle = (element) => computed(element);
  // A machine that others share may stand still; asked for here alone, as most tests have no window.
  const library = jest.requireActual<{ configure: typeof configure }>('@testing-library/dom');
  library.configure({ asyncUtilTimeout: 60_000 });
}
