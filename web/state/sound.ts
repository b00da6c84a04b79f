import type { Alarm } from '@core/days/index.ts';

/** Two knocks on wood, high to low where something closes: made here, no file. Hz and s. */
const KNOCKS: Readonly<Record<Alarm['kind'], readonly number[]>> = {
  opens: [523, 659, 784],
  closing: [659, 659],
  closed: [659, 523, 392],
};
const [APART, LONG, LOUD] = [0.22, 0.5, 0.35];

let context: AudioContext | undefined;

/** A page may sound once somebody has touched it: the first touch readies it. */
export function readySound(): void {
  const ready = () => {
    context ??= new AudioContext();
    if (context.state === 'suspended') void context.resume();
  };
  for (const event of ['pointerdown', 'keydown'] as const)
    window.addEventListener(event, ready, { once: true, passive: true });
}

/** Ring; silent where the page may not sound yet. */
export function soundBell(kind: Alarm['kind']): void {
  if (!('AudioContext' in window)) return;
  context ??= new AudioContext();
  const sounds = context;
  if (sounds.state === 'suspended') void sounds.resume();
  KNOCKS[kind].forEach((pitch, k) => {
    const at = sounds.currentTime + k * APART;
    const tone = sounds.createOscillator();
    const loud = sounds.createGain();
    tone.type = 'triangle';
    tone.frequency.value = pitch;
    loud.gain.setValueAtTime(0.0001, at);
    loud.gain.exponentialRampToValueAtTime(LOUD, at + 0.01);
    loud.gain.exponentialRampToValueAtTime(0.0001, at + LONG);
    tone.connect(loud).connect(sounds.destination);
    tone.start(at);
    tone.stop(at + LONG);
  });
}
