// Property tests draw the same cases in every run, so that a red run means a changed program; SEED=… explores others.
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.SEED ?? 20261212) });
