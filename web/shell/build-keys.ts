import { computed, type ComputedRef } from 'vue';
import { useRouter } from 'vue-router';
import { duplicatePiece, nudge, togglePair } from '@core/edits/index.ts';
import { LENSES, type LensId } from '../lenses/lenses.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { useStage } from '../state/on-stage.ts';
import { stepOf } from '../stage/geometry.ts';
import { pieceRemoved, rodRemoved } from './removing.ts';
import type { Shortcut } from './shortcuts.ts';

/** What a key asks of the view that stands round the build. */
export interface BuildActs {
  readonly add: () => void;
  readonly find: () => void;
  readonly help: () => void;
  readonly save: () => void;
  /** Front, side, in the round, one after the other. */
  readonly turn: () => void;
  readonly zoom: (by: number) => void;
  readonly wholeFigure: () => void;
}

/** The keys of a build, in the order of the key sheet. */
export function useBuildKeys(acts: BuildActs): ComputedRef<Shortcut[]> {
  const router = useRouter();
  const store = useBuild();
  const stage = useStage();
  const here = useOpenBuild();
  const selectedPiece = () => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined);
  const onPiece = (run: (id: string) => void) => {
    const id = selectedPiece();
    if (id && store.build) run(id);
    else store.say('Select a piece first.');
  };
  const go = (l: LensId) => store.build && router.push(`/build/${store.build.id}/${l}`);
  const step = (e: KeyboardEvent, dx: number, up: number) =>
    onPiece((id) => {
      const k = e.shiftKey ? 10 : 1;
      store.apply(nudge(here.build, id, stepOf(stage.view, dx * k, up * k)), 'a nudge');
    });
  const movePlayhead = (by: number) => {
    const plan = store.days?.plan;
    if (plan)
      stage.playhead = Math.max(
        plan.startBy - 180,
        Math.min((store.days?.due ?? 0) + 240, (stage.playhead ?? plan.startBy) + by),
      );
  };
  function removeSelected(): void {
    const s = stage.selection;
    const build = store.build;
    if (!s || !build) return;
    const gone =
      s.kind === 'rod' ? rodRemoved(build, s.id) : s.kind === 'piece' ? pieceRemoved(build, s.id) : undefined;
    if (gone) store.remove(gone.build, gone.label, gone.text);
    stage.selection = undefined;
  }
  async function takeAlong(id: string): Promise<void> {
    const part = await (await import('./clipboard.ts')).takeAlong(here.build, id);
    store.say(
      part.ok ? `Taken along: ${part.value}. Ctrl V puts it into this or another build.` : part.problem.text,
    );
  }
  async function putDown(): Promise<void> {
    const put = await (await import('./clipboard.ts')).putDown(here.build);
    if (!put.ok) return store.say(put.problem.text, 'error');
    store.apply(put.value.build, 'putting in what was taken along');
    stage.selection = { kind: 'piece', id: put.value.id };
  }
  return computed<Shortcut[]>(() => [
    ...LENSES.map((l) => ({ keys: l.key, says: `${l.name}`, run: () => void go(l.id) })),
    { keys: 'N', says: 'New piece', run: acts.add },
    {
      keys: 'D',
      edits: true,
      says: 'Copy the piece',
      run: () =>
        onPiece((id) => {
          const made = duplicatePiece(here.build, id);
          if (!made.ok) return void store.apply(made, '');
          store.apply(made.value.build, 'copying a piece');
          stage.selection = { kind: 'piece', id: made.value.id };
        }),
    },
    {
      keys: 'Ctrl C',
      edits: true,
      says: 'Take the piece and all on it along',
      run: () => onPiece((id) => void takeAlong(id)),
    },
    { keys: 'Ctrl V', edits: true, says: 'Put what was taken along on the board', run: () => void putDown() },
    {
      keys: 'M',
      edits: true,
      says: 'Mirror: one, or a pair',
      run: () => onPiece((id) => store.apply(togglePair(here.build, id), 'mirroring')),
    },
    {
      keys: 'R',
      edits: true,
      says: 'Add a rod',
      run: () => {
        stage.wanted = 'rod';
        void go('bones');
      },
    },
    { keys: 'Delete', edits: true, says: 'Remove what is selected', run: removeSelected },
    {
      keys: 'ArrowLeft or Shift ArrowLeft',
      edits: true,
      says: 'Nudge left 1 mm (Shift: 10)',
      run: (e) => step(e, -1, 0),
    },
    { keys: 'ArrowRight or Shift ArrowRight', edits: true, says: 'Nudge right', run: (e) => step(e, 1, 0) },
    { keys: 'ArrowUp or Shift ArrowUp', edits: true, says: 'Nudge up', run: (e) => step(e, 0, 1) },
    { keys: 'ArrowDown or Shift ArrowDown', edits: true, says: 'Nudge down', run: (e) => step(e, 0, -1) },
    { keys: '[', says: 'Playhead back', run: () => movePlayhead(-30) },
    { keys: ']', says: 'Playhead on', run: () => movePlayhead(30) },
    { keys: 'Ctrl Z', says: 'Undo', run: () => store.undo() },
    { keys: 'Ctrl Shift Z or Ctrl Y', says: 'Redo', run: () => store.redo() },
    { keys: 'Ctrl K', says: 'Find anything', run: acts.find },
    { keys: 'Ctrl S', says: 'Save to a file', run: acts.save },
    {
      keys: 'V',
      says: 'Front, side, in the round',
      run: acts.turn,
    },
    { keys: '+ or =', says: 'Nearer', run: () => acts.zoom(1.25) },
    { keys: '-', says: 'Further away', run: () => acts.zoom(1 / 1.25) },
    { keys: '0', says: 'Whole figure', run: acts.wholeFigure },
    { keys: 'Escape', says: 'Let go of the selection', run: () => (stage.selection = undefined) },
    { keys: '?', says: 'This list', run: acts.help },
  ]);
}
