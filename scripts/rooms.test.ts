import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
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

/** A house with a fault of each kind, each in rooms of its own. */
const FAULTS: Readonly<Record<string, Record<string, string>>> = {
  'no-reaching-up-from-floor-1: core/errors/index.ts': {
    'core/errors/index.ts': "import '../job/index';",
    'core/job/index.ts': 'export const a = 1;',
  },
  // By types alone.
  'no-circle-of-files: core/units/a.ts': {
    'core/units/a.ts': "import type { B } from './b';\nexport type A = B;",
    'core/units/b.ts': "import type { A } from './a';\nexport type B = A | 1;",
  },
  // Of files it is none.
  'no-circle-of-rooms: core/tire': {
    'core/tire/a.ts': "import '../wheel/a';",
    'core/tire/b.ts': 'export const b = 1;',
    'core/wheel/a.ts': 'export const a = 1;',
    'core/wheel/b.ts': "import '../tire/b';",
  },
  'every-room-has-a-floor: core/attic/index.ts': {
    'core/attic/index.ts': "import '../errors/other';",
    'core/errors/other.ts': 'export const a = 1;',
  },
};

describe('the fence between the rooms', () => {
  test('a house in order passes', () =>
    expect(
      fence({ 'core/errors/index.ts': 'export const a = 1;', 'core/units/index.ts': "import '../errors/index';" }),
    ).toContain('no dependency violations found'));
  test('each fault of a house is said', () => {
    const said = fence(Object.assign({}, ...Object.values(FAULTS)) as Record<string, string>);
    for (const fault of Object.keys(FAULTS)) expect(said).toContain(fault);
  });
});

test('no two files are told apart by case alone, which not every disk does', () => {
  const files = ['core', 'formats', 'server', 'app', 'cli', 'bench', 'e2e', 'scripts', 'support'].flatMap((folder) =>
    readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
      .filter((file) => /(?<!\.test)\.tsx?$/.test(file))
      .map((file) => `${folder}/${file.replace(/\.tsx?$/, '').toLowerCase()}`),
  );
  expect(files.filter((file, at) => files.indexOf(file) !== at)).toEqual([]);
});
