import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, vi } from 'vitest';

beforeEach(() => {
  // The names of addresses as Ziggy knows them on the page.
  vi.stubGlobal('route', (name: string, given: unknown) => `/${name}/${JSON.stringify(given)}`);
});

afterEach(cleanup);
