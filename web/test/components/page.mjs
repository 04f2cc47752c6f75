/** A page without a browser: what Node has and jsdom lacks, and what a page without a layout can be asked for. */
import { TestEnvironment } from 'jest-environment-jsdom';

class Observer {
  observe() {}
  unobserve() {}
  disconnect() {}
}

export default class Page extends TestEnvironment {
  /** Packages come as Node takes them. */
  exportConditions() {
    return ['node', 'require', 'default'];
  }

  async setup() {
    await super.setup();
    const page = this.global;
    Object.assign(page, { TextEncoder, TextDecoder, structuredClone, BroadcastChannel, Uint8Array });
    Object.assign(page, { ResizeObserver: Observer, IntersectionObserver: Observer });
    page.CSS = { escape: (text) => text.replace(/[^\w-]/g, '\\$&'), supports: () => false };
    page.Element.prototype.scrollIntoView = () => {};
    page.matchMedia = (media) => ({
      media,
      matches: false,
      addEventListener() {},
      removeEventListener() {},
    });
    // What is asked of a style is whether something is shown: rules of style sheets are tried in the browser alone,
    // and looking them up for every element is a third of the time here.
    const styles = page.document.createElement('span').style;
    const shown = Object.assign(styles, { display: 'block', visibility: 'visible' });
    const hidden = Object.assign(page.document.createElement('span').style, { display: 'none' });
    page.getComputedStyle = (element) =>
      element.hidden || element.style?.display === 'none' ? hidden : shown;
    // The music font never comes: staves stay empty, and the drawing is tested in `engraving`.
    page.document.fonts = { load: () => new Promise(() => {}), ready: Promise.resolve() };
  }
}
