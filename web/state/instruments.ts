import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { readLine, type InstrumentLine } from '@core/bench/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';

const STREAM = `${import.meta.env.BASE_URL}instruments/stream`;
const SIMULATED = `${import.meta.env.BASE_URL}instruments/simulated`;
/** Nothing heard for so long: it is lost, ms. */
const SILENT_FOR = 12_000;
/** It is asked again after so long, ms; longer each time, up to the second. */
const [AGAIN, AGAIN_MOST] = [1_500, 20_000];

export const NO_SERVER =
  'Scale and sensor need the server that comes with Elm Spindle: start it with npm start. Weights can be typed meanwhile.';

export type ScaleReading = Extract<InstrumentLine, { kind: 'scale' | 'over' }>;
export type RoomReading = Extract<InstrumentLine, { kind: 'room' }>;
/** Opens a stream of lines. */
export type OpenStream = (url: string) => EventSource;

/** Scale and room sensor: what they say, whether they are there, and whether they are only made up. Losing them loses nothing. */
export const useInstruments = defineStore('instruments', () => {
  const wanted = ref(false);
  const state = ref<'off' | 'looking' | 'there' | 'lost'>('off');
  const scale = shallowRef<ScaleReading>();
  const room = shallowRef<RoomReading & { readonly at: number }>();
  const simulated = ref(false);
  /** What the scale showed when it was tared here. */
  const tare = ref(0);
  const problem = ref<string>();

  let source: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let silence: ReturnType<typeof setTimeout> | undefined;
  let wait = AGAIN;
  let opens: OpenStream = (url) => new EventSource(url);

  /** What lies on it, less what was there when it was tared; undefined while it says nothing that counts. */
  const grams = computed(() =>
    state.value === 'there' && scale.value?.kind === 'scale'
      ? Number((scale.value.grams - tare.value).toFixed(3))
      : undefined,
  );
  const steady = computed(() => scale.value?.kind === 'scale' && scale.value.steady);

  function heard(text: string): void {
    const line = readLine(text);
    if (!line) return;
    state.value = 'there';
    problem.value = undefined;
    wait = AGAIN;
    clearTimeout(silence);
    silence = setTimeout(lost, SILENT_FOR);
    if (line.kind === 'from') simulated.value = line.source === 'simulated';
    else if (line.kind === 'room') room.value = { ...line, at: Date.now() };
    else scale.value = line;
  }

  function lost(): void {
    source?.close();
    source = undefined;
    clearTimeout(silence);
    scale.value = undefined;
    if (!wanted.value) return;
    if (state.value === 'looking') problem.value = NO_SERVER;
    state.value = 'lost';
    clearTimeout(again);
    again = setTimeout(look, wait);
    wait = Math.min(AGAIN_MOST, wait * 2);
  }

  function look(): void {
    clearTimeout(again);
    if (state.value !== 'lost') state.value = 'looking';
    source?.close();
    const mine = opens(STREAM);
    source = mine;
    mine.onmessage = (e: MessageEvent<string>) => {
      if (source === mine) heard(e.data);
    };
    mine.onerror = () => {
      if (source === mine) lost();
    };
  }

  function connect(): void {
    if (wanted.value) return;
    wanted.value = true;
    void writeSetting('instruments', true).catch(() => undefined);
    look();
  }

  function leave(): void {
    wanted.value = false;
    void writeSetting('instruments', false).catch(() => undefined);
    clearTimeout(again);
    lost();
    state.value = 'off';
    room.value = undefined;
    problem.value = undefined;
    tare.value = 0;
  }

  /** As it was left: whoever used a scale yesterday uses it today. */
  async function begin(): Promise<void> {
    if (wanted.value) return;
    if (await readSetting('instruments', false).catch(() => false)) connect();
  }

  const tareNow = (): void => {
    if (scale.value?.kind === 'scale') tare.value = scale.value.grams;
  };

  /** Ask something of the simulated instruments. @returns a sentence where it was refused */
  async function simulate(change: Readonly<Record<string, number | true>>): Promise<string | undefined> {
    try {
      const answer = await fetch(SIMULATED, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(change),
      });
      return answer.ok ? undefined : await answer.text();
    } catch {
      return NO_SERVER;
    }
  }

  return {
    wanted,
    state,
    scale,
    room,
    simulated,
    tare,
    problem,
    grams,
    steady,
    begin,
    connect,
    leave,
    tareNow,
    simulate,
    /** Another way to open a stream: for tests. */
    openWith: (way: OpenStream) => (opens = way),
  };
});
