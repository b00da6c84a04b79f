/** What was done, tried and seen at the bench. */

/** What has really been done. */
export interface BenchRecord {
  /** From this instant what is not done was planned anew; the plan keeps its own days while it is absent. */
  readonly from?: string;
  readonly done: readonly { readonly step: string; readonly at: string }[];
  /** What was said of pieces by touch, the latest last: it counts at once, whatever was reckoned. */
  readonly said?: readonly Said[];
  /** The instant until which somebody means to stay at the bench, whatever their week says. */
  readonly until?: string;
}

/** What somebody said of a piece in their hand. */
export interface Said {
  readonly piece: string;
  /** What was asked of it, in the terms of firming. */
  readonly question: string;
  readonly firm: boolean;
  /** Instant, ISO. */
  readonly at: string;
}

export type HomeTest = 'press' | 'pull' | 'bend' | 'spring' | 'tab';

/** A test made at the bench; what it gives replaces a typical value in everything that is reckoned. */
export interface Measurement {
  readonly id: string;
  readonly test: HomeTest;
  /** What was tested: a cake or core, a rod of the catalogue, a glue. */
  readonly of: string;
  /** `YYYY-MM-DD`. */
  readonly on: string;
  /** What was read off, by the test's own names. */
  readonly readings: Readonly<Record<string, number>>;
}

/** What somebody saw of a piece: it was just firm then, it was or was not yet, or what went wrong. */
export type Saw = 'just' | 'yes' | 'not' | 'cracked' | 'sagged' | 'squashed';

/** One look at a piece, with all that its firming was reckoned from then, so that it can be learned from anywhere. */
export interface Seen {
  readonly id: string;
  /** When it was seen, ISO with its zone. */
  readonly at: string;
  /** Names of the build and of the piece, as they were then: for reading. */
  readonly build: string;
  readonly piece: string;
  /** Ids of both; absent in looks that were kept by name alone. */
  readonly buildId?: string;
  readonly pieceId?: string;
  /** What was asked of it, in the terms of firming. */
  readonly question: string;
  readonly saw: Saw;
  /** After shaping. */
  readonly minutes: number;
  readonly note: string;
  /** A picture of it, kept in the browser. */
  readonly picture?: string;
  readonly paste: { readonly base: string; readonly gumPaste: number; readonly powder: number };
  /** The drying body, mm. */
  readonly body: {
    readonly volume: number;
    readonly area: number;
    readonly depth: number;
    readonly facing: number;
    readonly thickness: number;
    readonly kind: 'rod' | 'sheet';
    readonly coat: boolean;
  };
  /** The air it lay in: until so many hours after shaping, °C, 0–1, m/s; the last goes on. */
  readonly spells: readonly {
    readonly until?: number;
    readonly temperature: number;
    readonly humidity: number;
    readonly air: number;
    readonly wrapped?: boolean;
  }[];
  /** Free length and lean, strain it had to take, load on it, as firming asks for them. */
  readonly duty: Readonly<Record<string, number>>;
}
