import { defineStore } from 'pinia';
import { computed, ref, shallowRef, toRaw } from 'vue';
import { lengthOnPhoto, schemeOf, type Spot } from '@core/figure/index.ts';
import type { StoredPicture } from '../storage/db.ts';
import { useBuild } from './build-store.ts';
import { keepMarks, keepPicture, pictureOf, removePicture, type PictureMarks } from '../storage/pictures.ts';
import type { Result } from '@core/quantity/index.ts';

const NO_MARKS: PictureMarks = {};

/** The person's own picture of what they are after, what was marked on it, and what of it lies over the stage. */
export const useReference = defineStore('reference', () => {
  const picture = shallowRef<StoredPicture>();
  const url = ref<string>();
  /** Show it behind the figure on the stage. */
  const under = ref(false);
  const strength = ref(0.5);
  /** Levels of a proportion scheme laid over the stage. */
  const scheme = ref<string>();
  const buildId = ref<string>();

  const marks = computed<PictureMarks>(() => picture.value?.marks ?? NO_MARKS);
  const landmarksOf = computed(() => (scheme.value ? schemeOf(scheme.value) : undefined));

  function show(next: StoredPicture | undefined): void {
    if (url.value) URL.revokeObjectURL(url.value);
    picture.value = next;
    url.value = next ? URL.createObjectURL(next.blob) : undefined;
    if (!next) under.value = false;
  }

  async function open(id: string): Promise<void> {
    if (buildId.value === id && picture.value) return;
    buildId.value = id;
    show(await pictureOf(id).catch(() => undefined));
    under.value = false;
    scheme.value = undefined;
  }

  async function take(file: Blob): Promise<Result<StoredPicture>> {
    const kept = await keepPicture(buildId.value!, file);
    if (kept.ok) show(kept.value);
    return kept;
  }

  async function drop(): Promise<void> {
    await removePicture(buildId.value!);
    show(undefined);
  }

  async function mark(patch: PictureMarks): Promise<void> {
    if (!picture.value) return;
    const next = { ...toRaw(picture.value), marks: { ...marks.value, ...patch } };
    picture.value = next;
    await keepMarks(next).catch(() =>
      useBuild().say('What was marked could not be kept; it is there until this page is closed.', 'error'),
    );
  }

  const distance = (a: Spot, b: Spot) => Math.hypot(a[0] - b[0], a[1] - b[1]);
  /** Length between two spots of the picture, with its error; undefined until a known length is marked. */
  function lengthBetween(a: Spot, b: Spot) {
    const k = marks.value.known;
    if (!k) return undefined;
    return lengthOnPhoto({ mm: k.mm, px: distance(k.from, k.to) }, distance(a, b));
  }
  /** Millimetres a point of the picture. */
  const scale = computed(() => {
    const k = marks.value.known;
    return k ? k.mm / Math.max(1e-6, distance(k.from, k.to)) : undefined;
  });

  return {
    picture,
    url,
    under,
    strength,
    scheme,
    landmarksOf,
    marks,
    scale,
    open,
    take,
    drop,
    mark,
    lengthBetween,
  };
});
