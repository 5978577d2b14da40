import { router } from '@inertiajs/react';
import { useState, type ReactNode } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { AuditView, WrittenPageView } from '@/types/window';
import { CellField } from '@/ui/CellField';
import { SearchShows } from '@/ui/SearchShows';
import { TrayBar } from '@/window/tray/TrayBar';
import { TrayPart } from '@/window/tray/TrayPart';
import { WeightDrawer } from '@/window/tray/WeightDrawer';
import { WeightPart } from '@/window/tray/WeightPart';

const WORD = 'field-sizing-content min-w-[4ch] leading-tight font-medium text-ink';
const PICK = 'field-sizing-content border-b border-rule/40 bg-transparent leading-tight font-medium text-ink';

/** Along the bottom of a written page: where it stands, who finds it, and what search engines show. */
export function PageTray({ page, audit }: { page: WrittenPageView; audit: AuditView }) {
  const handle = useHandle();
  const [open, setOpen] = useState<string | null>(null);
  const pull = (name: string) => () => {
    setOpen(open === name ? null : name);
    // What is written meanwhile is what search engines are told.
    router.reload({ only: ['page'] });
  };
  const say = (said: Record<string, unknown>): Promise<boolean> =>
    send<WrittenPageView>('PATCH', route('window.page.update', [handle, page.id]), said)
      .then(() => {
        router.reload({ only: ['page'] });
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const folder = page.kind === 'note' ? 'notes' : 'pages';
  const stands = (
    <p className="leading-[2.1] text-mute">
      It stands at /{folder}/
      <CellField
        label="Address"
        value={page.slug}
        inputMode="text"
        onSay={(slug) => say({ slug })}
        className={WORD}
      />{' '}
      and is{' '}
      <select
        aria-label="Who finds it"
        value={page.hidden ? 'hidden' : 'found'}
        onChange={(e) => void say({ hidden: e.target.value === 'hidden' })}
        className={PICK}
      >
        <option value="found">found by everybody</option>
        <option value="hidden">seen only by whoever has its address</option>
      </select>
      .
      {page.datedOn !== '' && (
        <>
          {' '}
          It is of{' '}
          <input
            type="date"
            aria-label="The day it is of"
            value={page.datedOn}
            onChange={(e) => {
              if (e.target.value !== '') void say({ dated_on: e.target.value });
            }}
            className={PICK}
          />
          .
        </>
      )}
    </p>
  );
  const searched = (
    <>
      <p className="mb-3 leading-[2.1] text-mute">
        Search engines read{' '}
        <CellField
          label="Title for search engines"
          value={page.searchTitle}
          placeholder={page.title}
          inputMode="text"
          onSay={(search_title) => say({ search_title })}
          className={WORD}
        />{' '}
        and{' '}
        <CellField
          label="Description for search engines"
          value={page.searchWords}
          placeholder="its first words"
          inputMode="text"
          onSay={(search_words) => say({ search_words })}
          className={WORD}
        />
        .
      </p>
      <SearchShows cut={page.cut} />
    </>
  );
  const drawers: Record<string, ReactNode> = {
    address: stands,
    search: searched,
    weight: <WeightDrawer weights={audit.weights} />,
  };
  return (
    <TrayBar open={open} onClose={() => setOpen(null)} drawer={open === null ? null : drawers[open]}>
      {!['goods', 'lists', 'basket'].includes(page.kind) && (
        <>
          <TrayPart
            name="address"
            label={page.hidden ? 'Hidden, at' : 'Stands at'}
            open={open}
            onPull={pull('address')}
          >
            /{folder}/{page.slug}
          </TrayPart>
          <TrayPart name="search" label="Search engines show" open={open} onPull={pull('search')}>
            <span className="max-w-[52ch] truncate">{page.cut.title}</span>
          </TrayPart>
        </>
      )}
      <WeightPart weighs={audit.weighs} open={open} onPull={pull('weight')} />
    </TrayBar>
  );
}
