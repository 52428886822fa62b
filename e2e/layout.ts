import { expect, type Page } from '@playwright/test';

/** How far two things may lie over each other before it is a fault, and how much of a text may be cut, px. */
const SLACK_PX = 2;
/** The least a finger needs, px. */
const TOUCH_PX = 44;

/**
 * What a reader of this width cannot read, reach or hit: texts and fields that lie over each other, what is cut without
 * its whole being said, what leaves the page, and on a touch screen what is too small for a finger.
 */
const layoutFaults = (page: Page, touch = false): Promise<string[]> =>
  page.evaluate(
    ([slack, finger, wide]) => {
      interface Thing {
        element: Element;
        name: string;
        /** What of it can be seen, once its own scroller is scrolled to it. */
        box: Box;
        scroller: Element | null;
        whole: Box;
      }
      /** A rectangle that is read without asking the browser: boxes are held against each other by the thousand. */
      type Box = Pick<DOMRect, 'left' | 'right' | 'top' | 'bottom' | 'width' | 'height'>;
      const sized = ({ left, top, right, bottom }: Pick<DOMRect, 'left' | 'top' | 'right' | 'bottom'>): Box => {
        return { left, top, right, bottom, width: right - left, height: bottom - top };
      };
      const CONTROLS = 'a[href],button,input,select,textarea,summary,[role=slider],[role=button],[tabindex="0"]';
      /** What is asked of an element many times is read once. */
      const once = <T>(read: (element: Element) => T) => {
        const known = new Map<Element, T>();
        return (element: Element): T => {
          if (!known.has(element)) known.set(element, read(element));
          return known.get(element)!;
        };
      };
      const style = once((element) => {
        const { overflowX, overflowY, position, clipPath, textOverflow, webkitLineClamp, display } =
          getComputedStyle(element);
        return { overflowX, overflowY, position, clipPath, textOverflow, webkitLineClamp, display };
      });
      const isScroller = once((element) => {
        const { overflowX, overflowY } = style(element);
        return /auto|scroll/.test(overflowX + overflowY);
      });
      const boxOf = once((element) => sized(element.getBoundingClientRect()));
      const meet = (a: Box, b: Box): Box => {
        const [left, top] = [Math.max(a.left, b.left), Math.max(a.top, b.top)];
        const [right, bottom] = [Math.min(a.right, b.right), Math.min(a.bottom, b.bottom)];
        return sized({ left, top, right: Math.max(left, right), bottom: Math.max(top, bottom) });
      };
      const isHidden = once(
        (element): boolean =>
          !element.checkVisibility({ opacityProperty: true, visibilityProperty: true }) ||
          element.closest('.visually-hidden, [aria-hidden=true][hidden]') !== null,
      );
      /** Said to those who cannot see it. */
      const isForEars = once(
        (element): boolean =>
          style(element).clipPath === 'inset(50%)' ||
          (element.parentElement !== null && isForEars(element.parentElement)),
      );
      /** What a clipping ancestor leaves of a box, up to the scroller it moves in. */
      const seen = (element: Element, whole: Box): Pick<Thing, 'box' | 'scroller'> => {
        let box = whole;
        for (let up: Element | null = element; up; up = up.parentElement) {
          if (isScroller(up) && up !== element) return { box, scroller: up };
          const { overflowX, overflowY, position } = style(up);
          if (/hidden|clip/.test(overflowX + overflowY)) box = meet(box, boxOf(up));
          if (position === 'fixed') return { box, scroller: up };
        }
        return { box, scroller: null };
      };
      const nameOf = (element: Element, text: string): string => {
        const classes = typeof element.className === 'string' ? element.className : '';
        const first = classes ? `.${classes.split(' ')[0]}` : '';
        return `${element.tagName.toLowerCase()}${first} “${text.trim().slice(0, 30)}”`;
      };
      const things: Thing[] = [];
      const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      for (let node = texts.nextNode(); node; node = texts.nextNode()) {
        const element = node.parentElement!;
        if (!node.textContent?.trim() || ['SCRIPT', 'STYLE', 'TITLE', 'DESC'].includes(element.tagName.toUpperCase()))
          continue;
        if (isHidden(element) || isForEars(element)) continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        const svg = element.closest('svg');
        const rects =
          svg && element.tagName !== 'SPAN' ? [element.getBoundingClientRect()] : [...range.getClientRects()];
        for (const whole of rects.map(sized))
          if (whole.width > 0 && whole.height > 0)
            things.push({ element, name: nameOf(element, node.textContent), whole, ...seen(element, whole) });
      }
      for (const element of document.querySelectorAll('input,textarea')) {
        if (isHidden(element)) continue;
        const whole = boxOf(element);
        if (whole.width > 4 && whole.height > 4)
          things.push({
            element,
            name: nameOf(element, element.closest('label')?.textContent ?? element.getAttribute('aria-label') ?? ''),
            whole,
            ...seen(element, whole),
          });
      }
      const faults: string[] = [];
      const say = (fault: string) => {
        if (!faults.includes(fault)) faults.push(fault);
      };
      const page = document.documentElement;
      // A phone zooms out until all of a wide page is in sight, and says that it is as wide.
      if (page.scrollWidth > wide + 1) {
        const widest = [...document.querySelectorAll('body *')].findLast(
          (one) => boxOf(one).right >= page.scrollWidth - 1,
        );
        say(
          `the page is ${page.scrollWidth} wide on a screen of ${wide}: ${widest ? nameOf(widest, '') : 'its margin'}`,
        );
      }

      // The box of a thing within what its scroller shows now: what another layer could lie over.
      const shownNow = ({ box, scroller }: Thing): Box => {
        let shown = box;
        for (let up = scroller; up; up = up.parentElement) if (isScroller(up)) shown = meet(shown, boxOf(up));
        return shown;
      };
      /** The outermost layer that lies over the rest on purpose: a dialog, a sheet that is pulled up, a sticky head. */
      const layer = once((element): Element | null => {
        const above = element.parentElement && layer(element.parentElement);
        return above ?? (['fixed', 'sticky'].includes(style(element).position) ? element : null);
      });
      const now = new Map(things.map((thing) => [thing, shownNow(thing)]));
      things.sort((a, b) => a.box.left - b.box.left);
      things.forEach((one, index) => {
        const shown = now.get(one)!;
        for (let other = index + 1; other < things.length; other += 1) {
          const two = things[other]!;
          const same = one.scroller === two.scroller;
          if (same && two.box.left > one.box.right) break;
          const [a, b] = same ? [one.box, two.box] : [shown, now.get(two)!];
          const width = Math.min(a.right, b.right) - Math.max(a.left, b.left);
          const height = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
          if (width <= slack || height <= slack) continue;
          // Line boxes are higher than their letters: a fifth of a line is air.
          if (height <= Math.min(one.whole.height, two.whole.height) * 0.2) continue;
          if (one.element.contains(two.element) || two.element.contains(one.element)) continue;
          if (layer(one.element) === layer(two.element)) say(`${one.name} and ${two.name} lie over each other`);
        }
      });

      const isSaid = (element: Element): boolean => {
        const text = (element.textContent ?? '').trim();
        for (let up: Element | null = element; up && up !== document.body; up = up.parentElement)
          for (const said of [up.getAttribute('title'), up.getAttribute('aria-label')])
            if (said && (said.includes(text) || text.length === 0)) return true;
        return false;
      };
      for (const { element, name, whole, box, scroller } of things) {
        const isCut =
          whole.width - box.width > slack || whole.height - box.height > Math.max(slack, whole.height * 0.25);
        if (isCut && box.width > 0 && !isSaid(element)) say(`${name} is cut`);
        if (isCut && box.width === 0 && !isSaid(element) && !element.closest('svg')) say(`${name} is out of sight`);
        const reach = scroller ?? page;
        const edge = boxOf(reach);
        const right = scroller ? edge.left - scroller.scrollLeft + scroller.scrollWidth : wide;
        const left = scroller ? edge.left - scroller.scrollLeft : 0;
        if (box.width > 0 && (box.right > right + slack || box.left < left - slack)) say(`${name} is out of reach`);
      }
      for (const element of document.querySelectorAll('body :not(svg *)')) {
        const { textOverflow, webkitLineClamp } = style(element);
        const cut =
          (textOverflow === 'ellipsis' && element.scrollWidth > element.clientWidth + 1) ||
          (webkitLineClamp !== 'none' && element.scrollHeight > element.clientHeight + slack);
        if (cut && !isHidden(element) && !isForEars(element) && !isSaid(element))
          say(`${nameOf(element, element.textContent ?? '')} is cut`);
      }

      /** Whether a finger beside a small thing hits it all the same. */
      const isHitAround = (element: Element, hit: Element): boolean => {
        element.scrollIntoView({ block: 'center', inline: 'nearest' });
        const { left, right, top, bottom } = element.getBoundingClientRect();
        const [x, y, reach] = [(left + right) / 2, (top + bottom) / 2, finger / 2 - 1];
        const places = [
          [x, y - reach],
          [x, y + reach],
          [x - reach, y],
          [x + reach, y],
        ] as const;
        return places.every(([atX, atY]) => {
          const there = document.elementFromPoint(atX, atY);
          return there !== null && hit.contains(there);
        });
      };
      if (finger > 0)
        for (const element of document.querySelectorAll(CONTROLS)) {
          if (isHidden(element) || (element as HTMLButtonElement).disabled) continue;
          // A link within a sentence is as high as its line.
          if (element.matches('p a, td a, li a, .soft a') && style(element).display === 'inline') continue;
          const hit = element.closest('label') ?? element;
          const boxes = [element, hit].map((one) => one.getBoundingClientRect());
          const [width, height] = [Math.max(...boxes.map((b) => b.width)), Math.max(...boxes.map((b) => b.height))];
          if (width === 0 || height === 0) continue;
          if (boxes[0]!.bottom <= 0) continue;
          if ((width < finger - 0.5 || height < finger - 0.5) && !isHitAround(element, hit))
            say(
              `${nameOf(element, element.getAttribute('aria-label') ?? element.textContent ?? '')} is` +
                ` ${Math.round(width)} × ${Math.round(height)} for a finger`,
            );
        }
      return faults;
    },
    [SLACK_PX, touch ? TOUCH_PX : 0, page.viewportSize()!.width] as const,
  );

/** What follows the size of a page has followed it by then, ms. */
const SETTLED_MS = 20_000;

/** Expects no such fault; all of a walk are told, not the first alone. */
export const expectLaidOut = (page: Page, message: string, touch = false): Promise<void> =>
  expect.soft.poll(() => layoutFaults(page, touch), { message, timeout: SETTLED_MS }).toEqual([]);
