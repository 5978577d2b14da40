import { Head, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

interface Props {
  countries: { code: string; name: string }[];
  currencies: string[];
  /** Names of time zones, as IANA has them. */
  zones: string[];
  shopsHost: string;
}

/** A name makes an address by itself until the address is typed. */
function addressFrom(name: string): string {
  return name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 39);
}

export default function NewStall({ countries, currencies, zones, shopsHost }: Props) {
  const form = useForm({
    name: '',
    handle: '',
    country: 'GB',
    home_market: 'GB',
    currency: 'GBP',
    vat: '20',
    flat_delivery: '2.95',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  });
  const field = fieldsOf(form);
  const [typedAddress, setTypedAddress] = useState(false);
  const places = countries.map((c) => ({ value: c.code, label: c.name }));
  return (
    <div className="mx-auto w-full max-w-[620px] px-6 py-12">
      <Head title="A new stall" />
      <h1 className="name text-[32px]">Set up a stall</h1>
      <p className="mt-1 mb-8 text-mute">
        Eight facts. The address stays; country and currency can be changed until something goes by them.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.post(route('stalls.store'));
        }}
        className="grid grid-cols-2 gap-x-8 gap-y-6"
      >
        <TextField
          className="col-span-2"
          label="Name of the stall"
          {...field('name')}
          autoFocus
          onChange={(e) => {
            form.setData((d) => ({
              ...d,
              name: e.target.value,
              handle: typedAddress ? d.handle : addressFrom(e.target.value),
            }));
          }}
        />
        <TextField
          className="col-span-2"
          label="Address of the shop"
          {...field('handle')}
          after={`.${shopsHost}`}
          spellCheck={false}
          onChange={(e) => {
            setTypedAddress(true);
            form.setData('handle', e.target.value);
          }}
        />
        <ChoiceField label="The stall’s country" {...field('country')} choices={places} />
        <ChoiceField label="Home market: where most shoppers live" {...field('home_market')} choices={places} />
        <ChoiceField
          label="Currency of the prices"
          {...field('currency')}
          choices={currencies.map((c) => ({ value: c, label: c }))}
        />
        <TextField label="VAT in the prices" {...field('vat')} after="%" inputMode="decimal" />
        <TextField
          label="Delivery the shopper pays, per order"
          {...field('flat_delivery')}
          after={form.data.currency}
          inputMode="decimal"
        />
        <ChoiceField
          label="Its clock: where you keep your hours"
          {...field('zone')}
          choices={zones.map((z) => ({ value: z, label: z.replaceAll('_', ' ') }))}
        />
        <div className="col-span-2 pt-2">
          <Button kind="do" type="submit" disabled={form.processing}>
            Set up the stall
          </Button>
        </div>
      </form>
    </div>
  );
}
