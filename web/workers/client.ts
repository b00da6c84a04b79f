import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { DaysReport } from '@core/days/index.ts';
import type { BatchMixes, mixesFor } from '@core/paste-list/index.ts';
import type { Build } from '@core/record/index.ts';
import type { Result } from '@core/quantity/index.ts';
import type { Page, PieceMap, Template } from '@core/templates/index.ts';
import type { UpAxis } from '@core/solids/index.ts';
import type { BonesApi, FoundChoice, FoundMend } from './bones.worker.ts';
import type { Found, FoundPart } from '@core/found.ts';
import type { JoinMend } from '@core/join-mends.ts';
import type { ShortOf } from '@core/short-of.ts';
import type { StockItem } from '@core/stores/index.ts';
import type { WorkingChoice } from '@core/schools.ts';
import type { ShelfState } from '@core/shelf-state.ts';
import type { StartAnswers } from '@core/start-answers.ts';
import type { Wanted } from '@core/starts/index.ts';
import type { WayOut } from '@core/ways-out.ts';
import type { DaysApi, MightBe, Planned } from './days.worker.ts';
import type { PagesApi } from './pages.worker.ts';
import type { StartsApi } from './starts.worker.ts';
import type { FoundSolid, KeptSolid, SolidsApi, UnionReport } from './solids.worker.ts';

/** Work under way in a worker: its result, and a way to give it up. */
export interface WorkerJob<T> {
  /** Undefined when it was cancelled. */
  readonly result: Promise<T | undefined>;
  readonly cancel: () => void;
}

/**
 * One worker for one kind of heavy work. Cancelling ends the worker, which stops it at once whatever it is doing; the
 * next job starts a fresh one.
 */
export class JobRunner<Api> {
  private worker: Worker | undefined;
  private remote: Remote<Api> | undefined;
  constructor(private readonly start: () => Worker) {}

  /** End the worker where it is idle for long: the next job starts a fresh one. */
  end(): void {
    this.worker?.terminate();
    this.worker = this.remote = undefined;
  }

  run<T>(task: (api: Remote<Api>) => Promise<T>): WorkerJob<T> {
    let mine: Worker;
    try {
      mine = this.worker ??= this.start();
    } catch (error) {
      return {
        result: Promise.reject(error instanceof Error ? error : new Error(String(error))),
        cancel: () => undefined,
      };
    }
    this.remote ??= wrap<Api>(mine);
    let give: (() => void) | undefined;
    const cancelled = new Promise<undefined>((resolve) => {
      give = () => resolve(undefined);
    });
    let over = false;
    const end = (): void => {
      mine.terminate();
      if (this.worker === mine) this.worker = this.remote = undefined;
    };
    const broke = new AbortController();
    const failed = new Promise<never>((_, reject) => {
      const fail = (why: string) => {
        // a worker that broke once is in no state anybody knows: the next job gets a fresh one
        end();
        reject(new Error(why));
      };
      mine.addEventListener('error', (e) => fail(e.message), { signal: broke.signal });
      mine.addEventListener('messageerror', () => fail('an answer could not be read'), {
        signal: broke.signal,
      });
    });
    const result = Promise.race([task(this.remote), cancelled, failed]).finally(() => {
      over = true;
      broke.abort();
    });
    return {
      result,
      cancel: () => {
        if (over) return;
        end();
        give?.();
      },
    };
  }
}

const days = new JobRunner<DaysApi>(
  () => new Worker(new URL('./days.worker.ts', import.meta.url), { type: 'module', name: 'days' }),
);

/** Plan the days; the first good answer comes before the search is over. */
export const scheduleJob = (
  build: Build,
  now: number,
  first: (days: DaysReport) => void,
  progress: (share: number) => void,
): WorkerJob<Planned> =>
  days.run((api) => api.schedule(build, now, proxy(first), proxy(progress)) as Promise<Planned>);

const starts = new JobRunner<StartsApi>(
  () => new Worker(new URL('./starts.worker.ts', import.meta.url), { type: 'module', name: 'starts' }),
);
/** What a figure that is only said comes to. */
export const startAnswersJob = (build: Build, start: string, told: Wanted): WorkerJob<StartAnswers> =>
  starts.run((api) => api.answers(build, start, told) as Promise<StartAnswers>);

const shelf = new JobRunner<StartsApi>(
  () => new Worker(new URL('./starts.worker.ts', import.meta.url), { type: 'module', name: 'shelf' }),
);
/** How a build stands, looked at while the shelf is open. */
export const shelfStateJob = (build: Build, now: number, sought: boolean): WorkerJob<ShelfState> =>
  shelf.run((api) => api.state(build, now, sought) as Promise<ShelfState>);

