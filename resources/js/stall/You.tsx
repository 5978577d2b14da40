import { Head, router, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import type { PersonView } from '@/types/stall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** What is a person's own, whatever stall they work in. */
export default function You({ person }: { person: PersonView }) {
  const form = useForm({ current: '', password: '' });
  const field = fieldsOf(form);
  const end = (id?: string) => router.delete(route('you.sign-ins.end', id ? [id] : []), { preserveScroll: true });
  return (
    <div className="mx-auto w-full max-w-[760px] px-6 py-10">
      <Head title="You" />
      <h1 className="name text-[30px]">{person.name}</h1>
      <p className="mt-1 mb-8 text-mute">{person.email}</p>
      <section aria-label="Password">
        <h2 className="name text-[19px]">Password</h2>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            form.put(route('you.password'), { preserveScroll: true, onSuccess: () => form.reset() });
          }}
          className="mt-3 grid grid-cols-[1fr_1fr_auto] items-start gap-x-8"
        >
          <TextField label="Password now" {...field('current')} type="password" autoComplete="current-password" />
          <TextField
            label="New password"
            {...field('password')}
            type="password"
            autoComplete="new-password"
            hint="Ten letters or more; a few words that nobody else puts together"
          />
          <Button type="submit" disabled={form.processing || form.data.password === ''} className="mt-4">
            Change it
          </Button>
        </form>
      </section>
      <section aria-label="Where you are signed in" className="mt-12 border-t border-line pt-5">
        <h2 className="name text-[19px]">Where you are signed in</h2>
        <p className="mt-1 mb-4 text-mute">Changing the password ends all of these but this one.</p>
        <ul>
          {person.signIns.map((s) => (
            <li
              key={s.id}
              className="flex items-baseline gap-4 border-t border-line py-2"
              data-sign-in={s.here ? 'here' : 'elsewhere'}
            >
              <b className="w-52 font-semibold">{s.place}</b>
              <span className="flex-1 text-mute">
                {s.address}, since {s.since}, {s.here ? 'here, now' : `last seen ${s.seen}`}
              </span>
              {!s.here && (
                <button
                  type="button"
                  className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
                  onClick={() => end(s.id)}
                >
                  Sign out there
                </button>
              )}
            </li>
          ))}
        </ul>
        {person.signIns.length > 1 && (
          <Button className="mt-4" onClick={() => end()}>
            Sign out everywhere else
          </Button>
        )}
      </section>
    </div>
  );
}
