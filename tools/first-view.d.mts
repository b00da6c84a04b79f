export declare const FIRST_VIEW_BUDGET: number;
export declare function firstView(dist: string): { kB: number; files: number };
export declare function buildView(dist: string): { kB: number; files: number };
