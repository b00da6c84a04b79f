export declare function firstViews(dist: string): { within: boolean; says: string };
