let known: boolean | null = null;

/** Whether three dimensions are drawn by the processor, for want of graphics; asked once. */
export function isSoftware(): boolean {
  if (known !== null) return known;
  const context = document.createElement('canvas').getContext('webgl2');
  const names = context?.getExtension('WEBGL_debug_renderer_info');
  const name = context && names ? String(context.getParameter(names.UNMASKED_RENDERER_WEBGL)) : '';
  context?.getExtension('WEBGL_lose_context')?.loseContext();
  return (known = /swiftshader|llvmpipe|softpipe|software|basic render/i.test(name));
}
