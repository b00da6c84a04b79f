<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import {
  PCFSoftShadowMap,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Sprite,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Object3D,
  Mesh,
  Material,
  type BufferGeometry,
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { extent } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import type { LensId } from '../lenses/lenses.ts';
import { paintedFacesOf } from '../drawing/surface.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import { figureScene } from './scene.ts';

/** The figure in the round: turned by mouse, touch or arrow keys; a click selects. */
const props = defineProps<{
  lens: LensId;
  states?: ReadonlyMap<string, FirmState | 'unmade'> | undefined;
  /** Steps of one's own that are over at the playhead; all of them when absent. */
  ownDone?: ReadonlySet<string> | undefined;
}>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const host = ref<HTMLDivElement>();
const failed = ref(false);

let renderer: WebGLRenderer | undefined;
let controls: OrbitControls | undefined;
let camera: PerspectiveCamera | undefined;
let scene = new Scene();
let asked = 0;
let watcher: ResizeObserver | undefined;

const selected = computed(() => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined));
const hidden = computed(
  () => new Set([...(props.states ?? [])].filter(([, s]) => s === 'unmade').map(([id]) => id)),
);

const found = useFound('bones');
const painted = computed(() => (stage.painted ? paintedFacesOf(here.build, props.ownDone) : undefined));
const bones = computed(() => (props.lens === 'bones' ? found.value : undefined));

function draw(): void {
  if (asked) return;
  asked = requestAnimationFrame(() => {
    asked = 0;
    if (renderer && camera) renderer.render(scene, camera);
  });
}
/** Materials are made anew with every scene; shapes are remembered with their bodies. */
function forget(old: Object3D): void {
  old.traverse((o) => {
    if (o instanceof Mesh && o.material instanceof Material) o.material.dispose();
    if (o instanceof Mesh && o.userData.ownShape) (o.geometry as BufferGeometry).dispose();
    if (o instanceof Sprite) {
      o.material.map?.dispose();
      o.material.dispose();
    }
  });
}
function rebuild(): void {
  if (!renderer) return;
  forget(scene);
  scene = figureScene(here.build, {
    seeThrough: props.lens === 'bones',
    selected: selected.value,
    hidden: hidden.value,
    painted: painted.value,
    bones: bones.value,
    rod: stage.selection?.kind === 'rod' ? stage.selection.id : undefined,
  });
  draw();
}
function frame(): void {
  if (!camera || !controls) return;
  const e = extent(here.build);
  const tall = Math.max(e.top, 40);
  const { layers, table } = groundOf(here.build);
  const across = Math.max(...layers.map((l) => l.width * (l.shape === 'square' ? 1.35 : 1)));
  const low = table + (layers[0]!.to - layers[0]!.from);
  const wide = Math.max(e.right - e.left, e.back - e.front, across);
  const high = tall - low;
  const far = Math.max(high * 1.1, wide * 1.05) * 2.5;
  controls.target.set((e.left + e.right) / 2, 0, low + high * 0.42);
  camera.position.set(-far * 0.42, -far * 0.86, low + high * 0.5 + far * 0.24);
  camera.near = far / 50;
  camera.far = far * 6;
  camera.updateProjectionMatrix();
  controls.minDistance = far * 0.15;
  controls.maxDistance = far * 3;
  controls.update();
}
function fit(): void {
  if (!renderer || !camera || !host.value) return;
  const { clientWidth: w, clientHeight: h } = host.value;
  if (!w || !h) return;
  renderer.setSize(w, h, false);
  camera.aspect = w / h;
  camera.updateProjectionMatrix();
  draw();
}

onMounted(() => {
  try {
    renderer = new WebGLRenderer({ antialias: true, alpha: true });
  } catch {
    failed.value = true;
    return;
  }
  renderer.shadowMap.enabled = true;
  renderer.shadowMap.type = PCFSoftShadowMap;
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  host.value!.append(renderer.domElement);
  camera = new PerspectiveCamera(30, 1, 1, 5000);
  camera.up.set(0, 0, 1);
  controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = true;
  controls.addEventListener('change', draw);
  frame();
  rebuild();
  watcher = new ResizeObserver(fit);
  watcher.observe(host.value!);
});
onBeforeUnmount(() => {
  cancelAnimationFrame(asked);
  watcher?.disconnect();
  controls?.dispose();
  forget(scene);
  renderer?.dispose();
});
watch(() => [store.build, props.lens, stage.selection, hidden.value, bones.value, painted.value], rebuild);
watch(() => store.build?.id, frame);

let down: readonly [number, number] | undefined;
function press(e: PointerEvent): void {
  down = [e.clientX, e.clientY];
}
function pick(e: PointerEvent): void {
  if (!down || !camera || !host.value || Math.hypot(e.clientX - down[0], e.clientY - down[1]) > 5) return;
  const box = host.value.getBoundingClientRect();
  const at = new Vector2(
    ((e.clientX - box.left) / box.width) * 2 - 1,
    1 - ((e.clientY - box.top) / box.height) * 2,
  );
  const ray = new Raycaster();
  ray.setFromCamera(at, camera);
  const hit = ray.intersectObjects(scene.children, true).find((h) => h.object.userData.piece !== undefined);
  const piece = hit?.object.userData.piece as string | undefined;
  stage.selection = piece ? { kind: 'piece', id: piece } : undefined;
}
function keys(e: KeyboardEvent): void {
  if (!camera || !controls) return;
  const arm = camera.position.clone().sub(controls.target);
  const up = new Vector3(0, 0, 1);
  const step = e.shiftKey ? 0.35 : 0.1;
  const side = new Vector3().crossVectors(up, arm).normalize();
  switch (e.key) {
    case 'ArrowLeft':
      arm.applyAxisAngle(up, -step);
      break;
    case 'ArrowRight':
      arm.applyAxisAngle(up, step);
      break;
    case 'ArrowUp':
      if (arm.angleTo(up) > 0.15) arm.applyAxisAngle(side, -step);
      break;
    case 'ArrowDown':
      if (arm.angleTo(up) < Math.PI - 0.15) arm.applyAxisAngle(side, step);
      break;
    case '+':
    case '=':
      arm.multiplyScalar(0.9);
      break;
    case '-':
      arm.multiplyScalar(1.1);
      break;
    case 'Home':
      frame();
      draw();
      return;
    default:
      return;
  }
  e.preventDefault();
  e.stopPropagation();
  camera.position.copy(controls.target).add(arm);
  controls.update();
  draw();
}
</script>

<template>
  <p v-if="failed" class="none">
    This browser cannot draw in the round (WebGL is off). Front and side show the same figure.
  </p>
  <div
    v-else
    ref="host"
    class="turn"
    tabindex="0"
    role="application"
    :aria-label="`${here.build.name} in the round. Arrow keys turn it, plus and minus come nearer, Home sets it back.`"
    @pointerdown="press"
    @pointerup="pick"
    @keydown="keys"
  ></div>
</template>

<style scoped>
.turn {
  width: 100%;
  height: 100%;
  cursor: grab;
}
.turn:focus-visible {
  outline-offset: -3px;
}
.turn :deep(canvas) {
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
}
.none {
  padding: 40px 26px;
  font-size: 16px;
}
</style>
