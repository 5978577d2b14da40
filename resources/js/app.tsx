import './app.css';
import { createInertiaApp } from '@inertiajs/react';
import type { ComponentType, ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { Frame } from '@/frame/Frame';

type Page = { default: ComponentType & { layout?: (page: ReactNode) => ReactNode } };

// What later areas put on the screens of earlier ones.
import.meta.glob('./*/fills.ts', { eager: true });

const pages = import.meta.glob<Page>(
  './{source,bench,drift,pricing,print,shelves,delivery,offers,reviews,window,counter,opening,stall}/*.tsx',
);

void createInertiaApp({
  title: (title) => (title ? `${title} · Window Stall` : 'Window Stall'),
  resolve: async (name) => {
    const load = pages[`./${name}.tsx`];
    if (!load) throw new Error(`No screen is called ${name}.`);
    const page = await load();
    page.default.layout ??= (screen: ReactNode) => <Frame>{screen}</Frame>;
    return page.default;
  },
  setup({ el, App, props }) {
    createRoot(el).render(<App {...props} />);
  },
  progress: { color: '#8a5a00', delay: 150 },
});
