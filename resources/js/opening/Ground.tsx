import { useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';

interface Props {
  country: string;
  currency: string;
  countries: { code: string; name: string }[];
  currencies: string[];
}

/** The stall's country and currency, which can be changed as long as nothing goes by them. */
export function Ground({ country, currency, countries, currencies }: Props) {
  const handle = useHandle();
  const form = useForm({ country, currency });
  const field = fieldsOf(form);
  return (
    <section aria-label="What it stands on" className="mt-12 border-t border-line pt-5">
      <h2 className="name text-[19px]">What it stands on</h2>
      <p className="mt-1 mb-4 text-mute">
        The country can be changed until something is sold, the currency until goods lie on the bench.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.put(route('opening.ground', handle), { preserveScroll: true });
        }}
        className="grid items-end gap-x-8 gap-y-6 sm:grid-cols-3"
      >
        <ChoiceField
          label="The stall’s country"
          {...field('country')}
          choices={countries.map((c) => ({ value: c.code, label: c.name }))}
        />
        <ChoiceField
          label="Currency of the prices"
          {...field('currency')}
          choices={currencies.map((c) => ({ value: c, label: c }))}
        />
        <div>
          <Button type="submit" disabled={form.processing || !form.isDirty}>
            Change it
          </Button>
        </div>
      </form>
    </section>
  );
}
