import { listInstruments } from '#server/instruments';
import { stored } from '../stored';
import { runInstrumentCommand } from '../ui/instruments/instrumentCommands';
import type { Route } from './+types/instrument-list';

/** The instruments of the shop, for the stations that read with them. */
export const loader = async () => Response.json(await stored(listInstruments));

/** A station has found the port of one. */
export const action = async ({ request }: Route.ActionArgs) =>
  Response.json(await stored(() => runInstrumentCommand(request)));
