/** Ziggy's route helper, put on the page by @routes. */
declare function route(name: string, params?: unknown): string;
