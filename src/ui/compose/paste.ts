import { DoubleSide, MeshStandardMaterial } from 'three';

/** Sugar paste: matt, lit on whichever side is seen, so that folded rims show no dark slivers. */
export function pasteMaterial(): MeshStandardMaterial {
  const material = new MeshStandardMaterial({ vertexColors: true, roughness: 0.78, metalness: 0, side: DoubleSide });
  material.onBeforeCompile = (shader) => {
    shader.fragmentShader = shader.fragmentShader.replace(
      '#include <normal_fragment_begin>',
      `#include <normal_fragment_begin>
      normal = normalize( vNormal );
      if ( dot( normal, normalize( vViewPosition ) ) < 0.0 ) normal = - normal;`,
    );
  };
  return material;
}
