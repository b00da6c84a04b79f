import { Color, MeshStandardMaterial } from 'three';
import type { TextureKind } from '@core/record/index.ts';
import type { Sheen } from '@core/pastes/index.ts';
import type { Surface } from '../drawing/surface.ts';

/** How rough a face is by how it shines, 0 a mirror and 1 chalk. Looked at. */
const ROUGH: Record<Sheen, number> = { matt: 0.9, satin: 0.52, gloss: 0.16 };

/** What is done to a face as unevenness: how fine, in waves a millimetre along and across the piece, and how deep, mm. */
interface Uneven {
  readonly across: number;
  readonly along: number;
  readonly deep: number;
}

/** Hair and grain run along the piece, stipple and creases have no way. Looked at; a texture more is a line more. */
const UNEVEN: Record<TextureKind, Uneven | undefined> = {
  none: undefined,
  fur: { across: 1.1, along: 0.28, deep: 0.5 },
  feathers: { across: 0.32, along: 0.26, deep: 0.55 },
  veins: { across: 0.3, along: 0.06, deep: 0.4 },
  wood: { across: 0.75, along: 0.06, deep: 0.45 },
  creases: { across: 0.1, along: 0.2, deep: 0.5 },
  stitches: { across: 0.5, along: 0.5, deep: 0.3 },
  stipple: { across: 0.9, along: 0.9, deep: 0.35 },
  knit: { across: 0.42, along: 0.42, deep: 0.5 },
  bark: { across: 0.34, along: 0.07, deep: 0.8 },
  dimples: { across: 0.16, along: 0.16, deep: 0.6 },
};

const NOISE = `
varying vec3 vAt;
uniform vec3 uWaves;
uniform float uDeep;
float spotOf(vec3 p) { return fract(sin(dot(p, vec3(127.1, 311.7, 74.7))) * 43758.5453); }
float uneven(vec3 p) {
  vec3 i = floor(p), f = fract(p);
  f = f * f * (3.0 - 2.0 * f);
  return mix(
    mix(mix(spotOf(i), spotOf(i + vec3(1, 0, 0)), f.x), mix(spotOf(i + vec3(0, 1, 0)), spotOf(i + vec3(1, 1, 0)), f.x), f.y),
    mix(mix(spotOf(i + vec3(0, 0, 1)), spotOf(i + vec3(1, 0, 1)), f.x), mix(spotOf(i + vec3(0, 1, 1)), spotOf(i + vec3(1, 1, 1)), f.x), f.y),
    f.z);
}
`;

/** As three's own bump maps bend the normal, with the height out of the place on the piece instead of out of a picture. */
const BENT = `
#include <normal_fragment_maps>
{
  float h = uneven(vAt * uWaves) * uDeep;
  vec3 sx = dFdx(-vViewPosition), sy = dFdy(-vViewPosition);
  vec3 r1 = cross(sy, normal), r2 = cross(normal, sx);
  float det = dot(sx, r1) * faceDirection;
  vec3 grad = sign(det) * (dFdx(h) * r1 + dFdy(h) * r2);
  normal = normalize(abs(det) * normal - grad);
}
`;

/** Paste as it looks in the round: its colour, how it shines, and what was done to its face. */
export function pasteMaterial({ fill, sheen, texture }: Surface): MeshStandardMaterial {
  const material = new MeshStandardMaterial({ color: new Color(fill), roughness: ROUGH[sheen] });
  const way = UNEVEN[texture];
  if (!way) return material;
  material.onBeforeCompile = (shader) => {
    shader.uniforms.uWaves = { value: [way.across, way.across, way.along] };
    shader.uniforms.uDeep = { value: way.deep };
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vAt;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvAt = position;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', `#include <common>\n${NOISE}`)
      .replace('#include <normal_fragment_maps>', BENT);
  };
  // one program for all that is uneven: how it is comes in as numbers
  material.customProgramCacheKey = () => 'uneven paste';
  return material;
}
