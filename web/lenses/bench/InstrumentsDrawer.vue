<script setup lang="ts">
import { ref } from 'vue';
import { useInstruments } from '../../state/instruments.ts';
import { useAlarms } from '../../state/alarms.ts';
import { formatMass } from '@core/quantity/index.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ToggleField from '../../shared/ToggleField.vue';

/** Scale, room sensor and bells: whether they are used, and what the made-up ones measure. */
const open = defineModel<boolean>('open', { required: true });
const it = useInstruments();
const alarms = useAlarms();
const { shown } = usePreferences();
const on = ref(36);
const noise = ref(0.03);
const drift = ref(0);
const temperature = ref(Math.round(it.room?.temperature ?? 21));
const humidity = ref(Math.round(it.room?.humidity ?? 50));
const said = ref<string>();
const ask = async (change: Readonly<Record<string, number | true>>) =>
  (said.value = await it.simulate(change));
const STATES = {
  off: 'not used',
  looking: 'looking for them…',
  there: 'connected',
  lost: 'lost; looking again',
} as const;
</script>

<template>
  <a-drawer v-model:open="open" title="Scale, room and bells" placement="right" :width="380">
    <section>
      <ToggleField
        label="Use the scale and the room sensor"
        beside
        :checked="it.wanted"
        @change="(v: boolean) => (v ? it.connect() : it.leave())"
      />
      <p role="status">
        {{ STATES[it.state]
        }}<template v-if="it.state === 'there'"
          >: {{ it.simulated ? 'simulated, nothing is attached' : 'attached' }}</template
        >
      </p>
      <p v-if="it.problem" class="bad" role="alert">{{ it.problem }}</p>
      <p v-if="it.grams !== undefined">
        On the scale <strong>{{ formatMass(it.grams, shown) }}</strong>, {{ it.steady ? 'steady' : 'moving' }}
      </p>
      <p v-else-if="it.scale?.kind === 'over'">More lies on the scale than it can weigh.</p>
      <p v-if="it.room">
        In the room <strong>{{ it.room.temperature }} °C, {{ it.room.humidity }} %</strong>
      </p>
    </section>
    <section v-if="it.state === 'there' && it.simulated">
      <h3>Simulated scale</h3>
      <div class="row">
        <QuantityField label="Lies on it" kind="mass" :width="90" :value="on" @change="(v) => (on = v)" />
        <button class="button" type="button" @click="ask({ place: on })">Put it on</button>
        <button class="button" type="button" @click="ask({ place: 0 })">Take it off</button>
        <button class="button" type="button" @click="ask({ tare: true })">Zero</button>
      </div>
      <div class="row">
        <QuantityField
          label="Scatters by"
          kind="mass"
          :width="90"
          :value="noise"
          @change="(v) => ((noise = v), ask({ noise: v }))"
        />
        <QuantityField
          label="Creeps by, a minute"
          kind="mass"
          :width="90"
          :value="drift"
          @change="(v) => ((drift = v), ask({ drift: v }))"
        />
      </div>
      <button class="button" type="button" @click="ask({ silent: 5 })">Break the line for 5 seconds</button>
      <h3>Simulated room</h3>
      <div class="row">
        <QuantityField
          label="Temperature"
          kind="temperature"
          :width="90"
          :value="temperature"
          @change="(v) => ((temperature = v), ask({ temperature: v }))"
        />
        <QuantityField
          label="Humidity, %"
          kind="percent"
          :width="90"
          :value="humidity"
          @change="(v) => ((humidity = v), ask({ humidity: v }))"
        />
      </div>
      <p v-if="said" class="bad" role="alert">{{ said }}</p>
    </section>
    <section>
      <h3>Bells</h3>
      <ToggleField
        label="Sound"
        beside
        :checked="alarms.sound"
        @change="(v: boolean) => alarms.setSound(v)"
      />
      <button v-if="alarms.notifies === 'default'" class="button" type="button" @click="alarms.allow()">
        Show them when this page is not in front
      </button>
      <p v-else class="muted small">
        {{
          alarms.notifies === 'granted'
            ? 'They are shown when this page is not in front, too.'
            : 'This browser does not let the page show them when it is not in front.'
        }}
      </p>
      <p class="muted small">
        A wait that is likely over, a window about to close and one that has closed ring while Elm Spindle is
        open in a tab, whichever build is shown.
      </p>
    </section>
  </a-drawer>
</template>

<style scoped>
section {
  padding-bottom: 16px;
}
h3 {
  margin: 14px 0 6px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
  margin-bottom: 8px;
}
.button {
  min-height: 44px;
}
.bad {
  color: var(--fails);
}
</style>
