import { afterAll, beforeAll } from 'vitest';
import { openBrowser, serve, type Browser, type Served } from './driver.ts';

/** The app as it is served and a browser, for the whole of the test file that takes them from here. */
export let served: Served;
export let b: Browser;
beforeAll(async () => {
  served = await serve();
  b = await openBrowser();
});
afterAll(async () => {
  await b.close();
  await served.close();
});
