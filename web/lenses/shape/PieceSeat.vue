<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  BOARD,
  DISC_KINDS,
  type BuiltOn,
  type DiscKind,
  type JoinKindId,
  type Overlap,
  type Piece,
  type Seat,
  type SeatKind,
} from '@core/record/index.ts';
import { cutsAway, girthAt, place } from '@core/figure/index.ts';
import { JOINS } from '@core/joins/index.ts';
import { reseat, setBuilt, setJoin, setDisc, setPropped, setSeat } from '@core/edits/index.ts';
import { TIER_BOARDS } from '@core/ground/index.ts';
import { shapeOf } from '@core/solids/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { reckoning } from '../../state/reckoning.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import ToggleField from '../../shared/ToggleField.vue';

/** What carries a piece, how, and where on it. */
const props = defineProps<{ piece: Piece }>();
const emit = defineEmits<{ fit: [lap: number] }>();
const store = useBuild();
const here = useOpenBuild();
const preferences = usePreferences();
const build = computed(() => here.build);
const id = computed(() => props.piece.id);
const lower = computed(() => props.piece.name.toLowerCase());
const lap = ref(6);

const carriers = computed(() => [
  { value: BOARD, label: 'the board' },
  ...build.value.pieces.filter((p) => p.id !== id.value).map((p) => ({ value: p.id, label: p.name })),
]);
const hows = computed((): { value: SeatKind; label: string }[] => [
  { value: 'sits', label: 'sits on it' },
  { value: 'set', label: 'set into it' },
  { value: 'hangs', label: 'hangs from it' },
  ...(shapeOf(props.piece.form.kind).wraps ? [{ value: 'wraps' as const, label: 'laid round it' }] : []),
]);
const OVERLAPS: { value: Overlap; label: string }[] = [
  { value: 'pressed', label: 'pressed: it bulges, none is lost' },
  { value: 'trimmed', label: 'trimmed: cut away, becomes offcut' },
];
const BUILT: { value: BuiltOn | ''; label: string }[] = [
  { value: '', label: 'by itself, then set in place' },
  { value: 'there', label: 'where it stands, from the start' },
  { value: 'dummy', label: 'on a dummy, moved with what it carries' },
  { value: 'foam', label: 'lying on foam, then set in place' },
];
const joins = computed((): { value: JoinKindId | ''; label: string }[] => {
  const own = here.report.joinings.find((j) => j.piece.id === id.value);
  return [
    { value: '', label: own ? JOINS[own.proposed].name : 'as proposed' },
    ...Object.values(JOINS).map((k) => ({ value: k.id, label: `${k.name}, chosen` })),
  ];
});
const round = computed(() => props.piece.seat.how === 'wraps');
const onPiece = computed(() => props.piece.seat.on !== BOARD);
const seat = (patch: Partial<Omit<Seat, 'on'>>) =>
  store.apply(setSeat(build.value, id.value, patch), `the seat of the ${lower.value}`);
const at = (k: 0 | 1 | 2, v: number) => {
  const next = [...props.piece.seat.at] as [number, number, number];
  next[k] = v;
  seat({ at: next });
};
const takesDisc = computed(
  () => onPiece.value && (props.piece.seat.how === 'sits' || props.piece.seat.how === 'set'),
);
const discs: { value: DiscKind | ''; label: string }[] = [
  { value: '', label: 'none' },
  ...DISC_KINDS.map((k) => ({ value: k, label: TIER_BOARDS[k].name })),
];
const disc = (
  of: DiscKind | undefined,
  width = props.piece.seat.disc?.width ?? reckoning().discWidth(build.value, id.value),
) => store.apply(setDisc(build.value, id.value, of && { of, width }), `the disc under the ${lower.value}`);
const girth = computed(() => {
  if (!round.value) return undefined;
  const carrier = place(build.value).find((i) => i.piece.id === props.piece.seat.on);
  return carrier && girthAt(carrier.body, props.piece.seat.at[2]);
});
const cut = computed(() => cutsAway(build.value).get(id.value)?.[0]);
</script>

