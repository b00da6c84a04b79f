import { describe, expect, it } from 'vitest';
import { JOBS, jobOf, type Blend, type School } from '../pastes/index.ts';
import { byFeel, compareSchools } from './index.ts';

const room = { temperature: 21, humidity: 50, air: 0.1 };
const damp = { ...room, humidity: 65 };
const plain: Blend = { id: 'b', name: 'B', base: 'fondant', gumPaste: 0, powder: 0 };
const at = (job: string, school: School, where = room) =>
  compareSchools(jobOf(job)!, plain, where).answers.find((a) => a.school === school)!;

describe('schools of stiffening side by side', () => {
  it('answers every school of every job with ordered bands', () => {
    for (const job of JOBS)
      for (const a of compareSchools(job, plain, room).answers) {
        for (const f of [a.firm, a.closes]) {
          expect(f.range![0]).toBeLessThanOrEqual(f.value);
          expect(f.value).toBeLessThanOrEqual(f.range![1]);
          expect(f.from!.length).toBeGreaterThan(0);
        }
      }
  });

  it('more powder carries sooner, plain paste last: common practice', () => {
    const t = (s: School) => at('carry', s).firm.value;
    expect(t('powderHigh')).toBeLessThan(t('powderLow'));
    expect(t('powderLow')).toBeLessThan(t('asItComes'));
    expect(t('gumPaste')).toBeLessThan(t('asItComes'));
  });

  it('a damp room makes every school slower', () => {
    for (const s of ['powderLow', 'gumPaste', 'readyMade'] as const)
      expect(at('carry', s, damp).firm.value).toBeGreaterThan(at('carry', s).firm.value);
  });

  it('what is meant to flex stays open longer than it takes to be picked up: common practice', () => {
    const a = at('flex', 'powderLow');
    expect(a.closes.value).toBeGreaterThan(a.firm.value);
    expect(a.cracks).toBe('seldom');
  });

  it('by feel is a wide range that holds both ends of the powder school', () => {
    const job = jobOf('carry')!;
    const feel = byFeel(job, plain, room);
    expect(feel.range![0]).toBeLessThan(at('carry', 'powderHigh').firm.value);
    expect(feel.range![1]).toBeGreaterThan(at('carry', 'powderLow').firm.value);
    expect(feel.range![1] / feel.range![0]).toBeGreaterThan(5);
  });

  it('is worked out once for a room', () => {
    const job = jobOf('pose')!;
    expect(compareSchools(job, plain, room)).toBe(compareSchools(job, { ...plain }, room));
  });
});
