// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { App } from 'ant-design-vue';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Build } from '@core/record/index.ts';
import { progressOf, toldTime, type DaysReport, type PlannedStep } from '@core/days/index.ts';
import { findParts, type FoundPart } from '@core/found.ts';
import { plan } from '@core/plan.ts';
import { rolledOf } from '@core/covers/index.ts';
import { setTemplate, weighedStep } from '@core/edits/index.ts';
import { templatesOf } from '@core/templates/index.ts';
import { formatLength, formatMass, formatPiece, formatReckoned, formatTime } from '@core/quantity/index.ts';
import { db } from '../storage/db.ts';
import { saveBuild } from '../storage/builds.ts';
import { demoBuilds } from '../storage/demo-builds.ts';
import { useStage } from '../state/on-stage.ts';
import { useSums } from '../state/sums.ts';

/** The worker's answer, reckoned where the test runs; what is looked for beside it never comes. */
const plans = new Map<Build, DaysReport>();
vi.mock('../workers/client.ts', () => {
  const never = () => ({ result: new Promise(() => undefined), cancel: () => undefined });
  const scheduleJob = (build: Build, now: number) => {
    const days = plans.get(build) ?? plan(build, { runs: 20, now }).days();
    plans.set(build, days);
    return { result: Promise.resolve({ days, offer: undefined }), cancel: () => undefined };
  };
  const jobs = [
    'oddsJob',
    'waysOutJob',
    'mendsJob',
    'gluedMendsJob',
    'chooseJob',
    'unionJob',
    'sheetMapsJob',
    'mixesJob',
  ];
  const findJob = (build: Build, parts: readonly FoundPart[]) => ({
    result: Promise.resolve(findParts(plan(build), parts)),
    cancel: () => undefined,
  });
  const templatesJob = (build: Build) => ({
    result: Promise.resolve(templatesOf(build)),
    cancel: () => undefined,
  });
  return { scheduleJob, findJob, templatesJob, ...Object.fromEntries(jobs.map((name) => [name, never])) };
});
const { useBuild } = await import('../state/build-store.ts');
const { useReckoning } = await import('../state/reckoning.ts');

const [otter] = demoBuilds(new Date()) as [Build];
const METRIC = { mass: 'g', length: 'mm' } as const;
const mounted: VueWrapper[] = [];

/** A lens with the otter on the bench and its plan made, as below its route. */
async function lens(component: Component, props: Readonly<Record<string, unknown>> = {}) {
  const store = useBuild();
  const opened = await store.open(otter.id);
  if (!opened.ok) throw new Error(opened.problem.text);
  await useReckoning();
  const Page = defineComponent({ render: () => h(App, () => h(component, props)) });
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { render: () => null } }],
  });
  const page = mount(Page, { global: { plugins: [router] }, attachTo: document.body });
  mounted.push(page);
  await vi.waitFor(() => expect(store.days?.plan).toBeDefined(), { timeout: 120_000 });
  await flushPromises();
  return { page, store, report: store.report! };
}
const words = (w: { text: () => string }): string => w.text().replaceAll(/\s+/g, ' ');

beforeEach(async () => {
  setActivePinia(createPinia());
  await db.builds.clear();
  await saveBuild(otter, undefined);
});
afterEach(async () => {
  mounted.splice(0).forEach((page) => page.unmount());
  await useBuild().close();
});

