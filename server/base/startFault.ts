/** Why the server or a command does not start, in one line for whoever started it. */
export class StartFault extends Error {
  override name = 'StartFault';
}
