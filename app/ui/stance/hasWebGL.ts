let known: boolean | null = null;

/** Whether this browser draws in three dimensions; asked once. */
export function hasWebGL(): boolean {
  if (known !== null) return known;
  try {
    const context = document.createElement('canvas').getContext('webgl2');
    known = context !== null;
    context?.getExtension('WEBGL_lose_context')?.loseContext();
  } catch {
    known = false;
  }
  return known;
}