describe('Shape', () => {
  it('lists every piece with the grams and the ball of the report', async () => {
    const { default: ShapeLens } = await import('./shape/ShapeLens.vue');
    const { page, report } = await lens(ShapeLens);
    const [stands, ...rows] = page.findAll('.pieces > li');
    expect(words(stands!)).toMatch(/What it stands on board.*12 mm high/);
    expect(rows).toHaveLength(otter.pieces.length);
    report.figure.pieces.forEach((p, i) => {
      expect(words(rows[i]!)).toContain(p.name);
      expect(words(rows[i]!)).toContain(formatPiece(p.weight.paste.value, METRIC));
      expect(words(rows[i]!)).toContain(`${formatLength(p.weight.ball.value, METRIC)} ball`);
    });
  });

  it('opens each figure to the very sum that the report holds', async () => {
    const { default: ShapeLens } = await import('./shape/ShapeLens.vue');
    const { page, report } = await lens(ShapeLens);
    const { paste, wide, number } = report.figure;
    for (const figure of [paste, wide, number]) {
      const shown = formatReckoned(figure, METRIC);
      const button = page.findAll('button.figure').find((b) => words(b) === shown);
      expect(button, `${figure.name}: ${shown}`).toBeDefined();
      await button!.trigger('click');
      expect(useSums().figure).toBe(figure);
    }
  });

  it('types grams into a piece, which then weighs that, on its row and in the figure', async () => {
    const { default: ShapeLens } = await import('./shape/ShapeLens.vue');
    const { page, store, report } = await lens(ShapeLens);
    const before = report.figure.paste.value;
    useStage().selection = { kind: 'piece', id: 'nose' };
    await flushPromises();
    const field = page
      .findAll('label')
      .find((l) => words(l).startsWith('Grams'))!
      .find('input');
    await field.setValue('2 g');
    await field.trigger('blur');
    await flushPromises();
    const nose = store.report!.figure.pieces.find((p) => p.id === 'nose')!;
    expect(nose.weight.paste.value).toBeCloseTo(2, 3);
    expect(words(page.find('.pieces > li.open .line'))).toContain('2 g');
    expect(store.report!.figure.paste.value - before).toBeCloseTo(
      2 - report.figure.pieces.find((p) => p.id === 'nose')!.weight.paste.value,
      3,
    );
  });
});

describe('Bones', () => {
  it('tells of every rod its letter, length and verdict, and how many do not hold', async () => {
    const { default: BonesLens } = await import('./bones/BonesLens.vue');
    const { page, report } = await lens(BonesLens);
    await vi.waitFor(() => page.find('.rods > li').element);
    const rows = page.findAll('.rods > li');
    // after the rods come what the whole figure does: tip and slide
    expect(rows.length).toBeGreaterThanOrEqual(report.bones.rods.length);
    report.bones.rods.forEach((r, i) => {
      const row = words(rows[i]!);
      expect(row.startsWith(r.letter)).toBe(true);
      expect(row).toContain(formatLength(r.length.value, METRIC));
      const verdict = { holds: 'holds', tight: 'tight', fails: 'won’t hold', idle: 'holds nothing yet' };
      expect(row).toContain(verdict[r.verdict]);
    });
    // and the one thing that is wrong comes first
    expect(report.bones.counts.fails).toBe(1);
    const worst = report.bones.rods.find((r) => r.verdict === 'fails')!;
    expect(words(page.find('h1'))).toContain(`The ${worst.rod.name.toLowerCase()} won’t hold.`);
  });

  it('shows of an opened rod every check with its own sum', async () => {
    const { default: BonesLens } = await import('./bones/BonesLens.vue');
    const { page, report } = await lens(BonesLens);
    await vi.waitFor(() => page.find('.rods > li').element);
    const worst = report.bones.rods.find((r) => r.verdict === 'fails')!;
    useStage().selection = { kind: 'rod', id: worst.rod.id };
    await flushPromises();
    const card = page.find('.rods > li.open');
    const sums = card.findAll('button').filter((b) => words(b) === 'Show the sum');
    expect(sums).toHaveLength(worst.checks.length);
    for (const [i, check] of worst.checks.entries()) {
      await sums[i]!.trigger('click');
      expect(words(card.find('.why'))).toContain(check.use.name);
      await sums[i]!.trigger('click');
    }
  });
});

describe('Paste', () => {
  it('lists every batch with what is mixed of it', async () => {
    const { default: MixView } = await import('./paste/MixView.vue');
    const { page, report } = await lens(MixView);
    const rows = page.findAll('.batches > li');
    expect(rows).toHaveLength(report.paste.length);
    report.paste.forEach((b, i) => {
      expect(words(rows[i]!)).toContain(b.colour.name);
      expect(words(rows[i]!)).toContain(formatMass(b.mix.value, METRIC));
    });
  });
});

