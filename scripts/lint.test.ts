import { spawnSync } from 'node:child_process';

/** Lints pieces of code as if they stood in the named files; one process for all, since the linter loads slowly. */
const PROGRAM = `
  import { ESLint } from 'eslint';
  const lint = new ESLint();
  const answers = [];
  for (const [filePath, code] of JSON.parse(process.argv[1])) {
    const [result] = await lint.lintText(code, { filePath });
    answers.push(result.messages.some(({ ruleId }) => ruleId?.endsWith('no-restricted-imports')));
  }
  console.log(JSON.stringify(answers));
`;

const CASES: [file: string, code: string, refused: boolean][] = [
  ['core/x/index.ts', "import { readJobFile } from '#formats/job';\nreadJobFile('');", true],
  ['core/x/index.ts', "import { log } from '#server/log';\nlog.info('');", true],
  ['core/x/index.ts', "import { readFileSync } from 'node:fs';\nreadFileSync('');", true],
  ['core/x/index.ts', "import Joi from 'joi';\nJoi.any();", true],
  ['core/x/index.ts', "import { Ring } from '../../app/ui/parts/Ring';\nRing({});", true],
  ['formats/x/index.ts', "import { log } from '#server/log';\nlog.info('');", true],
  ['formats/x/index.ts', "import { useState } from 'react';\nuseState();", true],
  ['server/x.ts', "import { Ring } from '../app/ui/parts/Ring';\nRing({});", true],
  ['app/ui/x.ts', "import { saveEdits } from '#server/edits';\nsaveEdits();", true],
  ['core/x/index.ts', "import { readLength } from '#core/units';\nreadLength('');", false],
  ['formats/x/index.ts', "import { readLength } from '#core/units';\nreadLength('');", false],
  ['app/ui/x.ts', "import type { OpenJob } from '#server/openJob';\nexport type X = OpenJob;", false],
];

test('arrows point one way: app → formats → core, app → server → formats, core', () => {
  const { stdout, stderr } = spawnSync(
    process.execPath,
    ['--input-type=module', '-e', PROGRAM, JSON.stringify(CASES)],
    {
      encoding: 'utf8',
    },
  );
  expect(stderr).toBe('');
  const answers = JSON.parse(stdout) as boolean[];
  expect(CASES.map(([file, code], index) => [file, code, answers[index]])).toEqual(CASES);
});