<template>
  <div class="seat">
    <div class="grid">
      <ChoiceField
        label="Carried by"
        :value="piece.seat.on"
        :options="carriers"
        search
        @change="(v) => store.apply(reseat(build, id, v), `re-seating the ${lower}`)"
      />
      <ChoiceField
        v-if="onPiece"
        label="How"
        :value="piece.seat.how"
        :options="hows"
        @change="(v) => seat({ how: v })"
      />
      <ChoiceField
        v-if="onPiece && !round"
        class="wide"
        label="Where they meet"
        :value="piece.seat.overlap"
        :options="OVERLAPS"
        @change="(v) => seat({ overlap: v })"
      />
      <ChoiceField
        label="Built"
        :value="piece.built ?? ''"
        :options="BUILT"
        @change="(v) => store.apply(setBuilt(build, id, v || undefined), `where the ${lower} is built`)"
      />
      <ChoiceField
        label="Joined"
        :value="piece.join ?? ''"
        :options="joins"
        @change="(v) => store.apply(setJoin(build, id, v || undefined), `how the ${lower} is joined`)"
      />
    </div>
    <div v-if="round" class="row fields">
      <QuantityField
        label="At height"
        kind="length"
        :width="78"
        :value="piece.seat.at[2]"
        @change="(v) => at(2, v)"
      />
      <QuantityField
        label="Turned from the front"
        kind="angle"
        :width="78"
        :value="piece.seat.turn"
        @change="(v) => seat({ turn: v })"
      />
      <QuantityField
        label="Pressed in"
        kind="length"
        :width="74"
        :value="piece.seat.sink"
        @change="(v) => seat({ sink: v })"
      />
      <template v-if="girth !== undefined">
        <span class="girth"
          >It is <b>{{ formatLength(girth, preferences.shown) }}</b> round there.</span
        >
        <QuantityField label="Lap" kind="length" :width="64" :value="lap" @change="(v) => (lap = v)" />
        <button class="button" type="button" @click="emit('fit', lap)">Fit its length</button>
      </template>
    </div>
    <div v-else class="row fields">
      <QuantityField
        label="Right"
        kind="length"
        :width="80"
        :value="piece.seat.at[0]"
        @change="(v) => at(0, v)"
      />
      <QuantityField
        label="Back"
        kind="length"
        :width="80"
        :value="piece.seat.at[1]"
        @change="(v) => at(1, v)"
      />
      <QuantityField
        label="Up"
        kind="length"
        :width="80"
        :value="piece.seat.at[2]"
        @change="(v) => at(2, v)"
      />
      <QuantityField
        label="Leans"
        kind="angle"
        :width="60"
        :value="piece.seat.lean"
        @change="(v) => seat({ lean: v })"
      />
      <QuantityField
        label="Tips"
        kind="angle"
        :width="60"
        :value="piece.seat.tip"
        @change="(v) => seat({ tip: v })"
      />
      <QuantityField
        label="Turned"
        kind="angle"
        :width="60"
        :value="piece.seat.turn"
        @change="(v) => seat({ turn: v })"
      />
      <QuantityField
        :label="piece.seat.how === 'set' ? 'Socket deep' : 'Pressed in'"
        kind="length"
        :width="74"
        :value="piece.seat.sink"
        @change="(v) => seat({ sink: v })"
      />
    </div>
    <div class="row fields tops">
      <template v-if="takesDisc">
        <ChoiceField
          label="Hidden disc under it"
          :value="piece.seat.disc?.of ?? ''"
          :options="discs"
          :width="150"
          @change="(v) => disc(v || undefined)"
        />
        <QuantityField
          v-if="piece.seat.disc"
          label="Disc across"
          kind="length"
          :width="74"
          :value="piece.seat.disc.width"
          @change="(v) => disc(piece.seat.disc!.of, v)"
        />
      </template>
      <ToggleField
        label="Propped until it holds"
        :checked="piece.propped ?? false"
        @change="(v) => store.apply(setPropped(build, id, v), `the prop of the ${lower}`)"
      />
    </div>
    <p v-if="cut" class="muted small">
      {{ (cut.volume / 1000).toFixed(1) }} cm³ is cut away
      {{
        cut.what === 'socket'
          ? `for the ${cut.by.name.toLowerCase()} to be set in`
          : `to fit the ${cut.by.name.toLowerCase()}`
      }}; it goes back into the batch.
    </p>
  </div>
</template>

<style scoped>
.seat {
  display: grid;
  gap: 10px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 9px 12px;
}
.wide {
  grid-column: span 2;
}
.tops {
  align-items: flex-start;
}
.girth {
  padding-bottom: 7px;
}
</style>