describe('Days and Bench', () => {
  it('tells the sessions of the plan, each with its steps', async () => {
    const { default: PlanView } = await import('./days/PlanView.vue');
    const { page, store } = await lens(PlanView);
    const all = words(page);
    for (const session of store.days!.plan!.sessions)
      for (const { step } of session.steps) expect(all).toContain(step.title);
  });

  it('puts the first step in hand, and the next once that is ticked off', async () => {
    const { default: BenchLens } = await import('./bench/BenchLens.vue');
    const { page, store } = await lens(BenchLens);
    const first = progressOf(store.build!, store.days, Date.now());
    expect(words(page.find('h1'))).toBe(first.current!.step.title);
    expect(words(page.find('.where'))).toContain(`Step 1 of ${first.ahead}`);
    expect(words(page.find('.where'))).toContain(toldTime(store.days!.origin!, first.current!.from));
    expect(words(page.find('.where'))).toContain(formatTime(first.current!.step.minutes));
    await page.find('button.done').trigger('click');
    await flushPromises();
    expect(store.build!.bench.done.map((d) => d.step)).toContain(first.current!.step.id);
    const now = progressOf(store.build!, store.days, Date.now());
    expect(now.current!.step.id).not.toBe(first.current!.step.id);
    expect(words(page.find('h1'))).toBe(now.current!.step.title);
    expect(words(page.find('.where'))).toContain(`Step 2 of ${now.finished + now.ahead}`);
  });
});

/** Tick steps off until one is in hand that is weighed. */
async function toWeighing(page: VueWrapper, store: ReturnType<typeof useBuild>): Promise<PlannedStep> {
  for (let k = 0; k < 12; k++) {
    const { current } = progressOf(store.build!, store.days, Date.now());
    if (current!.step.weigh) return current!;
    await page.find('button.done').trigger('click');
    await flushPromises();
    if (words(page.find('button.done')).includes('Ready')) await page.find('button.done').trigger('click');
  }
  throw new Error('Nothing is weighed.');
}

describe('Bench', () => {
  it('notes a weight that is typed with what was wanted, and takes it back', async () => {
    const { default: BenchLens } = await import('./bench/BenchLens.vue');
    const { page, store } = await lens(BenchLens);
    const { step } = await toWeighing(page, store);
    expect(words(page.find('.ring'))).toContain(formatMass(step.weigh!.grams, METRIC));
    await page.find('.weigh input[inputmode="decimal"]').setValue('lots');
    await page.find('.weigh form').trigger('submit');
    expect(words(page.find('.weigh [role="alert"]'))).not.toBe('');
    expect(store.build!.bench.weighed).toBeUndefined();
    await page.find('.weigh input[inputmode="decimal"]').setValue('31.5 g');
    await page.find('.weigh form').trigger('submit');
    await flushPromises();
    expect(store.build!.bench.weighed).toMatchObject([
      { step: step.id, grams: 31.5, wanted: step.weigh!.grams },
    ]);
    expect(words(page.find('.count'))).toContain('1 of');
    await page
      .findAll('.weigh button')
      .find((x) => words(x).includes('Take the last back'))!
      .trigger('click');
    await flushPromises();
    expect(store.build!.bench.weighed).toBeUndefined();
  });

  it('counts what lies still on the scale once, and the next after it was lifted off', async () => {
    const { default: BenchLens } = await import('./bench/BenchLens.vue');
    const { useInstruments } = await import('../state/instruments.ts');
    const { page, store } = await lens(BenchLens);
    const { step } = await toWeighing(page, store);
    const scale = useInstruments();
    const says = async (grams: number, steady = true) => {
      scale.state = 'there';
      scale.scale = { kind: 'scale', grams, steady };
      await flushPromises();
    };
    const { grams } = step.weigh!;
    for (let k = 0; k < 6; k++) await says(grams);
    expect(store.build!.bench.weighed).toHaveLength(1);
    await says(0);
    for (let k = 0; k < 3; k++) await says(grams * 2);
    expect(store.build!.bench.weighed).toHaveLength(1);
    expect(words(page.find('.ring'))).toContain('take');
    scale.tare = grams;
    for (let k = 0; k < 4; k++) await says(grams * 2);
    expect(store.build!.bench.weighed).toHaveLength(2);
  });

  it('asks what went wrong, says what is likely behind it, and does what is chosen', async () => {
    const { default: TroubleDialog } = await import('./bench/TroubleDialog.vue');
    const { page, store } = await lens(TroubleDialog, { open: true, piece: 'head', known: 'broke' });
    await flushPromises();
    const dialog = document.body;
    await vi.waitFor(() => expect(dialog.textContent).toContain('Likely behind it'));
    expect(dialog.querySelectorAll('.causes li').length).toBeGreaterThan(1);
    [...dialog.querySelectorAll<HTMLButtonElement>('.mends button')]
      .find((x) => /I do this/.test(x.textContent))!
      .click();
    await flushPromises();
    const [note] = store.build!.bench.trouble!;
    expect(note).toMatchObject({ trouble: 'broke', piece: 'head' });
    expect(note!.cause).toBeDefined();
    page.unmount();
  });
});