/** A worker of its own, so that a look at what might be never disturbs the plan that is being made. */
const might = new JobRunner<DaysApi>(
  () => new Worker(new URL('./days.worker.ts', import.meta.url), { type: 'module', name: 'might' }),
);
export const oddsJob = (build: Build, now: number): WorkerJob<MightBe> =>
  might.run((api) => api.odds(build, now) as Promise<MightBe>);
export const waysOutJob = (build: Build, now: number): WorkerJob<WayOut[]> =>
  might.run((api) => api.waysOut(build, now) as Promise<WayOut[]>);

/** One for ways of joining and one for ways of working: giving one up ends its worker, and nothing else. */
const ways = new JobRunner<DaysApi>(
  () => new Worker(new URL('./days.worker.ts', import.meta.url), { type: 'module', name: 'ways' }),
);
const working = new JobRunner<DaysApi>(
  () => new Worker(new URL('./days.worker.ts', import.meta.url), { type: 'module', name: 'working' }),
);
export const joinMendsJob = (build: Build, piece: string, now: number): WorkerJob<JoinMend[]> =>
  ways.run((api) => api.joinMends(build, piece, now) as Promise<JoinMend[]>);
export const shortOfJob = (
  build: Build,
  batch: string,
  left: number,
  items: readonly StockItem[],
  now: number,
): WorkerJob<ShortOf | undefined> =>
  ways.run((api) => api.shortOf(build, batch, left, items, now) as Promise<ShortOf | undefined>);
export const schoolsJob = (build: Build, now: number): WorkerJob<WorkingChoice[]> =>
  working.run((api) => api.schools(build, now) as Promise<WorkingChoice[]>);

const bones = new JobRunner<BonesApi>(
  () => new Worker(new URL('./bones.worker.ts', import.meta.url), { type: 'module', name: 'bones' }),
);

/** One of its own, never given up: it remembers what it reckoned of the build before. */
const finder = new JobRunner<BonesApi>(
  () => new Worker(new URL('./bones.worker.ts', import.meta.url), { type: 'module', name: 'find' }),
);
export const findJob = (build: Build, parts: readonly FoundPart[]): WorkerJob<Partial<Found>> =>
  finder.run((api) => api.find(build, [...parts]) as Promise<Partial<Found>>);

export const mendsJob = (build: Build, rod: string): WorkerJob<FoundMend[]> =>
  bones.run((api) => api.mends(build, rod) as Promise<FoundMend[]>);

export const gluedMendsJob = (build: Build, piece: string): WorkerJob<FoundMend[]> =>
  bones.run((api) => api.gluedMends(build, piece) as Promise<FoundMend[]>);

export const chooseJob = (build: Build, rod: string): WorkerJob<FoundChoice | undefined> =>
  bones.run((api) => api.choose(build, rod) as Promise<FoundChoice | undefined>);

const solids = new JobRunner<SolidsApi>(
  () => new Worker(new URL('./solids.worker.ts', import.meta.url), { type: 'module', name: 'solids' }),
);

export const unionJob = (build: Build, progress: (share: number) => void): WorkerJob<UnionReport> =>
  solids.run((api) => api.union(build, proxy(progress)));

export const readSolidJob = (name: string, buffer: ArrayBuffer) =>
  solids.run((api) => api.read(name, transfer(buffer, [buffer])) as Promise<Result<FoundSolid>>);

export const keepSolidJob = (up: UpAxis) => solids.run((api) => api.keep(up) as Promise<Result<KeptSolid>>);

const pages = new JobRunner<PagesApi>(
  () => new Worker(new URL('./pages.worker.ts', import.meta.url), { type: 'module', name: 'pages' }),
);

/** Paper templates of a build. */
export const templatesJob = (build: Build): WorkerJob<readonly Template[]> =>
  pages.run((api) => api.templates(build));

/** One of its own: a cover that is changed gives up its map, and no page. */
const maps = new JobRunner<PagesApi>(
  () => new Worker(new URL('./pages.worker.ts', import.meta.url), { type: 'module', name: 'maps' }),
);
/** What every sheet of a build does, found on triangles. */
export const sheetMapsJob = (build: Build): WorkerJob<readonly PieceMap[]> =>
  maps.run((api) => api.maps(build));

/** One of its own: a colour is looked for while papers are drawn. */
const mixing = new JobRunner<PagesApi>(
  () => new Worker(new URL('./pages.worker.ts', import.meta.url), { type: 'module', name: 'mixing' }),
);
/** Pots that come to the colour of a batch. */
export const mixesJob = (...of: Parameters<typeof mixesFor>): WorkerJob<BatchMixes> =>
  mixing.run((api) => api.mixes(of));

/** Pages as a PDF file. */
export const pdfJob = (
  of: readonly Page[],
  title: string,
  progress: (share: number) => void,
): WorkerJob<Uint8Array> => pages.run((api) => api.pdf(of, title, proxy(progress)));
