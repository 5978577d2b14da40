import { Head, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useHandle } from '@/lib/useStall';
import type { SettingsView } from '@/types';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { Tokens } from '@/stall/Tokens';
import { TextField } from '@/ui/TextField';

export default function Settings({ settings: s, countries }: { settings: SettingsView; countries: { code: string; name: string }[] }) {
  const handle = useHandle();
  const form = useForm({
    name: s.name,
    home_market: s.homeMarket,
    vat: s.vat,
    flat_delivery: s.flatDelivery,
    payment_fee: s.paymentFee,
    payment_fee_fixed: s.paymentFeeFixed,
    recipe_factor: s.recipeFactor,
    recipe_ending: String(s.recipeEnding),
    usd_rate: s.usdRate ?? '',
    promise_days: String(s.promiseDays),
  });
  const field = fieldsOf(form);
  return (
    <div className="mx-auto w-full max-w-[760px] px-6 py-10">
      <Head title="Settings" />
      <h1 className="name text-[30px]">Settings of {s.name}</h1>
      <p className="mt-1 mb-8 text-mute">
        The shop answers at{' '}
        <a className="text-ink underline" href={s.shopAddress}>
          {s.shopAddress}
        </a>
        . Prices are in {s.currency}, VAT included.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.put(route('settings.update', handle), { preserveScroll: true });
        }}
        className="grid grid-cols-3 gap-x-8 gap-y-6"
      >
        <TextField className="col-span-2" label="Name" {...field('name')} />
        <ChoiceField label="Home market" {...field('home_market')} choices={countries.map((c) => ({ value: c.code, label: c.name }))} />
        <h2 className="name col-span-3 mt-4 border-t border-line pt-5 text-[19px]">What every sale bears</h2>
        <TextField label="VAT in the prices" {...field('vat')} after="%" />
        <TextField label="Payment fee, of what is paid" {...field('payment_fee')} after="%" />
        <TextField label="and for each payment" {...field('payment_fee_fixed')} after={s.currency} />
        <TextField label="Delivery the shopper pays, per order" {...field('flat_delivery')} after={s.currency} />
        <TextField
          label="The shop promises delivery within"
          {...field('promise_days')}
          after="working days"
          hint="Goods that take longer are warned of in Source"
        />
        {s.currency !== 'USD' && (
          <TextField
            label="One US dollar costs"
            {...field('usd_rate')}
            after={s.currency}
            hint={`as of ${s.usdRateDay ?? 'never'}; 2% are added as a cushion`}
          />
        )}
        <h2 className="name col-span-3 mt-4 border-t border-line pt-5 text-[19px]">How prices are made</h2>
        <TextField
          label="Landed cost times"
          {...field('recipe_factor')}
          hint="Landed cost is the goods and their delivery to the home market"
        />
        <TextField label="Rounded up to end in" {...field('recipe_ending')} hint="95 makes prices such as 18.95" />
        <div className="col-span-3 pt-2">
          <Button kind="do" type="submit" disabled={form.processing}>
            Save and work out every price again
          </Button>
        </div>
      </form>
      <Tokens tokens={s.tokens} apiAddress={s.apiAddress} />
    </div>
  );
}
