import type { WebGLRenderer } from 'three';
import { brokenLines } from '../brokenLines';
import { labelPlaces, LETTERS_PX, type SeenMark } from '../seenMarks';

interface Shot {
  gl: WebGLRenderer;
  size: { width: number; height: number };
  draw(): void;
}

/** How many times as large as on the screen. */
const TIMES = 2;
const LINE_PX = 18;

/**
 * The picture with its figures and some lines of words under it, twice as large as it is seen, as a PNG.
 * @throws Error where the browser gives none out
 */
export async function pngOf(
  { gl, size, draw }: Shot,
  seen: readonly SeenMark[],
  words: readonly string[],
): Promise<Blob> {
  const ratio = gl.getPixelRatio();
  const { width, height } = size;
  const canvas = document.createElement('canvas');
  const page = canvas.getContext('2d');
  if (!page) throw new Error('the browser gives no picture out');
  const face = getComputedStyle(document.body).fontFamily;
  const written = words.flatMap((line, at) => {
    page.font = fontOf(at, face);
    return brokenLines(line, width - LINE_PX, (text) => page.measureText(text).width).map((text) => ({ text, at }));
  });
  canvas.width = width * TIMES;
  canvas.height = (height + LINE_PX * (written.length + 1)) * TIMES;
  gl.setPixelRatio(TIMES);
  draw();
  // What was drawn is there only until the browser shows it: it is taken at once.
  page.drawImage(gl.domElement, 0, 0, width * TIMES, height * TIMES);
  gl.setPixelRatio(ratio);
  draw();
  page.scale(TIMES, TIMES);
  const style = getComputedStyle(document.documentElement);
  const color = (name: string) => style.getPropertyValue(name).trim();
  page.fillStyle = color('--sheet');
  page.fillRect(0, height, width, canvas.height);
  const places = labelPlaces(seen, width);
  for (const { key, from, to, text, beside } of seen) {
    page.strokeStyle = color('--layout');
    page.lineWidth = 2;
    page.beginPath();
    page.moveTo(...from);
    page.lineTo(...to);
    page.stroke();
    const place = places.get(key);
    if (!place) continue;
    page.font = `500 13px ${face}`;
    page.textAlign = place.anchor === 'middle' ? 'center' : 'left';
    const lines = beside ? [text, beside] : [text];
    lines.forEach((line, at) => {
      const foot = place.y - LETTERS_PX * (lines.length - 1 - at);
      page.lineWidth = 4;
      page.strokeStyle = color('--sheet');
      page.strokeText(line, place.x, foot);
      page.fillStyle = color(at === 0 ? '--layout' : '--present-text');
      page.fillText(line, place.x, foot);
    });
  }
  page.textAlign = 'left';
  written.forEach(({ text, at }, nth) => {
    page.fillStyle = color(at === 0 ? '--ink' : '--ink-soft');
    page.font = fontOf(at, face);
    page.fillText(text, LINE_PX / 2, height + LINE_PX * (nth + 1));
  });
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('the browser gives no picture out'))),
      'image/png',
    ),
  );
}

const fontOf = (line: number, face: string): string => `${line === 0 ? 600 : 400} 13px ${face}`;
