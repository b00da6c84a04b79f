import { Group, Mesh, MeshStandardMaterial } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import { STLExporter } from 'three/addons/exporters/STLExporter.js';
import { solidParts } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import { geometryOf } from './scene.ts';

/** Every part of the figure, or of one piece, as meshes of the drawing library. */
function groupOf(build: Build, only?: string): Group {
  const group = new Group();
  for (const part of solidParts(build, only)) {
    const mesh = new Mesh(
      geometryOf(part.mesh),
      new MeshStandardMaterial({ color: part.colour, roughness: 0.85 }),
    );
    mesh.name = part.name;
    group.add(mesh);
  }
  return group;
}

/** A binary STL in millimetres, z up. */
export function stlOf(build: Build, only?: string): Blob {
  const data = new STLExporter().parse(groupOf(build, only), { binary: true });
  return new Blob([data as unknown as ArrayBuffer], { type: 'model/stl' });
}

/** A binary glTF: that format is in metres with y up. */
export async function gltfOf(build: Build, only?: string): Promise<Blob> {
  const group = groupOf(build, only);
  group.scale.setScalar(0.001);
  group.rotation.x = -Math.PI / 2;
  group.updateMatrixWorld(true);
  const data = await new GLTFExporter().parseAsync(group, { binary: true });
  return new Blob([data as ArrayBuffer], { type: 'model/gltf-binary' });
}
