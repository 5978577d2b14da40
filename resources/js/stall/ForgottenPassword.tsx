import { Head, Link, useForm, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { fieldsOf } from '@/lib/fields';
import { Door } from '@/stall/Door';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export default function ForgottenPassword() {
  const form = useForm({ email: '' });
  const field = fieldsOf(form);
  const { say } = usePage<{ say: string | null }>().props;
  return (
    <Door
      title="A new password"
      foot={
        <Link href={route('sign-in')} className="text-ink underline">
          Back to signing in
        </Link>
      }
    >
      <Head title="A new password" />
      {say ? (
        <p role="status" className="border-l-4 border-see bg-see-soft px-3 py-2">
          {say}
        </p>
      ) : (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            form.post(route('password.send'));
          }}
          className="space-y-5"
        >
          <p className="text-mute">
            Type the address you sign in with. A link by which you set a new password comes by mail.
          </p>
          <TextField label="E-mail" {...field('email')} type="email" autoComplete="username" autoFocus />
          <Button kind="do" type="submit" disabled={form.processing} className="w-full">
            Send me the link
          </Button>
        </form>
      )}
    </Door>
  );
}

ForgottenPassword.layout = (screen: ReactNode) => screen;
