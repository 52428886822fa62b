import { freshDatabase } from '#support/freshDatabase';
import { runBenchCommand } from './ui/bench/benchCommands';
import { runStockCommand } from './ui/cost/stockCommands';
import { runInstrumentCommand } from './ui/instruments/instrumentCommands';
import { runListCommand } from './ui/lists/listCommands';
import { runShelfCommand } from './ui/shelf/shelfCommands';

freshDatabase();

const RUN: [string, (request: Request) => Promise<unknown>][] = [
  ['bench', runBenchCommand],
  ['shelf', runShelfCommand],
  ['price lists', runListCommand],
  ['instruments', runInstrumentCommand],
  ['stock', (request) => runStockCommand(request, 'nobody')],
];

describe.each(RUN)('a command to the %s', (_, run) => {
  test.each([
    ['nothing', ''],
    ['no JSON', 'nonsense'],
    ['null', 'null'],
    ['a list', '[]'],
    ['an empty object', '{}'],
    ['a number', '7'],
    ['an intent that is no word', '{"intent":{}}'],
    ['a nest of lists', '['.repeat(5000)],
  ])('%s is answered with a fault', async (_name, body) => {
    const headers = { 'Content-Type': 'application/json' };
    const answer = (await run(new Request('http://localhost/', { method: 'POST', body, headers }))) as {
      faults?: unknown[];
      fault?: string | null;
    };
    expect(answer.faults?.length ?? answer.fault?.length ?? 0).toBeGreaterThan(0);
  });
});