describe('Log', () => {
  it('holds the plan against what happened, finds entries, and trains the hand', async () => {
    const { default: LogLens } = await import('./log/LogLens.vue');
    const { page, store } = await lens(LogLens);
    const build = store.build!;
    const at = new Date().toISOString();
    const weighed = weighedStep(build, 'shape:head', 130, 119, at);
    store.apply(weighed, 'a weighing');
    const view = async (k: number) => {
      await page.findAll('.segments input')[k]!.trigger('change');
      await flushPromises();
    };
    await view(1);
    expect(words(page)).toContain('9 % more than planned');
    await view(2);
    expect(page.findAll('.entries li').length).toBe(1);
    await page.find('input[type="search"]').setValue('nothing of the kind');
    expect(page.findAll('.entries li').length).toBe(0);
    await view(3);
    const inputs = page.findAll('input[inputmode="decimal"]');
    await inputs[0]!.setValue('2 g');
    await inputs[1]!.setValue('1.1 g');
    await page.find('form').trigger('submit');
    await flushPromises();
    expect(words(page.find('table'))).toContain('10 % too heavy');
  });
});

describe('Cut', () => {
  it('lists what is cut by a paper with its size, and what is rolled with what stays of it', async () => {
    const { default: CutLens } = await import('./cut/CutLens.vue');
    const { page, store } = await lens(CutLens);
    await vi.waitFor(() => expect(words(page)).toContain('Scarf end'));
    for (const t of templatesOf(store.build!)) {
      expect(words(page)).toContain(t.name);
      expect(words(page)).toContain(`${formatLength(t.wide, METRIC)} × ${formatLength(t.tall, METRIC)}`);
    }
    expect(page.findAll('.pages img')).toHaveLength(1);
    await page.findAll('.segments input')[1]!.trigger('change');
    await vi.waitFor(() =>
      expect(words(page)).toContain('8 mm all round, as hands make it 6 mm to 10 mm; nothing comes off.'),
    );
    // a head under a thin coat is gathered; as it is, it is a lump pressed round
    const head = store.build!.pieces.find((p) => p.id === 'head')!;
    const thin = { ...head, form: { ...head.form, sizes: { core: 58, coat: 4 } } };
    const pieces = store.build!.pieces.map((p) => (p === head ? thin : p));
    store.apply(setTemplate({ ...store.build!, pieces } as Build, 'scarf-end', 'none'), 'a thinner coat');
    await flushPromises();
    const [rolled] = rolledOf(store.build!);
    if (rolled?.kind !== 'core' || !rolled.over.sheet) throw new Error('The head has no sheet.');
    const { round, stays, off } = rolled.over.sheet;
    for (const f of [round, stays, off]) expect(words(page)).toContain(formatReckoned(f, METRIC));
    // each opens to its sum
    await page.find('.rolled .figure').trigger('click');
    expect(useSums().figure).toBe(round);
    // what needs no paper goes
    await vi.waitFor(() => expect(words(page)).not.toContain('Scarf end'));
  });
});
