import { Head, Link, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useFrame, useHandle } from '@/lib/useStall';
import type { SettingsView } from '@/types/stall';
import { turnSign } from '@/lib/turnSign';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { MoreSettings, MovingHome, StandsOn } from '@/stall/slots';
import { Tokens } from '@/stall/Tokens';
import { TextField } from '@/ui/TextField';

export default function Settings({
  settings: s,
  countries,
  currencies,
  zones,
}: {
  settings: SettingsView;
  zones: string[];
  currencies: string[];
  countries: { code: string; name: string }[];
}) {
  const handle = useHandle();
  const open = useFrame()?.shopOpen ?? false;
  const form = useForm({
    name: s.name,
    home_market: s.homeMarket,
    promise_days: String(s.promiseDays),
    zone: s.zone,
  });
  const field = fieldsOf(form);
  return (
    <div className="mx-auto w-full max-w-[760px] px-6 py-10 max-md:px-5 max-md:py-6">
      <Head title="Settings" />
      <h1 className="name text-[30px]">Settings of {s.name}</h1>
      <p className="mt-1 mb-8 text-mute">
        The shop answers at{' '}
        <a className="text-ink underline" href={s.shopAddress}>
          {s.shopAddress}
        </a>
        . Prices are in {s.currency}.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.put(route('settings.update', handle), { preserveScroll: true });
        }}
        className="grid gap-x-8 sm:grid-cols-3 gap-y-6"
      >
        <TextField className="sm:col-span-2" label="Name" {...field('name')} />
        <ChoiceField
          label="Home market"
          {...field('home_market')}
          choices={countries.map((c) => ({ value: c.code, label: c.name }))}
        />
        {/* What was chosen is told apart from what holds: the server says when the move was begun. */}
        <MovingHome home={form.recentlySuccessful ? 'asked' : s.homeMarket} />
        <TextField
          label="The shop promises delivery within"
          {...field('promise_days')}
          after="working days"
          hint="Goods that take longer are warned of in Source"
        />
        <ChoiceField
          label="Its clock"
          {...field('zone')}
          choices={zones.map((z) => ({ value: z, label: z.replaceAll('_', ' ') }))}
        />
        <p className="self-end sm:col-span-2 pb-1 text-mute">
          What every sale bears, VAT, fees and exchange rates stand on the{' '}
          <Link href={route('pricing.costs', handle)} className="text-ink underline underline-offset-4">
            cost sheet
          </Link>
          , how prices are made in the{' '}
          <Link href={route('pricing.recipes', handle)} className="text-ink underline underline-offset-4">
            recipes
          </Link>
          .
        </p>
        <div className="pt-2 sm:col-span-3">
          <Button kind="do" type="submit" disabled={form.processing}>
            Save
          </Button>
        </div>
      </form>
      <StandsOn country={s.country} currency={s.currency} countries={countries} currencies={currencies} />
      <section aria-label="The shop" className="mt-12 flex items-baseline gap-5 border-t border-line pt-5" data-sign>
        <h2 className="name text-[19px]">The shop</h2>
        <p className="flex-1 text-mute">
          {open ? 'Open to shoppers.' : 'Closed: shoppers see its name and that it isn’t open. Orders stay reachable.'}
        </p>
        <Button onClick={() => turnSign(handle, !open)}>{open ? 'Close it for a while' : 'Open the shop'}</Button>
      </section>
      <Tokens tokens={s.tokens} apiAddress={s.apiAddress} />
      <MoreSettings />
    </div>
  );
}
