import type { WebGLRenderer } from 'three';

/** Names that browsers give to drawing without a graphics card. */
const BY_HAND = /swiftshader|llvmpipe|softpipe|software/i;

/** Whether a graphics card draws: without one every triangle costs, and pictures are drawn with fewer. */
export function hasGraphicsCard(gl: WebGLRenderer): boolean {
  const context = gl.getContext();
  const told = context.getExtension('WEBGL_debug_renderer_info');
  const name: unknown = context.getParameter(told ? told.UNMASKED_RENDERER_WEBGL : context.RENDERER);
  return !BY_HAND.test(String(name));
}
