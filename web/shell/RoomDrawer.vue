<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted } from 'vue';
import dayjs, { type Dayjs } from 'dayjs';
import { setBoard, setBrief, setHours, setNight, setPractice, setRoom, rename } from '@core/edits/index.ts';
import { GRIPS, LOAD_CASES } from '@core/bones/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { BOARD_MATERIALS } from '../ground/board-materials.ts';
import QuantityField from '../shared/QuantityField.vue';
import DatePick from '../shared/DatePick.vue';
import ChoiceField from '../shared/ChoiceField.vue';
import DatesForm from './DatesForm.vue';
import WeekForm from './WeekForm.vue';
import WorkshopForm from './WorkshopForm.vue';
import TextField from '../shared/TextField.vue';
import ToggleField from '../shared/ToggleField.vue';
import { choicesOf } from '../shared/choices.ts';
import CustomsForm from '../words/CustomsForm.vue';

/** Everything round the figure: when it is due, the room, the board, the working week, what is shown. */
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const grips = choicesOf(GRIPS, (g) => g.name);
const due = computed({
  get: () => dayjs(build.value.brief.due),
  set: (d: Dayjs | undefined) => {
    if (d) store.apply(setBrief(build.value, { due: d.format('YYYY-MM-DDTHH:mm') }), 'the due time');
  },
});
const AIR = [
  { value: 0.03, label: 'closed cupboard' },
  { value: 0.1, label: 'still room' },
  { value: 0.3, label: 'gentle fan' },
  { value: 1, label: 'strong fan' },
];
const JOURNEYS = choicesOf(LOAD_CASES, (c) => c.name);
/** A drawer is a dialog to who cannot see it, and gives the focus back to what opened it. */
const opener = document.activeElement as HTMLElement | null;
onMounted(async () => {
  await nextTick();
  const drawer = document.querySelector<HTMLElement>('.ant-drawer-content-wrapper');
  drawer?.setAttribute('role', 'dialog');
  drawer?.setAttribute('aria-modal', 'true');
  drawer?.setAttribute('aria-label', 'Room, hours and brief');
});
onBeforeUnmount(() => setTimeout(() => opener?.focus()));
</script>

<template>
  <a-drawer v-model:open="open" title="Room, hours and brief" :width="530" placement="right">
    <div class="group">
      <h3>Brief</h3>
      <TextField
        label="Name"
        required
        :value="build.name"
        @change="(name) => store.apply(rename(build, name), 'the name')"
      />
      <label class="field"><span>Due</span><DatePick v-model:value="due" timed /></label>
      <ChoiceField
        label="Journey"
        :value="build.brief.journey"
        :options="JOURNEYS"
        @change="(v) => store.apply(setBrief(build, { journey: v }), 'the journey')"
      />
      <ChoiceField
        label="The board stands"
        :value="build.brief.grip"
        :options="grips"
        @change="(v) => store.apply(setBrief(build, { grip: v }), 'what the board stands on')"
      />
    </div>
    <div class="group">
      <h3>Room</h3>
      <div class="row fields">
        <QuantityField
          label="Temperature"
          kind="temperature"
          :value="build.room.temperature"
          @change="(v) => store.apply(setRoom(build, { temperature: v }), 'the room')"
        />
        <QuantityField
          label="Humidity"
          kind="percent"
          :value="build.room.humidity"
          @change="(v) => store.apply(setRoom(build, { humidity: v }), 'the room')"
        />
        <ChoiceField
          class="grow"
          label="Air"
          :value="build.room.air"
          :options="AIR"
          @change="(v) => store.apply(setRoom(build, { air: v }), 'the room')"
        />
      </div>
      <ToggleField
        label="Nights differ, from ten to eight"
        :checked="build.room.night !== undefined"
        @change="
          (on) =>
            store.apply(
              setNight(
                build,
                on
                  ? {
                      temperature: build.room.temperature - 3,
                      humidity: Math.min(95, build.room.humidity + 8),
                    }
                  : undefined,
              ),
              'the nights',
            )
        "
      />
      <div v-if="build.room.night" class="row fields">
        <QuantityField
          label="Temperature at night"
          kind="temperature"
          :width="120"
          :value="build.room.night.temperature"
          @change="
            (v) => store.apply(setNight(build, { ...build.room.night!, temperature: v }), 'the nights')
          "
        />
        <QuantityField
          label="Humidity at night"
          kind="percent"
          :width="120"
          :value="build.room.night.humidity"
          @change="(v) => store.apply(setNight(build, { ...build.room.night!, humidity: v }), 'the nights')"
        />
      </div>
    </div>
    <div class="group">
      <h3>Board</h3>
      <div class="row fields">
        <QuantityField
          label="Across"
          kind="length"
          :value="build.board.width"
          @change="(v) => store.apply(setBoard(build, { width: v }), 'the board')"
        />
        <QuantityField
          label="Thick"
          kind="length"
          :value="build.board.thickness"
          @change="(v) => store.apply(setBoard(build, { thickness: v }), 'the board')"
        />
        <ChoiceField
          class="grow"
          label="Made of"
          :value="build.board.material"
          :options="BOARD_MATERIALS"
          @change="(v) => store.apply(setBoard(build, { material: v }), 'the board')"
        />
      </div>
    </div>
    <div class="group">
      <h3>Your week</h3>
      <WeekForm
        :hours="build.hours"
        @change="(hours) => store.apply(setHours(build, hours), 'the working hours')"
      />
    </div>
    <div class="group"><DatesForm /></div>
    <div class="group"><WorkshopForm /></div>
    <div class="group">
      <h3>Your ways</h3>
      <div class="row fields">
        <QuantityField
          label="Spare paste"
          kind="percent"
          :value="build.practice.spare"
          @change="(v) => store.apply(setPractice(build, { spare: v }), 'the spare')"
        />
        <QuantityField
          label="Pace of work"
          kind="count"
          :value="build.practice.pace"
          suffix="×"
          @change="(v) => store.apply(setPractice(build, { pace: v }), 'the pace')"
        />
        <QuantityField
          label="1 ml of powder"
          kind="mass"
          :value="build.practice.powderBulk"
          @change="(v) => store.apply(setPractice(build, { powderBulk: v }), 'the spoon')"
        />
        <QuantityField
          label="Your teaspoon"
          kind="volume"
          suffix=" ml"
          :value="build.practice.spoon"
          @change="(v) => store.apply(setPractice(build, { spoon: v }), 'the teaspoon')"
        />
        <QuantityField
          label="Least you knead"
          kind="mass"
          :value="build.practice.smallestBatch"
          @change="(v) => store.apply(setPractice(build, { smallestBatch: v }), 'the least that is kneaded')"
        />
        <ToggleField
          label="Trimmings are kneaded back"
          beside
          :checked="build.practice.saves"
          @change="(v) => store.apply(setPractice(build, { saves: v }), 'saving trimmings')"
        />
      </div>
    </div>
    <div class="group">
      <h3>Units, clock and language</h3>
      <CustomsForm />
    </div>
  </a-drawer>
</template>

<style scoped>
.group {
  padding: 0 0 16px;
  margin-bottom: 14px;
  border-bottom: 1px solid var(--line);
}
.group:last-child {
  border: 0;
}
.group h3 {
  margin-bottom: 10px;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
  margin-bottom: 10px;
}
.row .field {
  margin: 0;
}
.row + .field {
  margin-top: 10px;
}
.grow {
  flex: 1;
  min-width: 120px;
}
</style>
