import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const root = process.cwd();

/** What the fence says of a house of these files. */
function fence(files: Record<string, string>): string {
  const house = mkdtempSync(path.join(tmpdir(), 'scoval-rooms-'));
  try {
    for (const [file, text] of Object.entries({ 'tsconfig.json': '{}', ...files })) {
      mkdirSync(path.dirname(path.join(house, file)), { recursive: true });
      writeFileSync(path.join(house, file), text);
    }
    const command = path.join(root, 'node_modules/.bin/depcruise');
    const config = path.join(root, '.dependency-cruiser.mjs');
    return spawnSync(command, ['--config', config, 'core'], { cwd: house, encoding: 'utf8' }).stdout;
  } finally {
    rmSync(house, { recursive: true });
  }
}

describe('the fence between the rooms', () => {
  test('a house in order passes', () =>
    expect(
      fence({ 'core/errors/index.ts': 'export const a = 1;', 'core/units/index.ts': "import '../errors/index';" }),
    ).toContain('no dependency violations found'));
  test('a room that reaches up', () =>
    expect(
      fence({ 'core/errors/index.ts': "import '../job/index';", 'core/job/index.ts': 'export const a = 1;' }),
    ).toContain('no-reaching-up-from-floor-1: core/errors/index.ts'));
  test('a circle of files, by types alone', () =>
    expect(
      fence({
        'core/units/a.ts': "import type { B } from './b';\nexport type A = B;",
        'core/units/b.ts': "import type { A } from './a';\nexport type B = A | 1;",
      }),
    ).toContain('no-circle-of-files: core/units/a.ts'));
  test('a circle of rooms that is none of files', () =>
    expect(
      fence({
        'core/tire/a.ts': "import '../wheel/a';",
        'core/tire/b.ts': 'export const b = 1;',
        'core/wheel/a.ts': 'export const a = 1;',
        'core/wheel/b.ts': "import '../tire/b';",
      }),
    ).toContain('no-circle-of-rooms: core/tire'));
  test('a room without a floor', () =>
    expect(
      fence({ 'core/attic/index.ts': "import '../units/index';", 'core/units/index.ts': 'export const a = 1;' }),
    ).toContain('every-room-has-a-floor: core/attic/index.ts'));
});
